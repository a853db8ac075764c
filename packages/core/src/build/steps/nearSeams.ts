import { itemAt } from '../../items/index.ts';
import { type Plan } from '../../plan/index.ts';
import { distance, dot, subtract, unit, type Vec3 } from '../../space/index.ts';
import { type SeamRoom } from '../room/seamParts.ts';

/** Heat and spatter of a weld reach so far. mm, common practice */
const REACH = 500;

/** Something in the car that lies near a seam which is welded there: to be taken out, or covered. mm */
export interface NearSeam {
  kind: 'keep-out' | 'panel' | 'seat';
  /** As somebody named it. */
  name: string;
  /** The tube at whose end the nearest seam lies. */
  stamp: string;
  /** From there to it. */
  gap: number;
}

type Thing = Pick<NearSeam, 'kind' | 'name'> & { gapTo: (at: Vec3) => number };

/** What was measured in the car and lies near a seam, the nearest first. welded: the seams that are welded there. */
export function nearSeams(plan: Plan, welded: readonly SeamRoom[]): NearSeam[] {
  return thingsIn(plan)
    .flatMap(({ kind, name, gapTo }): NearSeam[] => {
      const gaps = welded.map((seam) => ({
        stamp: seam.end.tube.stamp,
        gap: Math.min(...seam.places.map(({ at }) => gapTo(at))),
      }));
      const nearest = gaps.sort((a, b) => a.gap - b.gap).at(0);
      return nearest && nearest.gap <= REACH ? [{ kind, name, ...nearest }] : [];
    })
    .sort((a, b) => a.gap - b.gap);
}

function thingsIn({ survey, occupants }: Plan): Thing[] {
  const placeOf = (at: readonly { mm: number }[]): Vec3 => [
    itemAt(at, 0).mm,
    itemAt(at, 1).mm,
    itemAt(at, 2).mm,
  ];
  return [
    ...survey.keepOuts.map(({ name, from, to }): Thing => ({
      ...{ kind: 'keep-out', name },
      gapTo: (at) => toBox(at, placeOf(from), placeOf(to)),
    })),
    ...survey.planes.map(({ name, at: on, normal, reach }): Thing => ({
      ...{ kind: 'panel', name },
      gapTo: (at) => toPanel(at, placeOf(on), placeOf(normal), reach?.mm ?? Infinity),
    })),
    ...occupants.flatMap(({ name, shoulder }): Thing[] =>
      shoulder ? [{ kind: 'seat', name, gapTo: (at) => distance(at, placeOf(shoulder)) }] : [],
    ),
  ];
}

/** From a place to a box by two opposite corners; 0 inside of it. mm */
function toBox(at: Vec3, from: Vec3, to: Vec3): number {
  const out = at.map((value, axis) => {
    const [low, high] = [Math.min(from[axis]!, to[axis]!), Math.max(from[axis]!, to[axis]!)];
    return Math.max(0, low - value, value - high);
  });
  return Math.hypot(...out);
}

/** From a place to a flat panel round a point; a panel ends its reach away from there. mm */
function toPanel(at: Vec3, on: Vec3, normal: Vec3, reach: number): number {
  const from = subtract(at, on);
  const off = Math.abs(dot(from, unit(normal)));
  const along = Math.sqrt(Math.max(0, dot(from, from) - off ** 2));
  return Math.hypot(off, Math.max(0, along - reach));
}
