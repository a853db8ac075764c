import { type Length } from '../../measure/index.ts';
import { type WeldPosition } from './positions.ts';

/** How steel is fused in a cage shop. */
export const WELD_PROCESSES = ['tig', 'mig', 'stick', 'oxy-fuel'] as const;
/** How a seam is welded. */
export type WeldProcess = (typeof WELD_PROCESSES)[number];

/** A joint that was welded to try a procedure and cut open: what was seen in the cut. */
export interface WeldSample {
  id: string;
  position: WeldPosition;
  /** Who welded it. */
  who: string;
  /** When it was cut open. ISO 8601 */
  at: string;
  sound: boolean;
  note: string;
  /** The name of its picture; null where none is kept. */
  photo: string | null;
}

/** How seams of one wall are welded in some positions. It is written once: another way of welding is another procedure. */
export interface WeldProcedure {
  id: string;
  name: string;
  /** Of the tube that is welded on. */
  wall: Length;
  positions: WeldPosition[];
  process: WeldProcess;
  /** Rod or wire, with its diameter. */
  filler: string;
  /** Least and most; null for a flame. */
  amperes: { least: number; most: number } | null;
  gas: string;
  /** As the shop says it: none, or how warm. */
  preheat: string;
  passes: number;
  who: string;
  /** ISO 8601 */
  at: string;
  /** It is not welded by any more. */
  setAside: boolean;
  /** In the order in which they were cut open. */
  samples: WeldSample[];
}
