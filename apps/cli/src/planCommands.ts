import { parseArgs } from 'node:util';
import {
  cockpitIn,
  copesIn,
  EMPTY_SHOP,
  type Evaluation,
  evaluate,
  fail,
  findingsIn,
  harnessIn,
  lapIn,
  type Outcome,
  type Plan,
  readPlan,
  readRuleBook,
  readShop,
  type RuleBook,
  type Shop,
  succeed,
} from '@gyrus/core';
import { readTakeOff } from '@gyrus/formats';
import { readText, type ReadFile } from './readText.ts';
import { exported } from './exportCommand.ts';
import { type Options, optionsOf } from './planOptions.ts';

/** Commands about a whole plan, with the shop and the rule books beside it. */
export const planCommands: Record<string, (args: string[], read: ReadFile) => Outcome<unknown>> = {
  evaluate: (args, read) =>
    evaluated(args, read, (answers, plan, books) => {
      const copes = copesIn(plan, answers, books);
      return succeed({
        ...answers,
        findings: findingsIn(plan, answers, copes, books),
        copes,
        harness: harnessIn(plan, answers, books),
        lapBelts: lapIn(plan, books),
        cockpit: cockpitIn(plan, answers),
      });
    }),
  check: (args, read) =>
    evaluated(args, read, (answers, plan, books) =>
      succeed({ findings: findingsIn(plan, answers, copesIn(plan, answers, books), books) }),
    ),
  export: (args, read) => evaluated(args, read, exported),
  import: imported,
};

/**
 * A plan comes back brought up to today's version; a list of bends or corners as a tube: what `xyz` or `lra` take. Bare numbers
 * are millimetres; the radius of a list of bends is asked for with --clr.
 */
function imported(args: string[], read: ReadFile): Outcome<unknown> {
  const options = importOptions(args);
  if (!options.ok) return options;
  const { file, clr } = options.value;
  const text = readText(file, read);
  if (!text.ok) return text;
  if (text.value.trimStart().startsWith('{')) return document(file, () => Buffer.from(text.value), readPlan);
  const list = readTakeOff(text.value, 'mm');
  if (!list.ok) return list;
  const { rows, tail, points } = list.value;
  if (points) return succeed({ points: points.map(({ at }) => at.map(({ mm }) => mm)) });
  if (clr === null)
    return fail('missing', '/clr', "missing: a list of bends needs the die's radius, --clr 152.4");
  return succeed({
    bends: (rows ?? []).map((row, i) => ({
      length: row.straight.mm,
      rotation: i === 0 || row.turn.kind !== 'degrees' ? 0 : row.turn.angle.deg,
      angle: row.angle.deg,
      clr,
    })),
    tail: tail?.mm ?? 0,
  });
}

function importOptions(args: string[]): Outcome<{ file: string; clr: number | null }> {
  try {
    const { values, positionals } = parseArgs({
      args,
      allowPositionals: true,
      options: { clr: { type: 'string' } },
    });
    if (positionals.length > 1) return fail('too-many-arguments', '', 'give one FILE');
    const clr = values.clr === undefined ? null : Number(values.clr);
    if (clr !== null && !(clr > 0 && clr <= 100_000))
      return fail('wrong-value', '/clr', '--clr is a radius in mm, more than 0');
    return succeed({ file: positionals[0] ?? '-', clr });
  } catch (error) {
    return fail('unknown-option', '', error instanceof Error ? error.message : String(error));
  }
}

type Use = (answers: Evaluation, plan: Plan, books: RuleBook[], options: Options) => Outcome<unknown>;

function evaluated(args: string[], read: ReadFile, use: Use): Outcome<unknown> {
  const options = optionsOf(args);
  if (!options.ok) return options;
  const plan = document(options.value.plan, read, readPlan);
  if (!plan.ok) return plan;
  const shop: Outcome<Shop> = options.value.shop
    ? document(options.value.shop, read, readShop)
    : succeed(EMPTY_SHOP);
  if (!shop.ok) return shop;
  const books: RuleBook[] = [];
  for (const file of options.value.books) {
    const book = document(file, read, readRuleBook);
    if (!book.ok) return book;
    books.push(book.value);
  }
  return use(evaluate(plan.value, shop.value, books), plan.value, books, options.value);
}

function document<T>(file: string, read: ReadFile, reader: (data: unknown) => Outcome<T>): Outcome<T> {
  const text = readText(file, read);
  if (!text.ok) return text;
  try {
    return reader(JSON.parse(text.value));
  } catch {
    return fail('not-json', '', `${file} is not one JSON document: give a single JSON object`);
  }
}
