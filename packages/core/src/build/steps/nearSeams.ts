import { offKeepOut, placeOf } from '../../cage/index.ts';
import { type Plan } from '../../plan/index.ts';
import { distance, dot, length, subtract, unit, type Vec3 } from '../../space/index.ts';
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
  return [
    ...survey.keepOuts.map((box): Thing => ({
      ...{ kind: 'keep-out', name: box.name },
      gapTo: (at) => offKeepOut(box, at),
    })),
    ...survey.planes.flatMap((panel): Thing[] => {
      const normal = placeOf(panel.normal);
      // One that faces nowhere is told as such where it is entered.
      if (length(normal) === 0) return [];
      const [on, facing, reach] = [placeOf(panel.at), unit(normal), panel.reach?.mm ?? Infinity];
      return [{ kind: 'panel', name: panel.name, gapTo: (at) => toPanel(subtract(at, on), facing, reach) }];
    }),
    ...occupants.flatMap(({ name, shoulder }): Thing[] =>
      shoulder ? [{ kind: 'seat', name, gapTo: (at) => distance(at, placeOf(shoulder)) }] : [],
    ),
  ];
}

/** From a place to a flat panel that ends its reach away from its point. from: of that point to the place; facing: length 1. mm */
function toPanel(from: Vec3, facing: Vec3, reach: number): number {
  const off = Math.abs(dot(from, facing));
  const along = Math.sqrt(Math.max(0, dot(from, from) - off ** 2));
  return Math.hypot(off, Math.max(0, along - reach));
}
