import { recordOf } from '@gyrus/core';
import { type Pool } from 'pg';
import { type DataSource } from 'typeorm';

/** A revision as it was sent. */
export interface NewRevision {
  id: string;
  jobId: string;
  parent: string;
  branch: string;
  author: string;
  note: string;
  changes: string;
  /** The plan as JSON. */
  plan: string;
}

/** What the database made of it. */
export interface Appended {
  number: number;
  createdAt: Date;
}

/** PostgreSQL's code for a key that is there already (appendix A of its manual). */
const UNIQUE_VIOLATION = '23505';

/**
 * Puts a revision on top of its parent in one statement, where the parent is the newest of its branch. null where it is not, or where
 * the id is taken: nothing was written. Of two that come together, the unique key on job, branch and parent lets one pass.
 */
export async function appendRevision(database: DataSource, revision: NewRevision): Promise<Appended | null> {
  const { id, jobId, parent, branch, author, note, changes, plan } = revision;
  try {
    const { rows } = await poolOf(database).query<Appended>({
      name: 'append-revision',
      text: APPEND,
      values: [id, jobId, parent, branch, author, note, plan, changes],
    });
    return rows[0] ?? null;
  } catch (error) {
    if (recordOf(error).code === UNIQUE_VIOLATION) return null;
    throw error;
  }
}

/** The pool below TypeORM, which does not let a statement be prepared: planning it anew would cost as much as doing it. */
const poolOf = (database: DataSource): Pool => (database.driver as unknown as { master: Pool }).master;

const APPEND = `
  WITH head AS (
    SELECT id FROM plan_revision
     WHERE job_id = $2 AND branch = $4 ORDER BY number DESC LIMIT 1
  ), counted AS (
    UPDATE job SET last_revision = last_revision + 1, updated_at = now()
      FROM head WHERE job.id = $2 AND head.id = $3 AND job.closed_at IS NULL
    RETURNING last_revision
  )
  INSERT INTO plan_revision (id, job_id, number, parent_id, branch, author, note, plan, changes)
  SELECT $1, $2, last_revision, $3, $4, $5, $6, $7, $8 FROM counted
  RETURNING number, created_at AS "createdAt"`;
