import { kept } from '../../kept/index.ts';
import { type Seam, type SweptTube } from '../../cope/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { dropToClear, type Roof, roofOf } from '../clearance/roof.ts';
import { cornerAt, isReached, lookedAt, stationsTo, type TorchRoom } from './nozzle.ts';
import { areApart, type Box, boxOf, type Tube } from '../tube.ts';

/** How much of a seam the torch cannot get at, where the cage is welded. mm */
export interface SeamReach {
  hidden: number;
  /** How much further the cage would have to be let down for the roof to leave room; 0 where it does. */
  drop: number;
  /** Whether the roof over all of it is known: where it is not, more may be out of reach. */
  roofKnown: boolean;
}

/** A tube that may stand in the way, with its place in the order of fitting. */
export interface Other {
  tube: Tube;
  surface: SweptTube;
  box: Box;
  place: number;
}

/** The torch as a plan has it, and where the cage is welded. */
interface Torch {
  radius: number;
  room: number;
  roof: Roof;
  position: Plan['weldPosition'];
}

/**
 * A measure of what the torch cannot reach of a seam. The nozzle is as thick as the plan's torch room and needs the body room's
 * length in front of the seam, at some lean that a welder takes. In the way are tubes fitted before, and the roof over the cage
 * where it is slid and let down to be welded. order: of fitting, by piece.
 */
export function torchIn(plan: Plan, order: Map<string, number>) {
  const { coping, weldPosition } = plan;
  const torch = torchOf(weldPosition, roofOf(plan), coping.torchRoom.mm / 2, coping.bodyRoom.mm);
  const reach = torch.room + torch.radius;
  return (tube: Tube, headers: Tube[], seam: Seam, others: Other[]): SeamReach => {
    const box = boxOfSeam(seam);
    const place = order.get(tube.piece) ?? Infinity;
    const near = others
      .filter(
        (other) =>
          other.place < place &&
          !headers.some(({ piece }) => piece === other.tube.piece) &&
          !areApart(box, other.box, reach + other.tube.od / 2),
      )
      .map(({ surface }) => surface);
    return reachOf(seam, torch, tube, headers, near);
  };
}

/** The box that holds a seam. mm */
export const boxOfSeam = kept(({ line }: Seam): Box => boxOf({ points: line.filter((at) => at !== null) }));

const torchOf = kept((position: Plan['weldPosition'], roof: Roof, radius: number, room: number): Torch => ({
  radius,
  room,
  roof,
  position,
}));

const reachOf = kept(
  (seam: Seam, torch: Torch, tube: Tube, headers: Tube[], near: SweptTube[]): SeamReach => {
    const { radius, room, roof, position } = torch;
    const looked = lookedAt(seam);
    if (seam.line.every((at) => at === null)) return { hidden: 0, drop: 0, roofKnown: true };
    const toRoof = ([x, y, z]: Vec3): number | null =>
      roof.kind === 'open' ? Infinity : roof.gap([x + position.forward.mm, y, z - position.drop.mm]);
    const gaps = looked.map(({ at }) => toRoof(at));
    const roofKnown = gaps.every((gap) => gap !== null);
    const nearest = leastOf(gaps);
    const underRoof = nearest < room + radius;
    if (near.length === 0 && !underRoof) return { hidden: 0, drop: 0, roofKnown };
    const around: TorchRoom = {
      radius,
      stations: stationsTo(room),
      toRoof: underRoof ? toRoof : null,
      near,
    };
    const hidden = looked.filter(
      ({ at, i }) => !isReached(at, cornerAt(seam.line, i, at, tube, headers), around),
    );
    const share = hidden.length / Math.max(looked.length, 1);
    return {
      hidden: share * seam.length,
      drop: share > 0 ? Math.max(...looked.map(({ at }) => dropToClear(toRoof, at, room + radius))) : 0,
      roofKnown,
    };
  },
);

const leastOf = (gaps: (number | null)[]): number =>
  gaps.reduce<number>((least, gap) => Math.min(least, gap ?? Infinity), Infinity);
