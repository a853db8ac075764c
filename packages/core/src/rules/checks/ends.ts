import { type Tube } from '../../cage/index.ts';
import { arcMiddles, type Piece } from './axisPlaces.ts';
import { lengthOf, pointAt, pointOn } from '../../centreline/index.ts';
import { nearestAlong } from '../../cope/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { finding, type Finding, judgeMeasured, type Status } from '../../findings/index.ts';
import { type CheckOf } from '../book/ruleCheck.ts';
import {
  type BarEnd,
  barsOf,
  type FindingOrigin,
  endOf,
  endsOf,
  feetOf,
  type Subject,
  tubesOf,
  tubesOfRole,
  waiting,
  type WholeBar,
} from '../subject.ts';

/** The upper and the lower end of a whole bar. */
export function upperAndLower(bar: WholeBar): { upper: BarEnd; lower: BarEnd } {
  const { a, b } = endsOf(bar);
  return a.at[2] >= b.at[2] ? { upper: a, lower: b } : { upper: b, lower: a };
}

/** Whether a foot has a place that a remedy can move. */
export function movesFoot({ member, cage }: Subject, end: 'a' | 'b'): boolean {
  const at = member.ends[end];
  if (at.kind === 'plate') return Boolean(cage.plan.plates.find(({ id }) => id === at.plate)?.at);
  return at.kind === 'point' || at.kind === 'panel';
}

/** Each end in question against the nearest place that the book takes the distance from. */
export function endDistance(
  check: CheckOf<'end-distance'>,
  subject: Subject,
  origin: FindingOrigin,
): Finding[] {
  const bars = barsOf(subject);
  if (bars.length === 0) return [waiting('end-distance', origin)];
  return bars.flatMap((bar) => {
    const { upper, lower } = upperAndLower(bar);
    const ends = check.end === 'each' ? [upper, lower] : [check.end === 'upper' ? upper : lower];
    return ends.map(({ tube, end }) => {
      const places = placesFor(check, tube, end, subject);
      const key = `${origin.key}/${tube.piece}/${end}`;
      if (places.length === 0) return waiting('end-distance', { ...origin, key });
      return judged(check, tube, end, places, subject, { ...origin, key });
    });
  });
}

/** The nearest of the places, read to the axis, to the near and to the far edge of the tube: the book's edge decides, or the strictest. */
function judged(
  check: CheckOf<'end-distance'>,
  tube: Tube,
  end: 'a' | 'b',
  places: Vec3[],
  subject: Subject,
  origin: FindingOrigin,
): Finding {
  const at = endOf(tube, end);
  const nearest = places.reduce((best, one) => (distance(at, one) < distance(at, best) ? one : best));
  const axis = distance(at, nearest);
  const readings = { axis, near: Math.max(0, axis - tube.od / 2), far: axis + tube.od / 2 };
  const error = subject.cage.plan.measuringError.mm;
  const limit = check.most.mm;
  const status = (reading: number): Status => judgeMeasured(limit - reading, error);
  // A book that says which edge it means leaves nothing to disagree about.
  const said = new Set(check.reading ? [] : Object.values(readings).map(status));
  const edge = check.reading ?? 'far';
  const reach = { axis: 0, near: -tube.od / 2, far: tube.od / 2 }[edge];
  return finding({
    ...origin,
    code: 'end-distance',
    status: status(readings[edge]),
    measured: { mm: readings[edge] },
    limit: { mm: limit },
    margin: { mm: limit - readings[edge] },
    // A millimetre to spare, as the end's place on its header is found to the millimetre.
    remedy:
      status(readings[edge]) === 'clear'
        ? null
        : slideToward(tube, end, nearest, limit - error - reach - 1, subject),
    facts: {
      stamp: { text: tube.stamp },
      end: { text: end.toUpperCase() },
      from: {
        text:
          check.from === 'bend'
            ? `bend (${check.edge})`
            : `${check.from} of the ${(check.of ?? '').replaceAll('-', ' ')}`,
      },
      axis: { mm: readings.axis },
      near: { mm: readings.near },
      edge: { text: edge },
      stated: { count: check.reading ? 1 : 0 },
      disagree: { count: said.size > 1 ? 1 : 0 },
    },
  });
}

function placesFor(
  { from, of, edge }: CheckOf<'end-distance'>,
  tube: Tube,
  end: 'a' | 'b',
  { cage }: Subject,
): Vec3[] {
  const headers = cage.joints
    .filter((joint) => joint.piece === tube.piece && joint.end === end)
    .map(({ header }) => header);
  if (from === 'foot')
    return tubesOfRole(cage, of ?? '').flatMap((one) =>
      feetOf(one, cage.joints).map((foot) => endOf(one, foot)),
    );
  if (from === 'joint') {
    const pieces = new Set(tubesOfRole(cage, of ?? '').map(({ piece }) => piece));
    const joints = cage.joints.filter(({ piece }) => pieces.has(piece) && piece !== tube.piece);
    const own = joints.filter(({ header }) => headers.includes(header));
    return (own.length > 0 ? own : joints).map(({ at }) => at);
  }
  return cage.members
    .flatMap(tubesOf)
    .filter(({ piece }) => headers.includes(piece))
    .flatMap((header) => bendPlaces(header, edge));
}

function bendPlaces(header: Tube, edge: CheckOf<'end-distance'>['edge']): Vec3[] {
  if (edge === 'pi') return header.points.slice(1, -1);
  return header.axis.flatMap((piece: Piece) => arcMiddles(piece, edge));
}

/** The end moved along what it stands on until it lies within reach of the place, far edge and tape's error counted. */
function slideToward(
  tube: Tube,
  end: 'a' | 'b',
  toward: Vec3,
  reach: number,
  { member, cage }: Subject,
): Finding['remedy'] {
  if (member.role === 'main-hoop') return null;
  const attached = member.ends[end];
  const header = cage.joints.find((joint) => joint.piece === tube.piece && joint.end === end)?.header;
  const on = cage.members.flatMap(tubesOf).find(({ piece }) => piece === header);
  if (!on || (attached.kind !== 'station' && attached.kind !== 'height')) return null;
  const from = nearestAlong(on.axis, endOf(tube, end));
  const by = nearestWay(on.axis, from, (there) => distance(there, toward) <= reach);
  if (by === null || attached.kind === 'station')
    return by === null ? null : { kind: 'slide-end', member: member.id, end, by };
  const rise = pointOn(on.axis, from + by)[2] - endOf(tube, end)[2];
  return Math.abs(rise) < 1 ? null : { kind: 'slide-end', member: member.id, end, by: rise };
}

/** The least way along an axis, either way, to a place that will do; null where none does. To a millimetre, signed. */
function nearestWay(axis: Piece[], from: number, willDo: (there: Vec3) => boolean): number | null {
  const COARSE = 16;
  const total = lengthOf(axis);
  const does = (way: number): boolean => {
    const there = pointAt(axis, from + way);
    return there !== null && willDo(there);
  };
  for (let step = COARSE; step < total + COARSE; step += COARSE)
    for (const sign of [1, -1] as const) {
      if (!does(sign * step)) continue;
      for (let back = 1; back < COARSE; back++)
        if (!does(sign * (step - back))) return sign * (step - back + 1);
      return sign * (step - COARSE + 1);
    }
  return null;
}
