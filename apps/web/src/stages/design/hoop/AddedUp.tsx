import {
  bendRoomOf,
  type CarSide,
  formatAngle,
  formatLength,
  hoopFeatures,
  type HoopWayOf,
  type MainHoop,
  takeOff,
  type TakeOffHalf,
  type TakeOffLine,
  takenOff,
} from '@gyrus/core';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';

/** A hoop of straights and bends added up on the tape, from its centre mark to each foot. */
export function AddedUp({ hoop, way }: { hoop: MainHoop; way: HoopWayOf<'take-off'> }) {
  const { left, right } = way;
  return (
    <div className="grid gap-x-8 md:grid-cols-2">
      <HalfAddedUp {...{ hoop, way }} half={left} side="left" name={right ? 'left half' : 'each half'} />
      {right && <HalfAddedUp {...{ hoop, way }} half={right} side="right" name="right half" />}
    </div>
  );
}

interface HalfAddedUpProps {
  hoop: MainHoop;
  way: HoopWayOf<'take-off'>;
  half: TakeOffHalf;
  side: CarSide;
  name: string;
}

function HalfAddedUp({ hoop, way, half, side, name }: HalfAddedUpProps) {
  const style = useJobStyle();
  const { dies } = usePlan();
  const features = hoopFeatures(half.rows.length).map((feature) => `${feature}-${side}`);
  const found = takenOff({ ...half, sample: way.sample }, features, bendRoomOf(hoop, dies));
  if (!found.ok) return null;
  const figure = (mm: number) => <Typeset text={formatLength(mm, style)} />;
  return (
    <table className="w-full text-right">
      <caption className="text-quiet mb-1 text-left text-sm">Added up from the centre mark, {name}</caption>
      <thead className="text-quiet text-sm">
        <tr className="border-rule border-b">
          <th className="py-1 text-left font-medium">what</th>
          <th className="font-medium">takes</th>
          <th className="font-medium">so far</th>
        </tr>
      </thead>
      <tbody className="figure">
        {takeOff(found.value.lines).map(({ line, uses, total }, i) => (
          <tr key={i} className="border-rule border-b">
            <td className="font-label py-1.5 text-left">{lineName(line)}</td>
            <td>{figure(uses)}</td>
            <td className="font-semibold">{figure(total)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const lineName = (line: TakeOffLine): string =>
  line.kind === 'bend' ? `bend of ${formatAngle(line.angle)}°` : 'straight';
