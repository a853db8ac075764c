import { type Said } from '../fault/index.ts';
import { HELMET_RADIUS, placeOf } from '../cage/index.ts';
import { radians } from '../measure/index.ts';
import { type Occupant } from '../plan/index.ts';
import { add, type Vec3 } from '../space/index.ts';
import { carried, carriedByBack, type SeatPose } from './seat.ts';

/** The parts of a body that room is looked at for. */
export const BODY_PARTS = ['helmet', 'torso', 'shoulder', 'elbow', 'knee', 'foot'] as const;
/** One of them. */
export type BodyPart = (typeof BODY_PARTS)[number];

/** A part of a body as everything within a radius of a line; a ball where both its ends are one. Car's frame, mm. */
export interface Volume {
  part: BodyPart;
  from: Vec3;
  to: Vec3;
  radius: number;
}

/** Somebody in the seat, in one of its settings. Car's frame, mm. */
export interface Body {
  occupant: string;
  who: string;
  notch: Said;
  volumes: Volume[];
  eye: Vec3 | null;
}

/** Where nobody said how tall: mm */
const USUAL_HEIGHT = 1750;

/**
 * Lengths of limbs as shares of the height: R. Drillis and R. Contini, Body Segment Parameters (1966), as tables of biomechanics
 * print them; from memory.
 */
const SHARES = {
  shoulders: 0.259,
  upperArm: 0.186,
  trunk: 0.288,
  thigh: 0.245,
  shank: 0.246,
  eyeBelowTop: 0.064,
};

/** Common practice: clothed limbs, a seat that leans back, elbows out at the wheel, thighs a little up. mm, degrees */
const SEATED = {
  back: radians(20),
  arm: radians(45),
  thigh: radians(15),
  shank: radians(35),
  helmetThickness: 30,
  eyeAhead: 85,
  elbowOut: 30,
  kneesApart: 260,
  shoulder: 60,
  torso: 110,
  /** The hip joint lies this far above the seat's bottom. */
  hipAbove: 70,
  elbow: 55,
  knee: 65,
  feetApart: 200,
  foot: 60,
};

interface Places {
  shoulder: Vec3 | null;
  hip: Vec3 | null;
  knee: Vec3 | null;
  elbow: Vec3 | null;
  foot: Vec3 | null;
  helmetTop: Vec3 | null;
  eye: Vec3 | null;
  /** Half the distance between the shoulder joints. */
  out: number;
}

const measured = (at: Occupant['shoulder']): Vec3 | null => at && placeOf(at);

/** What was measured, and from the height what was not. Car's frame, mm; in the middle between left and right. */
export function placesOf({ shoulder, helmetTop, height, body }: Occupant): Places {
  const tall = height?.mm ?? USUAL_HEIGHT;
  const along = (from: Vec3 | null, share: number, ahead: number, up: number): Vec3 | null =>
    from && add(from, [tall * share * ahead, 0, tall * share * up]);
  const atShoulder = measured(shoulder);
  const hip =
    measured(body.hip) ?? along(atShoulder, SHARES.trunk, Math.sin(SEATED.back), -Math.cos(SEATED.back));
  const top = measured(helmetTop);
  const knee =
    measured(body.knee) ?? along(hip, SHARES.thigh, Math.cos(SEATED.thigh), Math.sin(SEATED.thigh));
  return {
    shoulder: atShoulder,
    hip,
    knee,
    foot: along(knee, SHARES.shank, Math.cos(SEATED.shank), -Math.sin(SEATED.shank)),
    elbow:
      measured(body.elbow) ?? along(atShoulder, SHARES.upperArm, Math.sin(SEATED.arm), -Math.cos(SEATED.arm)),
    helmetTop: top,
    eye:
      measured(body.eye) ??
      (top && add(top, [SEATED.eyeAhead, 0, -(tall * SHARES.eyeBelowTop + SEATED.helmetThickness)])),
    out: Math.max(
      0,
      body.shoulderWidth ? body.shoulderWidth.mm / 2 - SEATED.shoulder : (tall * SHARES.shoulders) / 2,
    ),
  };
}

const ball = (part: BodyPart, at: Vec3, radius: number): Volume => ({ part, from: at, to: at, radius });

/** The body in a setting of its seat: back, shoulders and helmet turn with the seat's back, hip and knees go with the seat. */
export function bodyOf(occupant: Occupant, pose: SeatPose): Body {
  const places = placesOf(occupant);
  const { out } = places;
  const byBack = (at: Vec3 | null) => at && carriedByBack(pose, occupant, at);
  const bySeat = (at: Vec3 | null) => at && carried(pose, at);
  const pair = (part: BodyPart, at: Vec3 | null, apart: number, radius: number): Volume[] =>
    at ? [1, -1].map((sign) => ball(part, [at[0], at[1] + sign * apart, at[2]], radius)) : [];
  const [shoulder, hip] = [byBack(places.shoulder), bySeat(places.hip)];
  const top = byBack(places.helmetTop);
  return {
    occupant: occupant.id,
    who: occupant.name,
    notch: pose.notch,
    volumes: [
      ...(top ? [ball('helmet', add(top, [0, 0, -HELMET_RADIUS]), HELMET_RADIUS)] : []),
      ...(shoulder && hip
        ? [
            {
              part: 'torso' as const,
              from: add(hip, [0, 0, SEATED.torso - SEATED.hipAbove]),
              to: add(shoulder, [0, 0, -SEATED.torso]),
              radius: SEATED.torso,
            },
          ]
        : []),
      ...pair('shoulder', shoulder && add(shoulder, [0, 0, -SEATED.shoulder]), out, SEATED.shoulder),
      ...pair('elbow', byBack(places.elbow), out + SEATED.elbowOut, SEATED.elbow),
      ...pair('knee', bySeat(places.knee), SEATED.kneesApart / 2, SEATED.knee),
      ...pair('foot', bySeat(places.foot), SEATED.feetApart / 2, SEATED.foot),
    ],
    eye: byBack(places.eye),
  };
}
