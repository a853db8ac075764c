import { itemAt } from '../../items/index.ts';
import { type Attachment, type BarShape } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type Draft, type Needs, type NoPlace, type Standing } from './draft.ts';
import { fittingOffset, placeAtHeight, rowIn } from './fitting.ts';
import { height, length, place, station } from './write.ts';
import { type Arrangement } from './ways.ts';

/** A role's bars in the cage as it stands, built in a way: drafts, what they need first, or why there is no place. */
export type Proposal = (standing: Standing, way: Arrangement) => Draft[] | Needs | NoPlace;

/** The hoop's left crown. mm, car's frame */
export const crownOf = ({ geometry }: NonNullable<Standing['hoop']>): Vec3 =>
  itemAt(geometry.points, geometry.features.indexOf('crown-left') + 1);

/** The legs in front, whichever way they were built. */
export const legsOf = ({ members }: Standing) =>
  members.get('side-hoop') ?? members.get('front-leg') ?? members.get('front-hoop');

/** A proposal that hangs on the main hoop, and asks for it where it is missing. */
export const withHoop =
  (
    proposal: (
      hoop: { id: string; crown: Vec3; floor: number; on: (feature: string, along?: number) => Attachment },
      standing: Standing,
      way: Arrangement,
    ) => Draft[] | Needs | NoPlace,
  ): Proposal =>
  (standing, way) => {
    const { hoop } = standing;
    if (!hoop) return { needs: 'main-hoop' };
    const [, floor] = itemAt(hoop.geometry.points, 0);
    const on = (feature: string, along = 0) => station({ member: hoop.id }, feature, along);
    return proposal({ id: hoop.id, crown: crownOf(hoop), floor, on }, standing, way);
  };

/** The front corner on one side, on what there is: the leg's bend at the screen's head, or the halo's corner. */
export function frontCorner(standing: Standing, side: 'left' | 'right'): Attachment | Needs {
  const legs = standing.members.get('side-hoop');
  if (legs) return station({ member: legs.id, side }, 'pillar-top');
  const front = standing.members.get('front-hoop');
  if (front) return station({ member: front.id }, `crown-${side}`);
  const halo = standing.members.get('halo');
  if (halo) return station({ member: halo.id }, `front-${side}`);
  const roof = standing.members.get('roof-bar') ?? standing.members.get('front-leg');
  return roof ? station({ member: roof.id, side }, 'end-b') : { needs: 'side-hoop' };
}

/** Whether there is nothing yet to stand on. */
export const isNeed = (one: Attachment | Needs): one is Needs => 'needs' in one;

/** Two ends on both sides of the car, at a height on a pair. */
export const acrossAt = (member: string, z: number): [Attachment, Attachment] => [
  height(member, 'left', z),
  height(member, 'right', z),
];

/** A step over to a line beside it that the die makes between the legs of a member, as near to what is wanted as it can. */
export function offsetShape(
  { tubes, room }: Standing,
  towards: 'rear' | 'up',
  wanted: { offset: number; flat: number; centre: number },
  member: string,
  z: number,
): BarShape {
  const [left, right] = (['left', 'right'] as const).map((side) =>
    placeAtHeight(rowIn(tubes, member, side), z, side),
  );
  const fitting = left && right ? fittingOffset(wanted, towards, distance(left, right), room) : wanted;
  return {
    kind: 'offset',
    towards,
    offset: length(fitting.offset),
    flat: length(fitting.flat),
    centre: length(fitting.centre),
    angle: null,
  };
}

type Via = { feature: string; at: ReturnType<typeof place> };

/** Where a side hoop bends until the pillar is measured: at the cowl, at the head of the screen, over the door. mm */
export const pillarPoints = (crown: Vec3, floor: number): Via[] => [
  { feature: 'pillar-foot', at: place([980, floor * 0.98, 640]) },
  { feature: 'pillar-top', at: place([crown[0] + 560, crown[1] * 0.95, crown[2] - 14]) },
  { feature: 'roof-rail', at: place([crown[0] + 240, crown[1] * 0.99, crown[2] - 3]) },
];

/** Where a rear cross goes: a little over a third of the hoop's height; halfway up the backstays where there is no hoop. mm */
export function rearHeight({ hoop, tubes, members }: Standing): number {
  if (hoop) return crownOf(hoop)[2] * 0.36;
  const stay = tubes.find((tube) => tube.member === members.get('backstay')?.id);
  const ends = stay ? [stay.points[0], stay.points[stay.points.length - 1]] : [];
  return ends.reduce((sum, one) => sum + (one?.[2] ?? 0) / 2, 0);
}

/** Above the rear cross, where it ties the backstays; else near their feet. */
export function lowOnStay({ members, tubes }: Standing, stays: string, side: 'left' | 'right'): Attachment {
  const cross = members.get('rear-cross');
  const tube = cross && tubes.find((one) => one.member === cross.id);
  const z = tube?.points[0]?.[2];
  return z === undefined
    ? station({ member: stays, side }, 'end-b', -60)
    : height(stays, side, z + ABOVE_CROSS);
}

/** Less than this between a cross and the feet of its backstays leaves no room for spreaders under it. mm */
export const LEAST_DROP = 150;

/** Room for the weld between two bars that meet a third beside each other. mm */
const ABOVE_CROSS = 80;

/** The members but for those of some roles. */
export function without<T>(members: Map<string, T>, roles: string[]): Map<string, T> {
  return new Map([...members].filter(([role]) => !roles.includes(role)));
}
