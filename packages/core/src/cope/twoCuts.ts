import { type Outcome } from '../fault/index.ts';
import { degrees, radians, NOISE } from '../measure/index.ts';
import { type Branch, onGenerator } from './generators.ts';
import { copeOf, type CopeTube } from './profile.ts';
import { outside, type SweptTube, sweptTube } from './swept.ts';

/** A cut of the chop saw across the end, square to the plane of the two axes. */
export interface StraightCut {
  /** From square across the tube, positive where the tube is shorter on the header's side (φ = 0). Degrees. */
  angle: number;
  /** Where it crosses the face line (φ = 0) and the line opposite (φ = 180), from the end point into the branch. mm */
  atFace: number;
  atBack: number;
}

/** An end made with one or two straight cuts, and what they leave. mm and degrees */
export interface StraightCuts {
  cuts: StraightCut[];
  /** Where two cuts meet: across from the axis toward the face line, and from the end point into the branch. */
  tip: { across: number; setback: number } | null;
  /** The widest gap left, square to the header's surface, and the most that is to be ground away, measured alike. */
  gap: number;
  grind: number;
}

interface Edge {
  /** Across from the axis toward the face line. */
  x: number;
  cosine: number;
  sine: number;
  /** Where the true profile lies. */
  contact: number;
  /** How far in the gap lets a cut go. */
  limit: number;
}

/** What straight cuts are held against: both edges of the wall, generator by generator. Setbacks in mm. */
interface Joint {
  branch: Branch;
  header: SweptTube;
  radius: number;
  edges: Edge[];
}

/** Saws are set to half a degree, and lean no further than this. Degrees */
const SETTING = 0.5;
const COARSE = 5;
const FARTHEST = 75;

/**
 * The two cuts that leave the least grinding while no gap is wider than the limit: the greatest planes that lie within the
 * header's surface let out by the gap. Fault as for the cope; `value` null where the branch passes the header.
 * headers: one, straight or bent. gapLimit, mm.
 */
export function twoCuts(
  tube: CopeTube & { wall: number },
  end: 'a' | 'b',
  header: CopeTube,
  gapLimit: number,
  generators = 72,
): Outcome<StraightCuts | null> {
  return against(tube, end, header, gapLimit, generators, (joint) => {
    const face = bestPlane(joint, ({ x }) => x >= -NOISE);
    const back = bestPlane(joint, ({ x }) => x <= NOISE);
    return cutsFrom(joint, face, back);
  });
}

/**
 * One cut that leaves metal everywhere, to grind to the line where nothing else serves: the angle at which it leaves the least of
 * it along the tube.
 */
export function chopCut(
  tube: CopeTube & { wall: number },
  end: 'a' | 'b',
  header: CopeTube,
  generators = 72,
): Outcome<StraightCuts | null> {
  return against(tube, end, header, 0, generators, (joint) => {
    const left = ({ at, slope }: Plane): number =>
      Math.max(...joint.edges.map(({ x, contact }) => contact - at - slope * x));
    const only = leastPlane(joint, left);
    return { ...cutsFrom(joint, only, only), cuts: [cutOf(only, joint.radius)], tip: null };
  });
}

/**
 * Two cuts at given angles pushed up to the header without grinding: the gap that they leave. The trade's rule of thirds, for a
 * joint near square, is atan((OD/3)/(OD/2)) on both sides: the tip stands a third of the OD beyond where the cuts leave.
 */
export function pushedHome(
  tube: CopeTube & { wall: number },
  end: 'a' | 'b',
  header: CopeTube,
  angles: [face: number, back: number],
  generators = 180,
): Outcome<StraightCuts | null> {
  return against(tube, end, header, 0, generators, (joint) => {
    const slopes = [Math.tan(radians(angles[0])), -Math.tan(radians(angles[1]))] as const;
    let at = -Infinity;
    for (const { x, contact } of joint.edges)
      at = Math.max(at, contact - Math.max(slopes[0] * x, slopes[1] * x));
    return cutsFrom(joint, { at, slope: slopes[0] }, { at, slope: slopes[1] });
  });
}

/** A cut's place on the axis and how much it climbs per mm across. */
interface Plane {
  at: number;
  slope: number;
}

