import { type Revision } from '@gyrus/contract';
import { type Plan } from '@gyrus/core';
import { usePlanStore } from './planStore.ts';

/** For tests: a plan as the first revision of its job. */
const firstRevision = (plan: Plan): Revision => ({
  id: 'r1',
  number: 1,
  parent: null,
  branch: 'main',
  author: '',
  note: '',
  changes: '',
  createdAt: '',
  plan,
});

/** For tests: a job with this plan on screen, and nothing left of another test. */
export function openJobWith(plan: Plan): void {
  localStorage.clear();
  usePlanStore.getState().close();
  usePlanStore.getState().open('job', firstRevision(plan));
}
