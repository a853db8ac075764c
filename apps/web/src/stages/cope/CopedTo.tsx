import { type EndCut, type Plan } from '@gyrus/core';
import { type Draft } from 'immer';
import { X } from 'lucide-react';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { SelectField } from '../../shared/fields/SelectField.tsx';

type Override = Plan['copeOverrides'][number];

/** Which tubes cut this end: they follow from the fit order; here one is left out, or another taken. */
export function CopedTo({ cut }: { cut: EndCut }) {
  const overrides = usePlan().copeOverrides.filter(
    ({ piece, end }) => piece === cut.piece && end === cut.end,
  );
  const pieces = useEvaluation().members.flatMap((member) => member.pieces);
  const change = usePlanStore((state) => state.change);
  const stampOf = (piece: string) => pieces.find((one) => one.piece === piece)?.stamp ?? piece;
  const set = (header: string, coped: boolean | null) =>
    change(`copeOverrides/${cut.piece}/${cut.end}/${header}`, (plan: Draft<Plan>) => {
      const isThis = (one: Override) =>
        one.piece === cut.piece && one.end === cut.end && one.header === header;
      plan.copeOverrides = plan.copeOverrides.filter((one) => !isThis(one));
      if (coped !== null) plan.copeOverrides.push({ piece: cut.piece, end: cut.end, header, coped });
    });
  const left = overrides.filter(({ coped }) => !coped);
  const others = pieces.filter(
    ({ piece }) =>
      piece !== cut.piece &&
      !cut.headerPieces.includes(piece) &&
      left.every(({ header }) => header !== piece),
  );
  return (
    <div className="flex flex-wrap items-end gap-3">
      {cut.headerPieces.map((piece) => (
        <Button
          key={piece}
          aria-label={`Not cut by ${stampOf(piece)}`}
          onClick={() =>
            set(piece, overrides.some(({ header, coped }) => header === piece && coped) ? null : false)
          }
        >
          cut by {stampOf(piece)}
          <X aria-hidden="true" className="ml-1.5 inline size-4" />
        </Button>
      ))}
      {left.map(({ header }) => (
        <Button key={header} kind="quiet" onClick={() => set(header, null)}>
          {stampOf(header)} left out: take it again
        </Button>
      ))}
      <div className="w-44">
        <SelectField
          label="also cut by"
          value=""
          options={[
            { value: '', text: 'no other' },
            ...others.map(({ piece, stamp }) => ({ value: piece, text: stamp })),
          ]}
          onChange={({ target }) => target.value && set(target.value, true)}
        />
      </div>
    </div>
  );
}
