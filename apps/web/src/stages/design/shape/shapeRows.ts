import { assumed, type BarShape, type Vec3, wholeMillimetres } from '@gyrus/core';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { into, narrowed, type PlanPath } from '../../../job/store/planPath.ts';
import { type RowList, without } from '../../../job/fields/RowList.tsx';

type OfKind<K extends BarShape['kind']> = Extract<BarShape, { kind: K }>;
type Through = OfKind<'through'>;
type Stations = OfKind<'stations'>;

/** Rows of points, in the car's frame. mm. `a` and `b` are where the bar ends. */
export function throughRows(
  shape: Through,
  path: PlanPath<BarShape>,
  a: Vec3,
  b: Vec3,
): RowList<Through['via'][number], BarShape> {
  return {
    path: into(narrowed<BarShape, Through>(path), 'via'),
    fields: () => [fieldsOf<Through['via'][number]>().place('at', 'corner of the axes')],
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
): RowList<Stations['stations'][number], BarShape> {
  const last = shape.stations.at(-1)?.along.mm ?? 0;
  const fresh = assumed({ along: wholeMillimetres(last + 50), offset: wholeMillimetres(0) });
  return {
    path: into(narrowed<BarShape, Stations>(path), 'stations'),
    fields: () => [station.extent('along', 'along the straight edge'), station.length('offset', 'offset')],
    names: shape.stations.map((_, i) => `offset ${i + 1}`),
    what: 'offset',
    added: () => ({ ...shape, stations: [...shape.stations, fresh] }),
    removed: (i) => ({ ...shape, stations: without(shape.stations, i) }),
  };
}

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