/** Sets the joint up with the header let out by the gap, and asks for the cuts; null where an edge meets nothing. */
function against(
  tube: CopeTube & { wall: number },
  end: 'a' | 'b',
  header: CopeTube,
  gap: number,
  generators: number,
  cutsFor: (joint: Joint) => StraightCuts,
): Outcome<StraightCuts | null> {
  const cope = copeOf(tube, end, [header], generators);
  if (!cope.ok) return cope;
  const letOut = copeOf(tube, end, [{ ...header, od: header.od + 2 * gap }], generators);
  if (!letOut.ok) return letOut;
  const surfaces = [
    { radius: tube.od / 2, contact: cope.value.outer, limit: letOut.value.outer },
    { radius: tube.od / 2 - tube.wall, contact: cope.value.inner, limit: letOut.value.inner },
  ];
  const edges = surfaces.flatMap(({ radius, contact, limit }) =>
    contact.setbacks.map((setback, k): Edge => {
      const turn = (2 * Math.PI * k) / generators;
      const cosine = radius * Math.cos(turn);
      const sine = radius * Math.sin(turn);
      return { x: cosine, cosine, sine, contact: setback ?? NaN, limit: limit.setbacks[k] ?? NaN };
    }),
  );
  if (edges.some(({ contact, limit }) => Number.isNaN(contact) || Number.isNaN(limit)))
    return { ok: true, value: null };
  const { branch } = cope.value;
  return {
    ok: true,
    value: cutsFor({ branch, header: sweptTube(header.axis, header.od), radius: tube.od / 2, edges }),
  };
}

/** Of all planes as far in as the limits let them, the one that leaves the least to grind on its side. */
function bestPlane(joint: Joint, isItsSide: (edge: Edge) => boolean): Plane {
  const own = joint.edges.filter(isItsSide);
  return leastPlane(joint, (plane, enough) => grindOf(joint, own, plane, enough));
}

/** How far up the tube straight cuts leave it, at a place round it from the face line. Degrees, result in mm from the end point */
export const straightSetback = ({ cuts }: Pick<StraightCuts, 'cuts'>, at: number): number =>
  Math.max(
    ...cuts.map(
      ({ atFace, atBack }) => (atFace + atBack) / 2 + ((atFace - atBack) / 2) * Math.cos(radians(at)),
    ),
  );

/** The plane that costs least: looked for in steps, then to the saw's setting about the best of them. */
function leastPlane(joint: Joint, costOf: (plane: Plane, enough: number) => number): Plane {
  let best = { plane: { at: 0, slope: 0 }, angle: 0, cost: Infinity };
  const look = (from: number, to: number, step: number): void => {
    for (let angle = from; angle <= to; angle += step) {
      const plane = planeAt(joint, angle);
      const cost = costOf(plane, best.cost);
      if (cost < best.cost) best = { plane, angle, cost };
    }
  };
  look(-FARTHEST, FARTHEST, COARSE);
  look(best.angle - COARSE + SETTING, best.angle + COARSE - SETTING, SETTING);
  return best.plane;
}

/** The plane at an angle, pushed in until a limit stops it. */
function planeAt({ edges }: Joint, angle: number): Plane {
  const slope = Math.tan(radians(angle));
  let at = Infinity;
  for (const { x, limit } of edges) at = Math.min(at, limit - slope * x);
  return { at, slope };
}

/** The most to grind along a plane's own edges; what it is up to there where it is no less than `enough`. */
function grindOf(joint: Joint, own: Edge[], { at, slope }: Plane, enough: number): number {
  let grind = 0;
  for (const edge of own) {
    grind = Math.max(grind, -gapAt(joint, edge, at + slope * edge.x));
    if (grind >= enough) break;
  }
  return grind;
}

/** A cut that goes through a header is looked at on the way: it is as deep as it is anywhere. */
const ON_THE_WAY = [0, 0.25, 0.5, 0.75];

/** How far a place of the cut lies off the header's surface, square to it; negative for what is to be ground away. mm */
function gapAt({ branch, header }: Joint, { cosine, sine, contact }: Edge, setback: number): number {
  const off = (s: number): number => {
    const [x, y, z] = onGenerator(branch, s, cosine, sine);
    return outside(header, x, y, z);
  };
  if (setback >= contact) return off(setback);
  return Math.min(0, ...ON_THE_WAY.map((share) => off(setback + share * (contact - setback))));
}

function cutsFrom(joint: Joint, face: Plane, back: Plane): StraightCuts {
  let [gap, grind] = [0, 0];
  for (const edge of joint.edges) {
    const setback = Math.max(face.at + face.slope * edge.x, back.at + back.slope * edge.x);
    const off = gapAt(joint, edge, setback);
    gap = Math.max(gap, off);
    grind = Math.max(grind, -off);
  }
  const lean = face.slope - back.slope;
  const across = Math.abs(lean) < NOISE ? 0 : (back.at - face.at) / lean;
  return {
    cuts: [cutOf(face, joint.radius), cutOf(back, joint.radius)],
    tip: { across, setback: face.at + face.slope * across },
    gap,
    grind,
  };
}

const cutOf = ({ at, slope }: Plane, radius: number): StraightCut => ({
  angle: degrees(Math.atan(slope)),
  atFace: at + slope * radius,
  atBack: at - slope * radius,
});
