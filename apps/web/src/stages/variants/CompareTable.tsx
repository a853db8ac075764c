import { cageView, type Evaluation, type LengthStyle, type Plan, type Tube, tubesIn } from '@gyrus/core';
import { useMemo } from 'react';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/figures/DrawingView.tsx';
import { litTubes } from './litTubes.ts';
import { MEASURES_OF_VARIANT, type SawnTube } from './compare.ts';

/** A variant with its answers. */
export interface Compared {
  name: string;
  plan: Plan;
  answers: Evaluation;
  tube: SawnTube;
}

interface CompareTableProps {
  caption: string;
  compared: Compared[];
  /** What is on screen, by its name. */
  current: string;
}

/** Cages beside each other, line by line; the best of a line is in bold where they differ. */
export function CompareTable({ caption, compared, current }: CompareTableProps) {
  const style = useJobStyle();
  const at = Math.max(
    0,
    compared.findIndex(({ name }) => name === current),
  );
  const lit = useMemo(
    () =>
      litTubes(
        compared.map(({ answers }) => answers),
        at,
      ),
    [compared, at],
  );
  return (
    <div className="overflow-x-auto">
      <table className="bg-sheet border-rule rounded-machined border text-left">
        <caption className="sr-only">{caption}</caption>
        <thead className="bg-sheet2 border-rule border-b">
          <tr>
            <td className="px-3 py-1.5" />
            {compared.map(({ name }) => (
              <th
                key={name}
                scope="col"
                className={`px-4 py-1.5 text-right ${name === current ? 'bg-chalk' : ''}`}
              >
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr className="border-rule border-b">
            <th scope="row" className="text-quiet px-3 py-1.5 align-bottom font-medium">
              lit: what differs
            </th>
            {compared.map(({ name, answers }, i) => (
              <td key={name} className="w-72 min-w-56 p-1">
                <SmallCage tubes={tubesIn(answers)} lit={lit[i] ?? []} />
              </td>
            ))}
          </tr>
          {MEASURES_OF_VARIANT.map((measure) => (
            <MeasureRow key={measure.name} {...{ measure, compared, style }} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

interface MeasureRowProps {
  measure: (typeof MEASURES_OF_VARIANT)[number];
  compared: Compared[];
  style: LengthStyle;
}

/** One figure of every cage. */
function MeasureRow({ measure, compared, style }: MeasureRowProps) {
  const values = compared.map(({ plan, answers, tube }) => measure.of(plan, answers, tube, style));
  const numbers = values.flatMap(({ value }) => value ?? []);
  const best = Math.min(...numbers);
  const differ = numbers.some((one) => one !== best);
  return (
    <tr className="border-rule border-b last:border-b-0">
      <th scope="row" className="text-quiet px-3 py-1.5 font-medium">
        {measure.name}
      </th>
      {values.map(({ value, text }, i) => (
        <td
          key={compared[i]?.name}
          className={`figure max-w-72 px-4 py-1.5 text-right ${differ && value === best ? 'font-bold' : ''}`}
        >
          {text}
        </td>
      ))}
    </tr>
  );
}

/** As high as it is in a row of figures. */
const SMALL = 170;
/** More stamps than these would hide the cage. */
const FEW = 5;

/** A cage from above its corner, small, with what differs lit. */
function SmallCage({ tubes, lit }: { tubes: Tube[]; lit: readonly string[] }) {
  if (tubes.length === 0) return <span className="text-quiet">no tube stands</span>;
  return (
    <FittedDrawing
      draw={(width) =>
        cageView(tubes, {
          view: 'corner',
          width,
          height: SMALL,
          selected: lit,
          stamps: lit.length <= FEW ? 'selected' : 'none',
          edge: 16,
          style: null,
        })
      }
    />
  );
}
