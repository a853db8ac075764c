import { directionAt, nearestBetween, type Piece } from '../../centreline/index.ts';
import { andThen, fail, type Outcome, succeed, told } from '../../fault/index.ts';
import { itemAt } from '../../items/index.ts';
import { type Attachment, type Plate } from '../../plan/index.ts';
import { add, cross, dot, length, scale, subtract, unit, type Vec3 } from '../../space/index.ts';
import { directionOf } from '../shape/index.ts';
import { type Footing, footingOf, type StandingTube } from './attach.ts';

/** A bar that lies flatter along what it stands on has no near edge to speak of, and no side to pass on. Sine of the angle */
const FLATTEST = 0.1;

/** What an end is settled by. mm */
interface Settling {
  attachment: Attachment;
  /** How the bar leaves this end; length 1. */
  leaves: Vec3;
  od: number;
  standing: StandingTube[];
  plates: Plate[];
}

/** Whether where an end stands follows from how its bar leaves it: from an edge of the bar, or to pass beside an axis. */
export const isSettled = (attachment: Attachment): boolean =>
  (attachment.kind === 'station' && attachment.to !== 'axis') ||
  ((attachment.kind === 'station' || attachment.kind === 'height') && attachment.aside !== null);

/** The place of an end whose distance goes to an edge of its own bar, or that passes beside the axis it is coped to. Car's frame, mm */
export function settledEnd({ attachment, leaves, od, standing, plates }: Settling): Outcome<Footing> {
  return andThen(footingOf(attachment, standing, plates), (met) => {
    const header = met.headers[0];
    if (!header || !isSettled(attachment)) return succeed(met);
    const along = nearestBetween(header.axis, [pointOnly(met.point)]).along;
    const across = cross(directionAt(header.axis, along), leaves);
    if (length(across) < FLATTEST)
      return fail(
        'no-direction',
        '',
        told`the bar lies along ${header.stamp} there: it has no edge to measure to, and passes it on no side`,
      );
    const toEdge =
      attachment.kind === 'station' && attachment.to !== 'axis'
        ? footingOf(shifted(attachment, od / 2 / length(across)), standing, plates)
        : succeed(met);
    return andThen(toEdge, (footing) => passing(footing, attachment, unit(across)));
  });
}

const pointOnly = (point: Vec3): Piece => ({ kind: 'straight', from: point, to: point, start: 0, length: 0 });

/** The station of the axis whose near or far edge lies where it was measured. */
function shifted(attachment: Extract<Attachment, { kind: 'station' }>, half: number): Attachment {
  const { station, to } = attachment;
  const away = Math.sign(station.along.mm) || 1;
  const mm = station.along.mm + away * half * (to === 'near' ? 1 : -1);
  return { ...attachment, station: { ...station, along: { ...station.along, mm } } };
}

/** Off the axis by as much as is wanted, square to both tubes. */
function passing(footing: Footing, attachment: Attachment, square: Vec3): Outcome<Footing> {
  const aside = attachment.kind === 'station' || attachment.kind === 'height' ? attachment.aside : null;
  if (!aside) return succeed(footing);
  const toward = dot(square, directionOf(aside.toward, footing.point));
  if (Math.abs(toward) < FLATTEST)
    return fail(
      'no-direction',
      '',
      `one of the two tubes runs to the ${aside.toward} there: say another side that it passes on`,
    );
  const point = add(footing.point, scale(square, Math.sign(toward) * aside.by.mm));
  return succeed({ ...footing, point, aside: aside.by.mm });
}

/** How a bar through these points leaves its end A, and its end B; length 1. */
export const leavingOf = (points: Vec3[]): [a: Vec3, b: Vec3] => [
  unit(subtract(itemAt(points, 1), itemAt(points, 0))),
  unit(subtract(itemAt(points, -2), itemAt(points, -1))),
];
