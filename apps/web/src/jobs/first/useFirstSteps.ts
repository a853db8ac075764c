import { type JobSummary } from '@gyrus/contract';
import { type RuleBook, type Shop } from '@gyrus/core';
import { useJobs, useRuleBooks, useShop } from '../../shared/server/queries.ts';

/** One of the things that a shop needs before its first sheet. */
export interface FirstStep {
  /** What it is, and why it comes here. */
  name: string;
  why: string;
  /** What there is of it by now; null while there is none. */
  there: string | null;
  to: string;
  /** What is done there. */
  act: string;
}

/** The three steps of an empty program in their order; null until it is known what there is. */
export function useFirstSteps(): FirstStep[] | null {
  const [shop, books, jobs] = [useShop().data, useRuleBooks().data, useJobs().data];
  return shop && books && jobs ? firstSteps(shop, books, jobs) : null;
}

/** What a shop with these machines, books and jobs has, and what it still needs. */
export function firstSteps(
  shop: Pick<Shop, 'machines'>,
  books: readonly Pick<RuleBook, 'title'>[],
  jobs: readonly Pick<JobSummary, 'name' | 'archived'>[],
): FirstStep[] {
  const dies = shop.machines.flatMap((machine) => machine.dies);
  const open = jobs.filter(({ archived }) => !archived);
  return [
    {
      name: 'The bender and its die',
      why: 'Every mark, radius and reading comes from the die: its tube, its radius, the straight that its clamp needs.',
      there: dies.length === 0 ? null : listed(dies.map(({ name }) => name)),
      to: '/shop',
      act: shop.machines.length === 0 ? 'Add the bender' : 'Add its die',
    },
    {
      name: 'The rule book',
      why: 'It says what tube is the least and what is measured. A series that is not here is written or taken in as a file.',
      there: books.length === 0 ? null : listed(books.map(({ title }) => title)),
      to: '/rule-books',
      act: 'Read the books',
    },
    {
      name: 'The car',
      why: 'A job begins with its brief; then the stripped car is measured, and the hoop follows from that.',
      there: open.length === 0 ? null : listed(open.map(({ name }) => name)),
      to: '/jobs?new',
      act: 'Start the job',
    },
  ];
}

/** The first ones by name, each once: a book has its title in every edition. */
function listed(names: string[]): string {
  const each = [...new Set(names)];
  const more = each.length - 2;
  return each.slice(0, 2).join(', ') + (more > 0 ? ` and ${more} more` : '');
}
