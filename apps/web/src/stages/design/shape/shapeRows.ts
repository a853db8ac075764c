import { assumed, type BarShape, inDegrees, type Vec3, wholeMillimetres } from '@gyrus/core';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';
import { into, narrowed, type PlanPath } from '../../../job/store/planPath.ts';

type OfKind<K extends BarShape['kind']> = Extract<BarShape, { kind: K }>;
type Through = OfKind<'through'>;
type Stations = OfKind<'stations'>;
type TakeOff = OfKind<'take-off'>;

/** The list of a shape that has one: points, offsets or bends, to be edited row by row. */
export interface ShapeRows<Row = unknown> {
  path: PlanPath<Row[]>;
  fields: readonly RecordField<Row>[];
  /** What each row is called. */
  names: readonly string[];
  /** What is added, by its name. */
  what: string;
  added: () => BarShape;
  removed: (i: number) => BarShape;
}

/** Rows of points, in the car's frame. mm. `a` and `b` are where the bar ends. */
export function throughRows(
  shape: Through,
  path: PlanPath<BarShape>,
  a: Vec3,
  b: Vec3,
): ShapeRows<Through['via'][number]> {
  return {
    path: into(narrowed<BarShape, Through>(path), 'via'),
    fields: [fieldsOf<Through['via'][number]>().place('at', 'corner of the axes')],
    names: shape.via.map(({ feature }) => `bends at ${feature.replaceAll('-', ' ')}`),
    what: 'bend at a point',
    added: () => ({ ...shape, via: [...shape.via, newVia(shape, a, b)] }),
    removed: (i) => ({ ...shape, via: without(shape.via, i) }),
  };
}

const station = fieldsOf<Stations['stations'][number]>();

/** Rows of offsets from a straight edge. */
export function stationRows(
  shape: Stations,
  path: PlanPath<BarShape>,
): ShapeRows<Stations['stations'][number]> {
  const last = shape.stations.at(-1)?.along.mm ?? 0;
  const fresh = assumed({ along: wholeMillimetres(last + 50), offset: wholeMillimetres(0) });
  return {
    path: into(narrowed<BarShape, Stations>(path), 'stations'),
    fields: [station.extent('along', 'along the straight edge'), station.length('offset', 'offset')],
    names: shape.stations.map((_, i) => `offset ${i + 1}`),
    what: 'offset',
    added: () => ({ ...shape, stations: [...shape.stations, fresh] }),
    removed: (i) => ({ ...shape, stations: without(shape.stations, i) }),
  };
}

const bend = fieldsOf<TakeOff['rows'][number]>();
const FRESH_BEND = assumed({
  straight: wholeMillimetres(200),
  rotation: inDegrees(0),
  angle: inDegrees(30),
});

/** Rows of straights and angles, as a take-off lists them. */
export function takeOffRows(shape: TakeOff, path: PlanPath<BarShape>): ShapeRows<TakeOff['rows'][number]> {
  return {
    path: into(narrowed<BarShape, TakeOff>(path), 'rows'),
    fields: [
      bend.extent('straight', 'straight before'),
      bend.angle('angle', 'bend', { above: 0 }),
      bend.angle('rotation', 'turned from the last'),
    ],
    names: shape.rows.map((_, i) => `bend ${i + 1}`),
    what: 'bend',
    added: () => ({ ...shape, rows: [...shape.rows, FRESH_BEND] }),
    removed: (i) => ({ ...shape, rows: without(shape.rows, i) }),
  };
}

const without = <T>(rows: readonly T[], i: number): T[] => rows.filter((_, index) => index !== i);

const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** Halfway between the last corner and end B, under a name that is free. */
function newVia({ via }: Through, a: Vec3, [bx, by, bz]: Vec3): Through['via'][number] {
  const last = via.at(-1);
  const [x, y, z] = last ? [last.at[0].mm, last.at[1].mm, last.at[2].mm] : a;
  const taken = new Set(via.map(({ feature }) => feature));
  const letter = [...LETTERS].find((one) => !taken.has(`bend-${one}`)) ?? 'z';
  return {
    feature: `bend-${letter}`,
    at: assumed([
      wholeMillimetres((x + bx) / 2),
      wholeMillimetres((y + by) / 2),
      wholeMillimetres((z + bz) / 2),
    ]),
  };
}
