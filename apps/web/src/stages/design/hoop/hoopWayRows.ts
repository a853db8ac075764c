import {
  assumed,
  type HoopLeg,
  type HoopStation,
  type HoopWayOf,
  inDegrees,
  type TakeOffHalf,
  type TakeOffRow,
  wholeMillimetres,
} from '@gyrus/core';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { into, type PlanPath } from '../../../job/store/planPath.ts';
import { type RowList, without } from '../../../job/fields/RowList.tsx';
import { takeOffRows } from '../shape/takeOffRows.ts';

type Figures = HoopWayOf<'figures'>;
type TakeOff = HoopWayOf<'take-off'>;
type Taped = HoopWayOf<'taped'>;

const figures = fieldsOf<Figures>();
const leg = fieldsOf<HoopLeg>();
const taped = fieldsOf<Taped>();
const station = fieldsOf<HoopStation>();

/** The crown of a hoop by its own figures. */
export const FIGURES = [
  figures.size('crown', 'crown between its corners, axis'),
  figures.length('aside', 'its middle left of the centre line'),
];

/** The height of a hoop that stands. */
export const TAPED = [taped.size('top', 'height over the crown')];

/** What comes after the last bend of half a hoop. */
export const TAIL = [fieldsOf<TakeOffHalf>().extent('tail', 'from there to the foot')];

/** The stretches of a leg from the crown's corner down to the foot. */
export const legRows = (
  legs: HoopLeg[],
  path: PlanPath<HoopLeg[]>,
  rest: (legs: HoopLeg[]) => Figures,
): RowList<HoopLeg, Figures> => ({
  path,
  fields: () => [
    leg.size('length', 'length on the axis'),
    leg.angle('lean', 'leans in', { least: -60, most: 60 }),
  ],
  names: legs.map((_, i) =>
    legs.length === 1 ? 'leg' : i === legs.length - 1 ? 'leg to the foot' : `leg ${i + 1} from the crown`,
  ),
  what: 'leg below it',
  added: () => rest([...legs, FRESH_LEG]),
  removed: (i) => rest(without(legs, i)),
});

const FRESH_LEG = assumed({ length: wholeMillimetres(300), lean: inDegrees(0) });

/** Bends of half a hoop from its centre mark. */
export const halfRows = (
  way: TakeOff,
  half: TakeOffHalf,
  path: PlanPath<TakeOffHalf>,
  rest: (half: TakeOffHalf) => TakeOff,
): RowList<TakeOffRow, TakeOff> =>
  takeOffRows(half.rows, way.sample, into(path, 'rows'), (rows) => rest({ ...half, rows }));

/** Widths of a hoop that stands, from the feet up. */
export const tapedRows = (way: Taped, path: PlanPath<Taped>): RowList<HoopStation, Taped> => ({
  path: into(path, 'stations'),
  fields: () => [
    station.extent('height', 'height above what it stands on'),
    station.size('width', 'outside to outside'),
    station.length('left', 'of it left of the centre line', { optional: true }),
  ],
  names: way.stations.map((_, i) =>
    i === 0
      ? 'width at the feet'
      : i === way.stations.length - 1
        ? 'highest width, below the crown'
        : `width at bend ${i} from the feet`,
  ),
  what: 'width',
  added: () => ({ ...way, stations: withOneMore(way.stations) }),
  removed: (i) => ({ ...way, stations: without(way.stations, i) }),
});

/** One more between the highest and the one below it. */
function withOneMore(stations: HoopStation[]): HoopStation[] {
  const [below, last] = [stations.at(-2), stations.at(-1)];
  if (!below || !last) return stations;
  const middle = (a: number, b: number) => wholeMillimetres((a + b) / 2);
  const between = assumed({
    height: middle(below.height.mm, last.height.mm),
    width: middle(below.width.mm, last.width.mm),
    left: null,
  });
  return [...stations.slice(0, -1), between, last];
}
