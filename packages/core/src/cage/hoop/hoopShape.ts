import { decided, degrees } from '../../measure/index.ts';
import { type AxisSide, alongPlane } from '../../survey/index.ts';

/** A straight leg that stands this much inside the wall where it leans gives away room worth two more bends. mm */
const WORTH_TWO_BENDS = 20;

/** How a main hoop is bent: two bends, four, or a crown that is rolled to an arc. */
export type HoopShape = 'two-bend' | 'four-bend' | 'rolled-crown';

/** Why a shape is proposed, with what a straight leg would leave at the height where the side leans. mm */
export interface ShapeProposal {
  shape: HoopShape;
  reason: 'no-lean-measured' | 'leg-fits-wall' | 'room-lost' | 'would-hit-wall';
  /** Between the straight leg and where the leaning leg would stand; negative: through the clearance. mm */
  room: number | null;
}

/** In the plane of the hoop, from the centre line outward and from the floor up along the plane. mm */
export interface LegPoint {
  out: number;
  up: number;
}

/** One leg from the floor line to the crown's axis. */
export interface Leg {
  floor: LegPoint;
  lean: LegPoint | null;
  corner: LegPoint;
}

/** The leg's corners in the plane of a hoop tilted by `tilt` degrees; heights upright in mm. */
export function legOf(axis: AxisSide, leanHeight: number | null, crownHeight: number, tilt: number): Leg {
  return {
    floor: { out: axis.floor.value, up: 0 },
    lean:
      axis.lean && leanHeight !== null ? { out: axis.lean.value, up: alongPlane(leanHeight, tilt) } : null,
    corner: { out: axis.roof.value, up: alongPlane(crownHeight, tilt) },
  };
}

/** Two bends where the wall is straight enough for a straight leg, four where a straight leg wastes room or would hit. */
export function proposeShape(legs: Leg[], tapeError: number): ShapeProposal {
  const rooms = legs.map(roomAtLean).filter((room) => room !== null);
  if (rooms.length === 0) return { shape: 'two-bend', reason: 'no-lean-measured', room: null };
  const room = rooms.reduce((worst, one) => (Math.abs(one) > Math.abs(worst) ? one : worst));
  if (decided(room + tapeError) < 0) return { shape: 'four-bend', reason: 'would-hit-wall', room };
  if (decided(room - WORTH_TWO_BENDS) >= 0) return { shape: 'four-bend', reason: 'room-lost', room };
  return { shape: 'two-bend', reason: 'leg-fits-wall', room };
}

/** How far a straight leg stands inside the leaning one, at the lean's height. */
const roomAtLean = ({ floor, lean, corner }: Leg): number | null =>
  lean === null ? null : lean.out - outAt(floor, corner, lean.up);

/** Where the line through two points of a leg is at a height along the plane. */
export const outAt = (below: LegPoint, above: LegPoint, up: number): number =>
  below.out + ((above.out - below.out) * (up - below.up)) / (above.up - below.up);

/** Lean of a leg from the upright of the hoop's plane, positive inward going up. Degrees. */
export const leanOf = (below: LegPoint, above: LegPoint): number =>
  degrees(Math.atan2(below.out - above.out, above.up - below.up));
