import { type JobSummary } from '@gyrus/contract';
import { type DataSource } from 'typeorm';
import { type JobEntity } from './job.entity.ts';

interface SummaryRow
  extends
    Omit<JobSummary, 'createdAt' | 'updatedAt' | 'closed' | 'copiedFrom'>,
    Pick<JobEntity, 'createdAt' | 'updatedAt' | 'closedBy' | 'closedAt' | 'copiedFrom' | 'copiedRevision'> {
  copiedName: string | null;
}

const SUMMARIES = `
  SELECT job.id, job.name, job.archived, job.created_at AS "createdAt", job.updated_at AS "updatedAt",
         job.closed_by AS "closedBy", job.closed_at AS "closedAt",
         job.copied_from AS "copiedFrom", origin.name AS "copiedName", job.copied_revision AS "copiedRevision",
         job.last_revision AS revision,
         coalesce(newest.plan #>> '{brief,car}', '') AS car,
         coalesce(newest.plan #>> '{brief,series}', '') AS series
    FROM job
    LEFT JOIN job origin ON origin.id = job.copied_from
    LEFT JOIN plan_revision newest ON newest.job_id = job.id AND newest.number = job.last_revision
   ORDER BY job.updated_at DESC`;

/** All jobs, last changed first; car and series come from the newest plan. */
export async function jobSummaries(database: DataSource): Promise<JobSummary[]> {
  const rows: SummaryRow[] = await database.query(SUMMARIES);
  return rows.map(({ closedBy, closedAt, copiedFrom, copiedName, copiedRevision, ...row }) => ({
    ...row,
    closed: closedOf(closedBy, closedAt),
    copiedFrom: copiedOf(copiedFrom, copiedName, copiedRevision),
    createdAt: row.createdAt.toISOString(),
    updatedAt: row.updatedAt.toISOString(),
  }));
}

/** By whom and when a job was closed; null while it is open. */
export const closedOf = (by: string | null, at: Date | null): JobSummary['closed'] =>
  by !== null && at ? { by, at: at.toISOString() } : null;

/** What a job began as a copy of; null where it began empty. */
export const copiedOf = (
  id: string | null,
  name: string | null,
  revision: number | null,
): JobSummary['copiedFrom'] =>
  id !== null && name !== null && revision !== null ? { id, name, revision } : null;
