import { type Finding } from '../../findings/index.ts';

/** What is said of a plate. */
export interface Told extends Pick<Finding, 'status' | 'measured' | 'limit' | 'margin'> {
  /** The last part of its key. */
  what: string;
  code:
    | 'plate-area'
    | 'plate-thickness'
    | 'plate-width'
    | 'plate-bolts'
    | 'bolt-size'
    | 'bolt-grade'
    | 'bolt-grade-unknown';
}

/** A length of a plate against what the book asks. mm */
export const length = (
  what: string,
  code: Told['code'],
  measured: number,
  limit: number,
  judge: (margin: number) => Told['status'],
): Told => ({
  what,
  code,
  status: judge(measured - limit),
  measured: { mm: measured },
  limit: { mm: limit },
  margin: { mm: measured - limit },
});
