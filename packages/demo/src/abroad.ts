import { type Plan } from '@gyrus/core';
import { demoPlan } from './job.ts';

/** The same cage asked what it lacks for another book. */
export const ABROAD_JOB = {
  id: '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c04',
  name: 'If it goes abroad',
};

/** The full cage as it stands, held against a second book that nobody had in mind when it was drawn. */
export const abroadPlan: Plan = {
  ...demoPlan,
  brief: {
    ...demoPlan.brief,
    books: [...demoPlan.brief.books, { book: 'international-cage', class: null, edition: null }],
    notes: 'What would an international inspector find?',
  },
};
