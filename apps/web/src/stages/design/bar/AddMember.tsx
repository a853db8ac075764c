import { type Addable, type Added, addRole, addWithNeeds } from '../../../job/addRole.ts';
import { type BarRole, demandedRoles, mainHoopOf, recommendedRole, USUAL_ORDER, waysOf } from '@gyrus/core';
import { ROLE_REASONS, roleWords } from '@gyrus/formats';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useShop } from '../../../shared/server/queries.ts';
import { Button } from '../../../shared/frame/Button.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';

/** Adds bars of a role in the usual order of work, with ends and a shape proposed from what stands already. */
export function AddMember({ onAdded }: { onAdded: (piece: string) => void }) {
  const plan = usePlan();
  const next = recommendedRole(plan);
  const [chosen, setChosen] = useState<Addable | null>(null);
  const [wanted, setWay] = useState('');
  const role = chosen ?? next;
  const ways = role === 'main-hoop' ? [] : waysOf(role, mainHoopOf(plan) !== undefined);
  const way = ways.includes(wanted) ? wanted : (ways[0] ?? '');
  const { add, addFirst, refused, forget, trying } = useAdding({
    role,
    way,
    onAdded: (piece) => {
      // What was chosen meanwhile stays chosen.
      setChosen((now) => (now === chosen ? null : now));
      onAdded(piece);
    },
  });
  return (
    <div className="space-y-1">
      <div className="flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <RoleSelect
            role={role}
            next={next}
            onChoose={(one) => {
              setChosen(one);
              forget();
            }}
          />
        </div>
        {ways.length > 0 && (
          <div className="min-w-0 flex-1">
            <SelectField
              label="built"
              value={way}
              options={ways.map((one) => ({ value: one, text: one }))}
              onChange={(event) => setWay(event.target.value)}
            />
          </div>
        )}
        <Button disabled={trying} onClick={add}>
          <Plus aria-hidden="true" className="size-5" />
          Add
        </Button>
      </div>
      <Refusal refused={refused} trying={trying} onFirst={addFirst} />
      <p className="text-quiet text-sm">{role === 'main-hoop' ? HOOP_REASON : ROLE_REASONS[role]}</p>
    </div>
  );
}

interface RefusalProps {
  refused: Refused;
  trying: boolean;
  onFirst: () => void;
}

/** Why nothing was added; and what must stand first, to be added with it in one press. */
function Refusal({ refused: { why, needs }, trying, onFirst }: RefusalProps) {
  if (why === '') return null;
  return (
    <div className="border-look space-y-2 border-l-4 pl-3">
      <p role="alert">
        <Typeset text={why} />
      </p>
      {needs && (
        <Button disabled={trying} onClick={onFirst}>
          <Plus aria-hidden="true" className="size-5" />
          Add the {roleWords(needs)} first, and this on it
        </Button>
      )}
    </div>
  );
}

const HOOP_REASON = 'Behind the driver, over the head: what everything else stands on.';

interface RoleSelectProps {
  role: Addable;
  /** What comes next in the usual order of work. */
  next: BarRole;
  onChoose: (role: Addable | null) => void;
}

/** Every role, with what comes next and what the chosen books demand and is not there marked. */
function RoleSelect({ role, next, onChoose }: RoleSelectProps) {
  const plan = usePlan();
  const demanded = demandedRoles(useEvaluation().findings);
  const all: readonly Addable[] = mainHoopOf(plan) ? USUAL_ORDER : ['main-hoop', ...USUAL_ORDER];
  const words = (one: Addable) => {
    const marks = [
      one === next && 'next',
      one !== 'main-hoop' && demanded.has(one) && 'the rule book asks for it',
    ].filter(Boolean);
    return marks.length > 0 ? `${roleWords(one)} (${marks.join(', ')})` : roleWords(one);
  };
  return (
    <SelectField
      label="add, in the usual order of work"
      value={role}
      options={all.map((one) => ({ value: one, text: words(one) }))}
      onChange={(event) => onChoose(all.find((one) => one === event.target.value) ?? null)}
    />
  );
}

interface Adding {
  role: Addable;
  way: string;
  onAdded: (piece: string) => void;
}

/** Tries a bar in the cage and puts it in; says why where it is refused, and what must stand first. */
function useAdding({ role, way, onAdded }: Adding) {
  const shop = useShop().data;
  const style = useJobStyle();
  const [refused, setRefused] = useState<Refused>(NOT_REFUSED);
  const [trying, setTrying] = useState(false);
  const tried = async (how: typeof addRole) => {
    setTrying(true);
    const added = await how(role, way, { shop, style }).finally(() => setTrying(false));
    setRefused('why' in added ? added : NOT_REFUSED);
    if (!('why' in added)) onAdded(added.piece);
  };
  return {
    add: () => void tried(addRole),
    addFirst: () => void tried(addWithNeeds),
    refused,
    forget: () => setRefused(NOT_REFUSED),
    trying,
  };
}

/** Why nothing was added, and what must stand first where that is it. */
type Refused = Extract<Added, { why: string }>;
const NOT_REFUSED: Refused = { why: '' };
