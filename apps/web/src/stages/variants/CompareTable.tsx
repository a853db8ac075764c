import { type Evaluation, type Plan } from '@gyrus/core';
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
          {MEASURES_OF_VARIANT.map((measure) => {
            const values = compared.map(({ plan, answers, tube }) => measure.of(plan, answers, tube));
            const numbers = values.flatMap(({ value }) => value ?? []);
            const best = Math.min(...numbers);
            const differ = numbers.some((one) => one !== best);
            return (
              <tr key={measure.name} className="border-rule border-b last:border-b-0">
                <th scope="row" className="text-quiet px-3 py-1.5 font-medium">
                  {measure.name}
                </th>
                {values.map(({ value, text }, i) => (
                  <td
                    key={compared[i]?.name}
                    className={`figure px-4 py-1.5 text-right ${differ && value === best ? 'font-bold' : ''}`}
                  >
                    {text}
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
