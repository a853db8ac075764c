import { type End } from '../../cage/index.ts';
import { type BuildEntry } from '../ticked.ts';

/** A seam, or the part of it that another tube goes over: by the pieces and the end, whatever they are stamped. */
export interface SeamPart {
  piece: string;
  end: End;
  over: string | null;
}

/** A seam that was welded: by whom, when, and by which procedure where somebody said. */
export interface WeldedSeam extends SeamPart, Pick<BuildEntry, 'who' | 'at' | 'procedure'> {}

/** What is ticked off when a seam, or a part of it, is welded. */
export const weldTick = ({ piece, end, over }: SeamPart): string =>
  ['weld', piece, end, ...(over === null ? [] : [over])].join(':');

/** The seam of a tick; null for a tick of anything else. */
function seamOf(tick: string): SeamPart | null {
  const [kind, piece, end, over = null] = tick.split(':');
  return kind === 'weld' && piece && (end === 'a' || end === 'b') ? { piece, end, over } : null;
}

/** Every seam that is welded after all that was written down, in the order of welding: one that was ground out again is not. */
export function weldedSeams(entries: readonly BuildEntry[]): WeldedSeam[] {
  const welded = new Map<string, WeldedSeam>();
  for (const { kind, ticks, who, at, procedure } of entries)
    for (const tick of ticks) {
      const seam = seamOf(tick);
      if (!seam || kind === 'note') continue;
      welded.delete(tick);
      if (kind === 'done') welded.set(tick, { ...seam, who, at, procedure });
    }
  return [...welded.values()];
}
