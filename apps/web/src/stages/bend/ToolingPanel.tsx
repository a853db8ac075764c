import { CATALOGUE, type Die, type Member } from '@gyrus/core';
import { dieWords } from '@gyrus/formats';
import { Link } from 'react-router';
import { PlanField } from '../../job/fields/PlanField.tsx';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { memberField, useMemberEdit } from '../../job/fields/useMember.ts';
import { useShop } from '../../shared/server/queries.ts';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { SpringbackChoice } from './SpringbackChoice.tsx';

const GROWTH = [
  { value: 'no', text: 'die radius' },
  { value: 'yes', text: 'grown radius' },
] as const;

/** Which die, which school of springback, and what is left on the ends. The plan pins the die as it is chosen. */
export function ToolingPanel({ member, ends }: { member: Member; ends: [a: string, b: string] }) {
  const edit = useMemberEdit(member.id);
  return (
    <div className="space-y-4">
      <h2 className="text-lg">Tooling</h2>
      <DieChoice member={member} />
      <SpringbackChoice member={member} />
      <Segmented
        label="marks by"
        value={member.bending.growRadius ? 'yes' : 'no'}
        options={GROWTH}
        onChange={(value) => edit('growRadius', (draft) => void (draft.bending.growRadius = value === 'yes'))}
      />
      <div className="grid grid-cols-2 gap-3">
        <TrimField member={member} which="trimA" label={`trim at A (${ends[0]})`} />
        <TrimField member={member} which="trimB" label={`trim at B (${ends[1]})`} />
      </div>
    </div>
  );
}

function TrimField({ member, which, label }: { member: Member; which: 'trimA' | 'trimB'; label: string }) {
  const style = useJobStyle();
  return (
    <PlanField
      label={label}
      field={`member/${member.id}/${which}`}
      kind={lengthKind(style, { least: 0 })}
      value={member.bending[which]}
      set={memberField(member.id, (draft, value) => (draft.bending[which] = value))}
    />
  );
}

function DieChoice({ member }: { member: Member }) {
  const { dies } = usePlan();
  const shop = useShop().data;
  const change = usePlanStore((state) => state.change);
  const inShop = shop?.machines.flatMap((machine) => machine.dies) ?? [];
  const pinned = dies.find((die) => die.id === member.bending.die) ?? null;
  const choose = (id: string) => {
    const die = inShop.find((one) => one.id === id);
    if (die)
      change(`member/${member.id}/die`, (plan) => {
        const draft = plan.members.find((one) => one.id === member.id);
        if (!draft) return;
        draft.bending = { ...draft.bending, die: die.id, clampSideAt: {} };
        plan.dies = [...plan.dies.filter((one) => one.id !== die.id && isUsed(plan.members, one.id)), die];
      });
  };
  if (inShop.length === 0)
    return (
      <p>
        The shop has no die yet.{' '}
        <Link to="/shop" className="font-semibold underline">
          Add a machine and a die at Shop
        </Link>
        .
      </p>
    );
  return (
    <SelectField
      label="die"
      value={member.bending.die ?? ''}
      options={dieOptions(inShop, pinned, member.tube.od.mm)}
      onChange={(event) => choose(event.target.value)}
    />
  );
}

const isUsed = (members: { bending: Member['bending'] }[], id: string): boolean =>
  members.some(({ bending }) => bending.die === id || Object.values(bending.dieAt).includes(id));

/** A die takes one diameter: 45 mm is not 1 3/4 in. */
const fits = (die: Die, od: number): boolean => Math.abs(die.od.mm - od) <= CATALOGUE;

function dieOptions(inShop: Die[], pinned: Die | null, od: number) {
  const name = (die: Die) =>
    `${die.machine}: ${die.name} (${dieWords(die)}${fits(die, od) ? '' : '; does not fit this tube'})`;
  const options = inShop.map((die) => ({ value: die.id, text: name(die) }));
  if (!pinned) return [{ value: '', text: 'choose a die' }, ...options];
  return inShop.some((die) => die.id === pinned.id)
    ? options
    : [{ value: pinned.id, text: `${name(pinned)} (no longer at Shop)` }, ...options];
}
