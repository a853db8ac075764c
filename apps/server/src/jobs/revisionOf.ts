import { type Revision, type RevisionSummary } from '@gyrus/contract';
import { readPlan } from '@gyrus/core';
import { HttpStatus } from '@nestjs/common';
import { Refusal } from '../common/fault.ts';
import { type PlanRevisionEntity } from './planRevision.entity.ts';

/** Columns of a revision but the plan, which is long. */
export const WITHOUT_PLAN = {
  id: true,
  jobId: true,
  number: true,
  parentId: true,
  branch: true,
  author: true,
  note: true,
  changes: true,
  createdAt: true,
} as const;

/** A revision without its plan, as it is answered. */
export const summaryOf = (found: PlanRevisionEntity): RevisionSummary => ({
  id: found.id,
  number: found.number,
  parent: found.parentId,
  branch: found.branch,
  author: found.author,
  note: found.note,
  changes: found.changes,
  createdAt: found.createdAt.toISOString(),
});

/** Plans are brought up to today's version as they are read; what is stored never changes. */
export function revisionOf(found: PlanRevisionEntity): Revision {
  const plan = readPlan(found.plan);
  if (!plan.ok)
    throw new Refusal({ ...plan.fault, path: `/plan${plan.fault.path}` }, HttpStatus.INTERNAL_SERVER_ERROR);
  return { ...summaryOf(found), plan: plan.value };
}
