import { lengthOf } from '../../centreline/index.ts';
import { decided, radians } from '../../measure/index.ts';
import { type Side } from '../datum.ts';
import { straightsBeside } from '../straights.ts';
import { type Bender } from './bender.ts';
import { type Clearance, clearancesOf, type Met } from './bodies.ts';
import { poseOf, type Stage, type WalkTube } from './pose.ts';

/** One pull as it is asked for: which bend, the end that the clamp is toward, and what is bent already. */
export interface PullAsked {
  bend: number;
  clamp: Side;
  made: ReadonlySet<number>;
}

/** The nearest that the tube comes to something during a pull. mm; dial: degrees pulled by then. */
export interface Nearest extends Clearance {
  dial: number;
  /** Degrees pulled when it first meets it; null where it stays off. */
  touches: number | null;
}

/** Why a pull cannot be made, or must be made with care. */
export type Hindrance =
  | { kind: 'meets'; met: Met; touches: number; gap: number }
  /** Less straight than the die needs, ahead of the bend for the clamp or behind it for the pressure die. mm */
  | { kind: 'straight'; where: 'ahead' | 'behind'; measured: number; limit: number };

/** A pull looked at degree by degree. mm */
export interface WalkedPull {
  bend: number;
  clamp: Side;
  /** Straight from this bend to the next one that is there already, or to the tube's end. */
  straights: { ahead: number; behind: number };
  /** How far from the die's centre the clamped end reaches. */
  reach: number;
  nearest: Nearest[];
  /** What stands in the way; empty where the pull can be made. */
  hindrances: Hindrance[];
  /** The tube comes to where the operator stands: no matter of the machine's, and said. */
  operator: Nearest | null;
}

/** Looks at the pull of a bend from the bare tube in the die to the full reading, and released. Every degree of the dial. */
export function walkPull(tube: WalkTube, bender: Bender, asked: PullAsked): WalkedPull {
  const bend = tube.bends.find(({ number }) => number === asked.bend);
  if (!bend) throw new Error(`the tube has no bend ${asked.bend}`);
  const sides = straightsBeside(tube, asked.bend, asked.made);
  const straights = { ahead: sides[asked.clamp], behind: sides[asked.clamp === 'a' ? 'b' : 'a'] };
  const nearest = nearestDuring(tube, bender, asked, bend);
  const hindrances: Hindrance[] = nearest.flatMap(({ met, gap, touches }) =>
    met.what === 'operator' || touches === null ? [] : [{ kind: 'meets', met, touches, gap }],
  );
  if (decided(straights.ahead - bend.clampLength) < 0)
    hindrances.push({ kind: 'straight', where: 'ahead', measured: straights.ahead, limit: bend.clampLength });
  if (decided(straights.behind - bend.trailing) < 0)
    hindrances.push({ kind: 'straight', where: 'behind', measured: straights.behind, limit: bend.trailing });
  const { ahead } = poseOf(tube, bender, asked, { at: 'pull', dial: 0 });
  return {
    bend: asked.bend,
    clamp: asked.clamp,
    straights,
    reach: lengthOf(ahead),
    nearest,
    hindrances,
    operator: nearest.find(({ met, touches }) => met.what === 'operator' && touches !== null) ?? null,
  };
}

/**
 * The least clearance to everything over the pull. From one degree to the next no point moves farther than its side reaches times the
 * turn, and by what the die draws in; so degrees at which nothing can come nearer are passed over.
 */
function nearestDuring(
  tube: WalkTube,
  bender: Bender,
  asked: PullAsked,
  { reading, clampLength, trailing }: { reading: number; clampLength: number; trailing: number },
): Nearest[] {
  const { ahead, behind, radius } = poseOf(tube, bender, asked, { at: 'pull', dial: 0 });
  const longest = Math.max(lengthOf(ahead), lengthOf(behind));
  const perDegree = radians(1) * (longest + 2 * radius + clampLength + trailing);
  const found = new Map<string, Nearest>();
  const look = (stage: Stage, dial: number): number => {
    let slack = Infinity;
    for (const { met, gap } of clearancesOf(poseOf(tube, bender, asked, stage), bender, tube.od, {
      clampLength,
      trailing,
    })) {
      const key = JSON.stringify(met);
      const before = found.get(key);
      const least = before?.gap ?? Infinity;
      const touches = before?.touches ?? (decided(gap) < 0 ? dial : null);
      if (gap < least) found.set(key, { met, gap, dial, touches });
      slack = Math.min(slack, gap - Math.min(gap, least));
    }
    return slack;
  };
  for (let dial = 0; dial < reading;)
    dial += Math.max(1, Math.floor(look({ at: 'pull', dial }, dial) / perDegree));
  look({ at: 'pull', dial: reading }, reading);
  look({ at: 'released' }, reading);
  return [...found.values()];
}
