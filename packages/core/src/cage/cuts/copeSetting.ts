import { type CarSide, type Plan } from '../../plan/index.ts';
import { type EndCut } from './endCut.ts';
import { type Joint } from '../placing/joint.ts';
import { type PlateAnswer } from '../fittings/plates.ts';
import { type Tube } from '../tube.ts';

/** What the copes are cut from. */
export interface CopeSetting {
  plan: Plan;
  tubes: Tube[];
  joints: Joint[];
  plates: PlateAnswer[];
  /** Which of twins a piece is. */
  sides: Map<string, CarSide | null>;
  /** Members that came with the car: they are not cut. */
  existing: Set<string>;
  /** Pieces that the chosen books want in one: what crosses them is cut, whatever was fitted first. */
  continuous: Set<string>;
}

/** Generators of a profile: every 2° round the tube. */
export const GENERATORS = 180;

/** Which end of which tube a cut is of. */
export type WhichEnd = Pick<
  EndCut,
  'piece' | 'member' | 'stamp' | 'end' | 'headers' | 'headerPieces' | 'plate' | 'sharpest'
>;

/** An end that no cut can be given, and why. */
export const uncut = (which: WhichEnd, why: string): EndCut => ({
  ...which,
  method: 'none',
  why,
  outer: [],
  inner: [],
  face: null,
  foot: null,
  passes: [],
  ear: 0,
  throat: 0,
  prep: null,
});
