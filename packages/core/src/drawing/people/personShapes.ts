import { type Body, type BodyPart, type Volume } from '../../occupant/index.ts';
import { add, distance, scale, subtract, type Vec3 } from '../../space/index.ts';
import { disc, type Pen, type Point, type Shape } from '../drawing.ts';
import { type Flat, PROJECTIONS, type SquareView } from '../views/projections.ts';

/** How a body is put on a drawing: where a place of the car is on it, and drawing units for each mm. */
export interface OnDrawing {
  view: SquareView;
  at: (point: Vec3) => Point;
  scale: number;
}

/** Everything between two balls, which are as large as the volumes that room is looked at for. mm */
interface Limb {
  from: Vec3;
  to: Vec3;
  radii: readonly [number, number];
  pen: Pen;
}

/** Forearm as a share of the upper arm: R. Drillis and R. Contini (1966), 0.146 of the height to 0.186; from memory. */
const FOREARM = 0.146 / 0.186;
/** For drawing alone, nothing is computed from them. mm */
const DRAWN = { wrist: 38, handsApart: 140, handLift: 60, neck: 55, hip: 95, toe: 110, toeUp: 70, sole: 42 };

/** A body that one recognises: limbs between its volumes, helmet and visor, and the seat behind it; the far ones first. */
export function personShapes(body: Body, on: OnDrawing): Shape[] {
  const near = ({ from, to }: Limb) => (PROJECTIONS[on.view](from).near + PROJECTIONS[on.view](to).near) / 2;
  const limbs = [...trunk(body), ...arms(body), ...legs(body)].sort((a, b) => near(a) - near(b));
  const seat = seatLimbs(body).map((limb) => limbShape(limb, on));
  const person = [...limbs.map((limb) => limbShape(limb, on)), ...headShapes(body, on)];
  // Seen from behind the seat would hide whoever sits in it.
  return on.view === 'front' ? person : [...seat, ...person];
}

/** What of a view a body takes as it is drawn, shoes and seat with it. mm */
export const personOutline = (body: Body, view: SquareView): Flat[] =>
  personShapes(body, {
    view,
    at: (point) => {
      const { right, up } = PROJECTIONS[view](point);
      return [right, up];
    },
    scale: 1,
  }).flatMap((shape) =>
    shape.kind === 'polygon' ? shape.points.map(([right, up]): Flat => ({ right, up })) : [],
  );

const ofPart = ({ volumes }: Body, part: BodyPart): Volume[] => volumes.filter((one) => one.part === part);

/** Balls of a part on both sides, the left one first. */
function sides(body: Body, part: BodyPart): [Volume, Volume] | null {
  const [left, right] = ofPart(body, part);
  return left && right ? [left, right] : null;
}

const between = (a: Volume, b: Volume): Limb => ({
  from: a.from,
  to: b.from,
  radii: [a.radius, b.radius],
  pen: 'person',
});

/** The limbs of both sides between two parts; none where one of them is not known. */
function pairOf(body: Body, upper: BodyPart, lower: BodyPart): Limb[] {
  const [from, to] = [sides(body, upper), sides(body, lower)];
  return from && to ? [between(from[0], to[0]), between(from[1], to[1])] : [];
}

function trunk(body: Body): Limb[] {
  const [torso] = ofPart(body, 'torso');
  const [helmet] = ofPart(body, 'helmet');
  const shoulders = sides(body, 'shoulder');
  const limb = (from: Vec3, to: Vec3, radii: Limb['radii']): Limb => ({ from, to, radii, pen: 'person' });
  return [
    ...(torso ? [limb(torso.from, torso.to, [torso.radius, torso.radius])] : []),
    ...(shoulders ? [between(...shoulders)] : []),
    ...(torso && helmet ? [limb(torso.to, helmet.from, [DRAWN.neck, DRAWN.neck])] : []),
  ];
}

function arms(body: Body): Limb[] {
  const upper = pairOf(body, 'shoulder', 'elbow');
  const elbows = sides(body, 'elbow');
  if (!elbows) return upper;
  const middle = scale(add(elbows[0].from, elbows[1].from), 0.5);
  const reach = upper[0] ? distance(upper[0].from, upper[0].to) * FOREARM : 0;
  const fore = elbows.map((elbow, i): Limb => {
    const hand: Vec3 = [
      elbow.from[0] + reach,
      middle[1] + (i === 0 ? 1 : -1) * DRAWN.handsApart,
      elbow.from[2] + DRAWN.handLift,
    ];
    return { from: elbow.from, to: hand, radii: [elbow.radius * 0.8, DRAWN.wrist], pen: 'person' };
  });
  return [...upper, ...fore];
}

