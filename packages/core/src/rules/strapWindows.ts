import { type StrapWindow } from '../harness/index.ts';
import { type Plan } from '../plan/index.ts';
import { rulesOfKind } from './book/chosen.ts';
import { type RuleBook } from './book/ruleBook.ts';

/** What is taken where no chosen book has a window. Degrees, from memory: handbook §8; of lap belts common practice */
const WIDEST: Record<'harness-window' | 'lap-window', StrapWindow> = {
  'harness-window': { book: 'common practice', least: 0, most: 45 },
  'lap-window': { book: 'common practice', least: 45, most: 80 },
};

/** The windows of the chosen books for shoulder straps or lap belts; common practice where none has one. */
export function strapWindows(plan: Plan, books: RuleBook[], kind: keyof typeof WIDEST): StrapWindow[] {
  const found = rulesOfKind(plan, books, kind).map(({ check, source }): StrapWindow => ({
    book: source.bookTitle,
    least: check.least.deg,
    most: check.most.deg,
  }));
  return found.length > 0 ? found : [WIDEST[kind]];
}
