import { type RuleBook } from '@gyrus/core';
import { internationalBook } from './books/international.ts';
import { metricBook } from './books/metric.ts';
import { stripBook } from './books/strip.ts';
import { weightBook } from './books/weight.ts';

export { internationalBook };

/** The schools of rule books: by car weight, the published figures from memory, one metric size, and the strip. */
export const demoBooks: RuleBook[] = [weightBook, internationalBook, metricBook, stripBook];