function legs(body: Body): Limb[] {
  const knees = sides(body, 'knee');
  const feet = sides(body, 'foot');
  const [torso] = ofPart(body, 'torso');
  const thighs = (torso && knees ? knees : []).map((knee, i): Limb => {
    const aside = (i === 0 ? 1 : -1) * DRAWN.hip * 0.6;
    return {
      from: add(torso?.from ?? knee.from, [0, aside, 0]),
      to: knee.from,
      radii: [DRAWN.hip, knee.radius],
      pen: 'person',
    };
  });
  const shoes = (feet ?? []).map(({ from, radius }): Limb => ({
    from,
    to: add(from, [DRAWN.toe, 0, DRAWN.toeUp]),
    radii: [radius, DRAWN.sole],
    pen: 'person',
  }));
  return [...thighs, ...pairOf(body, 'knee', 'foot'), ...shoes];
}

/** A seat that would carry the body: drawn, not measured. mm */
const SEAT = { thick: 32, behind: 40, below: 45, head: 260 };

function seatLimbs(body: Body): Limb[] {
  const [torso] = ofPart(body, 'torso');
  if (!torso) return [];
  const up = scale(subtract(torso.to, torso.from), 1 / Math.max(1, distance(torso.from, torso.to)));
  const back: Vec3 = [-up[2], 0, up[0]];
  const off = torso.radius + SEAT.behind;
  const foot = add(torso.from, add(scale(back, off), scale(up, -torso.radius)));
  const top = add(torso.to, add(scale(back, off), scale(up, SEAT.head)));
  const knees = sides(body, 'knee');
  const front = knees && scale(add(knees[0].from, knees[1].from), 0.5);
  const limb = (from: Vec3, to: Vec3): Limb => ({ from, to, radii: [SEAT.thick, SEAT.thick], pen: 'seat' });
  return [limb(foot, top), ...(front ? [limb(foot, add(front, [-140, 0, -DRAWN.hip - SEAT.below]))] : [])];
}

const ROUND = 32;

/** The shapes of a helmet with the opening that one looks out of, and the eye. */
function headShapes(body: Body, { view, at, scale: size }: OnDrawing): Shape[] {
  const [helmet] = ofPart(body, 'helmet');
  if (!helmet) return [];
  const [x, y] = at(helmet.from);
  const r = helmet.radius * size;
  const ring = (from: number, to: number, radius: number): Point[] =>
    Array.from({ length: 13 }, (_, i): Point => {
      const angle = from + ((to - from) * i) / 12;
      return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
    });
  // To the left in the side view, up from above; from behind there is none to be seen.
  const ahead = { side: Math.PI, top: -Math.PI / 2, front: null }[view];
  const visor: Shape[] =
    ahead === null
      ? []
      : [
          {
            kind: 'polygon',
            points: [
              ...ring(ahead - 0.5, ahead + 0.22, r),
              ...ring(ahead - 0.5, ahead + 0.22, r * 0.55).reverse(),
            ],
            pen: 'seat',
          },
        ];
  return [
    { kind: 'polygon', points: disc([x, y], r, ROUND), pen: 'person' },
    ...visor,
    ...(body.eye && view !== 'front'
      ? [{ kind: 'polygon', points: disc(at(body.eye), 3.5), pen: 'mark' } satisfies Shape]
      : []),
  ];
}

/** A limb as it is seen: round its two balls. */
function limbShape({ from, to, radii, pen }: Limb, { at, scale: size }: OnDrawing): Shape {
  const [a, b] = [at(from), at(to)];
  const turn = Math.atan2(b[1] - a[1], b[0] - a[0]);
  // Where one ball is the larger, the sides lean toward each other.
  const lean = Math.asin(
    Math.max(
      -1,
      Math.min(1, ((radii[0] - radii[1]) * size) / Math.max(1, Math.hypot(b[0] - a[0], b[1] - a[1]))),
    ),
  );
  const half = ([x, y]: Point, radius: number, start: number, sweep: number): Point[] =>
    Array.from({ length: ROUND / 2 + 1 }, (_, i): Point => {
      const angle = start + (i * 2 * sweep) / ROUND;
      return [x + radius * size * Math.cos(angle), y + radius * size * Math.sin(angle)];
    });
  const side = Math.PI / 2 - lean;
  return {
    kind: 'polygon',
    points: [
      ...half(a, radii[0], turn + side, 2 * Math.PI - 2 * side),
      ...half(b, radii[1], turn - side, 2 * side),
    ],
    pen,
  };
}
