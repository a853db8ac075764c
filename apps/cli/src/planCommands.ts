import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import {
  EMPTY_SHOP,
  type Evaluation,
  evaluate,
  fail,
  hoopAnswerOf,
  hoopFront,
  type LengthStyle,
  markOutStrip,
  type Outcome,
  type Plan,
  readPlan,
  readRuleBook,
  readShop,
  type RuleBook,
  type Shop,
  succeed,
} from '@gyrus/core';
import { paperTheme, writeSvg } from '@gyrus/formats';
import { readText, type ReadFile } from './readText.ts';

/** Commands about a whole plan, with the shop and the rule books beside it. */
export const planCommands: Record<string, (args: string[], read: ReadFile) => Outcome<unknown>> = {
  evaluate: (args, read) => evaluated(args, read, (answers) => succeed(answers)),
  check: (args, read) => evaluated(args, read, ({ findings }) => succeed({ findings })),
  export: (args, read) => evaluated(args, read, exported),
};

interface Options {
  plan: string;
  shop?: string | undefined;
  books: string[];
  to?: string | undefined;
  out?: string | undefined;
}

type Use = (answers: Evaluation, plan: Plan, options: Options) => Outcome<unknown>;

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
  return use(evaluate(plan.value, shop.value, books), plan.value, options.value);
}

function optionsOf(args: string[]): Outcome<Options> {
  try {
    const { values, positionals } = parseArgs({
      args: spreadBooks(args),
      allowPositionals: true,
      options: {
        shop: { type: 'string' },
        books: { type: 'string', multiple: true, default: [] },
        to: { type: 'string' },
        out: { type: 'string' },
      },
    });
    if (positionals.length > 1) return fail('too-many-arguments', '', 'give one PLAN.json');
    return succeed({ ...values, plan: positionals[0] ?? '-' });
  } catch (error) {
    return fail('unknown-option', '', error instanceof Error ? error.message : String(error));
  }
}

/** `--books A B C` is `--books A --books B --books C`: the files up to the next option. */
function spreadBooks(args: string[]): string[] {
  let within = false;
  return args.flatMap((arg) => {
    if (arg === '--books') within = true;
    else if (arg.startsWith('--')) within = false;
    else if (within) return ['--books', arg];
    return arg === '--books' ? [] : [arg];
  });
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

/** Writes files into --out and answers with their names. */
function exported(answers: Evaluation, plan: Plan, { to, out }: Options): Outcome<unknown> {
  if (to !== 'svg' && to !== 'json')
    return fail('unknown-format', '', `--to takes svg or json, not "${to ?? ''}"`);
  if (!out) return fail('missing', '', 'missing: say with --out where the files go');
  const files =
    to === 'json' ? { 'plan.json': JSON.stringify(plan, null, 2) + '\n' } : drawings(answers, plan);
  try {
    mkdirSync(out, { recursive: true });
    for (const [name, text] of Object.entries(files)) writeFileSync(path.join(out, name), text);
  } catch (error) {
    return fail(
      'cannot-write',
      '',
      `${out} cannot be written: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
  return succeed({ files: Object.keys(files).map((name) => path.join(out, name)) });
}

function drawings(answers: Evaluation, plan: Plan): Record<string, string> {
  const style: LengthStyle = { unit: plan.units.length, fraction: plan.units.fraction, decimals: 0 };
  const files: Record<string, string> = {};
  for (const { member, pieces } of answers.members) {
    const datum = plan.members.find((one) => one.id === member)?.bending.datum ?? 'centre';
    for (const { sheet } of pieces)
      if (sheet)
        files[`${sheet.stamp}-strip.svg`] = writeSvg(
          markOutStrip(sheet, { width: 1100, datum, style }),
          paperTheme,
        );
  }
  const hoop = hoopAnswerOf(answers);
  if (hoop?.tube && 'hoop' in hoop.hoop) {
    const body = { measures: plan.survey.measures, gaps: hoop.gaps };
    const front = hoopFront(hoop.hoop.hoop, hoop.tube, hoop.sheet, { width: 860, height: 520, style, body });
    files[`${hoop.stamp}-front.svg`] = writeSvg(front, paperTheme);
  }
  return files;
}
