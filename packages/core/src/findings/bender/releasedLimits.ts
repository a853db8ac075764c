import { releasedWidths, type BendSheet } from '../../cage/index.ts';
import { decided } from '../../measure/index.ts';
import { type JobLimit } from '../../plan/index.ts';
import { type Finding } from '../finding.ts';

/** A limit of the feet when all bends of the hoop are released at the worse end of their interval. mm */
export interface ReleasedLimit {
  limit: JobLimit;
  worst: number;
  status: 'look' | 'clear';
}

/** The job's limits of the feet against what the bends may release to; those that are not known yet are left to their findings. */
export function releasedLimits(limits: JobLimit[], findings: Finding[], sheet: BendSheet): ReleasedLimit[] {
  const [ends] = releasedWidths(sheet)?.widths ?? [];
  if (!ends) return [];
  return limits.flatMap((limit) => {
    const measured = findings.find(({ key }) => key === `job-limit/${limit.id}`)?.measured;
    if (!limit.figure.startsWith('feet') || !measured || !('mm' in measured)) return [];
    const most = limit.bound === 'most';
    const worst = measured.mm - ends.planned + (most ? Math.max : Math.min)(ends.short, ends.over);
    const margin = most ? limit.length.mm - worst : worst - limit.length.mm;
    return [{ limit, worst, status: decided(margin) < 0 ? 'look' : 'clear' }];
  });
}
