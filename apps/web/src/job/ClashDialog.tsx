import {
  type Choices,
  fieldKey,
  type LengthStyle,
  type MergeSide,
  type Plan,
  type PlanClash,
  recordOf,
} from '@gyrus/core';
import { planFieldWords, planValueWords } from '@gyrus/formats';
import { useState } from 'react';
import { toast } from '../shared/frame/toast.ts';
import { Button } from '../shared/frame/Button.tsx';
import { Dialog } from '../shared/frame/Dialog.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';
import { settleClash } from './store/merging.ts';
import { type Clashing, openDoc, usePlan, usePlanStore } from './store/planStore.ts';
import { useJobStyle } from './useJobStyle.ts';

/** Fields that two people changed each in their own way: asked one by one. All else is in it already, from both. */
export function ClashDialog() {
  const clash = usePlanStore((store) => store.clash);
  return clash ? <Asked key={clash.revision?.id} clash={clash} /> : null;
}

function Asked({ clash }: { clash: Clashing }) {
  const mine = usePlan();
  const style = useJobStyle();
  const [choices, setChoices] = useState<Choices>({});
  const [busy, setBusy] = useState(false);
  const open = clash.clashes.filter(({ path }) => choices[fieldKey(path)] === undefined).length;
  const all = (side: MergeSide) =>
    setChoices(Object.fromEntries(clash.clashes.map(({ path }) => [fieldKey(path), side])));
  const settle = async () => {
    const doc = openDoc();
    if (!doc) return;
    setBusy(true);
    await settleClash(doc, clash, choices).catch((error: unknown) => toast.error(String(error)));
    setBusy(false);
  };
  const from = clash.revision ? `revision ${clash.revision.number}` : 'the window that was closed';
  return (
    <Dialog wide kept open title="Both of you changed this" onClose={null}>
      <p className="mb-3">
        {clash.fallen.length > 0
          ? `Put together, ${clash.fallen.join(', ')} would stand nowhere, which stands with either of you: choose one whole plan.`
          : `Choose for each. Everything else of ${from} and of yours goes together by itself; Undo takes it apart again.`}
      </p>
      <table className="w-full text-left" aria-label="Fields that both changed">
        <thead className="text-quiet border-rule border-b text-sm">
          <tr>
            <th className="py-1 font-medium">field</th>
            <th className="font-medium">yours</th>
            <th className="font-medium">{from}</th>
          </tr>
        </thead>
        <tbody>
          {clash.clashes.map((one) => (
            <ClashRow
              key={fieldKey(one.path)}
              clash={one}
              plans={[mine, clash.plan, clash.base]}
              style={style}
              chosen={choices[fieldKey(one.path)]}
              onChoose={(side) => setChoices({ ...choices, [fieldKey(one.path)]: side })}
            />
          ))}
        </tbody>
      </table>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button kind="strong" disabled={open > 0 || busy} onClick={() => void settle()}>
          {open > 0 ? `${open} still to choose` : 'Go on with these'}
        </Button>
        {clash.clashes.length > 1 && (
          <>
            <Button onClick={() => all('mine')}>All yours</Button>
            <Button onClick={() => all('theirs')}>All of {from}</Button>
          </>
        )}
      </div>
    </Dialog>
  );
}

interface ClashRowProps {
  clash: PlanClash;
  plans: Plan[];
  style: LengthStyle;
  chosen: MergeSide | undefined;
  onChoose: (side: MergeSide) => void;
}

function ClashRow({ clash, plans, style, chosen, onChoose }: ClashRowProps) {
  const name = planFieldWords(clash.path, plans);
  const others = clash.with.map((path) => planFieldWords(path, plans));
  return (
    <tr className="border-rule border-b">
      <th scope="row" className="py-1.5 pr-3 font-semibold">
        {name}
        {others.length > 0 && (
          <span className="text-quiet block text-sm font-medium">
            with {others.join(', ')}, which stands on it
          </span>
        )}
      </th>
      {(['mine', 'theirs'] as const).map((side) => (
        <td key={side} className="py-1.5 pr-2">
          <Button
            aria-pressed={chosen === side}
            aria-label={`${name}: ${side === 'mine' ? 'yours' : 'theirs'}`}
            kind={chosen === side ? 'strong' : 'plain'}
            className="figure w-full"
            onClick={() => onChoose(side)}
          >
            <span>
              <Typeset text={shown(clash, side, style)} />
            </span>
          </Button>
        </td>
      ))}
    </tr>
  );
}

function shown(clash: PlanClash, side: MergeSide, style: LengthStyle): string {
  if (clash.path.length === 0) return 'this plan';
  const value = clash[side];
  if (value === undefined) return 'taken out';
  const words = planValueWords(value, style);
  const other = planValueWords(clash[side === 'mine' ? 'theirs' : 'mine'], style);
  if (words !== other) return words;
  // Two values that look alike in the job's unit are told apart by what was typed.
  const { typed } = recordOf(value);
  return typeof typed === 'string' ? typed : words;
}
