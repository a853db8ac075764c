import { type AsBuiltPoint, type Moment } from '../../asBuilt/index.ts';
import { type End } from '../../cage/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type WorkPlace } from '../order/index.ts';
import { type SeamPositions } from '../welding/positions.ts';
import { type NearSeam } from './nearSeams.ts';
import { type BentAgain } from './bentAgain.ts';
import { type PaintStretch } from './paint.ts';
import { type TackMark } from './tacks.ts';
import { type Vent } from './vents.ts';

/** Where a step is done; `lifted`: back in its place after it was let down. */
export type StepPlace = WorkPlace | 'lifted';

/** How a tube gets to its place, as it is told. Car's frame, mm */
export interface WayTold {
  /** By itself; with a header that gives; or nobody knows. */
  how: 'free' | 'sprung' | 'unknown';
  /** The direction from which it comes, length 1; null where it sits on nothing that holds it. */
  from: Vec3 | null;
  /** The tube that is kept on one short tack until it is in; null where they are sprung. */
  loose: string | null;
  /** So far the header gives, square to itself. */
  by: number;
}

/** A tube that is tacked in a step. */
export interface Tacked {
  piece: string;
  stamp: string;
  headers: string[];
  /** Stamps of the plates that its feet stand on. */
  plates: string[];
  way: WayTold;
  tacks: TackMark[];
}

/** A part of a seam that is welded in a step. mm */
export interface Welded {
  /** What is ticked off when it is done. */
  tick: string;
  piece: string;
  stamp: string;
  end: End;
  headers: string[];
  length: number;
  /** All of the seam. */
  whole: boolean;
  /** The tube that goes over it; null where none does. */
  coveredBy: string | null;
  /** The tube behind which the torch would not get there any more. */
  hiddenBy: string | null;
  /** What no torch reaches of it any more. */
  lost: number;
  /** The tube for which its own had to be kept loose until now; null where it was kept for none. */
  keptFor: string | null;
  /** Where the seam lies, in order. */
  at: Vec3[];
  /** Of its tube. */
  wall: number;
  /** How it lies where it is welded. */
  positions: SeamPositions;
}

/** What is done in a step. */
export type StepWork =
  | { kind: 'plates'; plates: string[] }
  | { kind: 'bend-again'; bends: BentAgain[] }
  | { kind: 'sleeves'; sleeves: { part: string; stamp: string }[] }
  | { kind: 'vents'; vents: Vent[] }
  | { kind: 'prime'; stretches: PaintStretch[] }
  /** apart: of the feet's axes; between: of the legs, where the brace is sawn to. mm */
  | { kind: 'brace'; stamp: string; apart: number; between: number }
  | { kind: 'protect'; near: NearSeam[] }
  | { kind: 'carry'; stamps: string[] }
  | { kind: 'tack'; tubes: Tacked[] }
  | { kind: 'measure'; when: Moment; checks: AsBuiltPoint[] }
  | { kind: 'weld'; seams: Welded[] }
  | { kind: 'drop'; drop: number; forward: number }
  | { kind: 'lift'; drop: number; forward: number }
  | { kind: 'feet'; stamps: string[] }
  | { kind: 'unbrace'; stamp: string };

/** A step of the build. */
export interface BuildStep {
  /** What is ticked off, thing by thing: they stay the same when steps are put together otherwise. */
  ticks: string[];
  where: StepPlace;
  work: StepWork;
  /** Pieces that stand when it begins. */
  standing: string[];
}
