import { type Figure, type HoopGeometry } from '@gyrus/core';
import { featureName, figureWords, footSawWords, footWords, resultWords } from '@gyrus/formats';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';

/** Every derived figure with how it came about, a press away. */
export function HoopFigures({ hoop }: { hoop: HoopGeometry }) {
  const style = useJobStyle();
  const { figures } = hoop;
  const rows: [string, Figure][] = [
    ["height of the crown's axis", figures.crownHeight],
    ['total height', figures.totalHeight],
    ['foot to top, along the hoop', figures.benchHeight],
    ['feet, between axes', figures.feetApart],
    ['feet, outside to outside', figures.feetOutside],
    ['corners, between axes', figures.cornersApart],
    ...figures.legLeans.flatMap(({ side, leans }) =>
      leans.map((lean, i): [string, Figure] => [`${legName(i, leans.length)} leans in, ${side}`, lean]),
    ),
    ...figures.bends.map(({ feature, angle }): [string, Figure] => [
      `bend at the ${featureName(feature)}`,
      angle,
    ]),
  ];
  return (
    <div className="grid gap-x-8 md:grid-cols-2">
      {rows.map(([name, figure]) => (
        <Disclosure
          key={name}
          className="border-rule border-b"
          summaryClassName="min-h-10"
          summary={
            <>
              <span className="flex-1">{name}</span>
              <span className="figure font-semibold">
                <Typeset text={resultWords(figure, style)} />
              </span>
            </>
          }
        >
          <p className="figure text-quiet pb-2 text-sm">
            <Typeset text={figureWords(figure, style)} />
          </p>
        </Disclosure>
      ))}
      {hoop.feet.map((foot) => (
        <div
          key={foot.side}
          className="border-rule flex min-h-10 items-center justify-between gap-3 border-b"
        >
          <span>foot's cut, seen from behind</span>
          <span className="figure text-right font-semibold">
            {footWords(foot)}; {footSawWords(foot)}
          </span>
        </div>
      ))}
    </div>
  );
}

/** What a stretch of a leg is called, counted from the foot up. */
function legName(i: number, count: number): string {
  if (count === 1) return 'leg';
  if (count === 2) return i === 0 ? 'lower leg' : 'upper leg';
  return `leg ${i + 1} from the foot`;
}
