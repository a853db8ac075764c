import { type FootSaw, type SawPass, type Seam, type WeldPrep } from '../../cope/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Tube } from '../tube.ts';

/** An end of a tube, by its name. */
export type End = 'a' | 'b';

/** How an end is made: by the notcher, by a template and grinder, cut to a plane, cut square, or not at all. */
export type CopeMethod = 'saw' | 'template' | 'plane' | 'square' | 'none';

/** One end of one tube with its cut. mm and degrees */
export interface EndCut {
  piece: string;
  member: string;
  stamp: string;
  end: End;
  /** Pieces that it is coped to and their stamps, the one it stands on first. */
  headerPieces: string[];
  headers: string[];
  /** The stamp of the plate that it stands on. */
  plate: string | null;
  method: CopeMethod;
  /** Why no notcher makes it, or why it has no cut. */
  why: string | null;
  /** Setbacks of the outer and the inner edge, mm, at even steps round the tube from the face line; null where it passes. */
  outer: (number | null)[];
  inner: (number | null)[];
  /** The direction of the face line from the axis, car's frame; null for an end without a cut. */
  face: Vec3 | null;
  /** Of an end that is cut to a floor, a plate or a wall: how the saw is set, and where its long side lies. */
  foot: FootSaw | null;
  passes: SawPass[];
  /** To the ear (the long point) and to the throat (the lowest point), from the node along the axis. */
  ear: number;
  throat: number;
  /** The sharpest angle to a tube that it stands on or runs into, 0 to 90; null where there is none. */
  sharpest: number | null;
  prep: WeldPrep | null;
}

/** An end with what its seam follows from. */
export interface CutEnd {
  tube: Tube;
  headers: Tube[];
  cut: EndCut;
  seam: Seam | null;
}

/** Whether an end is cut to a plane that is not square to it: it has a long side then. */
export const slants = ({ foot }: Pick<EndCut, 'foot'>): boolean => foot?.long != null;

/** A cut in few words, to see later whether it has changed: setbacks every 30° to a tenth of a millimetre. */
export function cutMark({ outer, method }: Pick<EndCut, 'outer' | 'method'>): string {
  if (outer.length === 0) return method;
  const at = (degrees: number) => outer[Math.round((degrees * outer.length) / 360)];
  return Array.from({ length: 12 }, (_, i) => at(30 * i)?.toFixed(1) ?? 'passes').join(' ');
}
