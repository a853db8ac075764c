import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { parseArgs } from 'node:util';
import {
  cageView,
  cockpitIn,
  copesIn,
  earsOf,
  EMPTY_SHOP,
  type Evaluation,
  evaluate,
  fail,
  findingsIn,
  type FlatOutline,
  flatOutline,
  harnessIn,
  hoopAnswerOf,
  hoopFront,
  lapIn,
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
  tapeHook,
  tubesIn,
} from '@gyrus/core';
import { outlineDxf, outlineSvg, paperTheme, readTakeOff, tubesCsv, writeSvg } from '@gyrus/formats';
import { readText, type ReadFile } from './readText.ts';

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
      rotation: i === 0 ? 0 : row.rotation.deg,
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

interface Options {
  plan: string;
  shop?: string | undefined;
  books: string[];
  to?: string | undefined;
  out?: string | undefined;
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
function exported(
  answers: Evaluation,
  plan: Plan,
  books: RuleBook[],
  { to, out }: Options,
): Outcome<unknown> {
  const written = to !== undefined && Object.hasOwn(WRITERS, to) ? WRITERS[to] : undefined;
  if (!written)
    return fail('unknown-format', '', `--to takes ${Object.keys(WRITERS).join(', ')}, not "${to ?? ''}"`);
  if (!out) return fail('missing', '', 'missing: say with --out where the files go');
  const files = written(answers, plan, books);
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

/** What --to can be: file names with their texts. */
const WRITERS: Record<
  string,
  (answers: Evaluation, plan: Plan, books: RuleBook[]) => Record<string, string>
> = {
  svg: drawings,
  json: (_, plan) => ({ 'plan.json': JSON.stringify(plan, null, 2) + '\n' }),
  dxf: (answers) => outlines(answers, (outline) => ['dxf', outlineDxf(outline)]),
  csv: (answers) => ({ 'tubes.csv': tubesCsv(answers) }),
};

/** The outline of every tube that lies flat; tubes of several planes have none. */
function outlines(
  { members }: Evaluation,
  write: (outline: FlatOutline) => [extension: string, text: string],
): Record<string, string> {
  const files: Record<string, string> = {};
  for (const { tube } of members.flatMap(({ pieces }) => pieces)) {
    const outline = tube && flatOutline(tube);
    if (!outline?.ok) continue;
    const [extension, text] = write(outline.value);
    files[`${outline.value.stamp}-outline.${extension}`] = text;
  }
  return files;
}

function drawings(answers: Evaluation, plan: Plan, books: RuleBook[]): Record<string, string> {
  const style: LengthStyle = { unit: plan.units.length, fraction: plan.units.fraction, decimals: 0 };
  const copes = copesIn(plan, answers, books);
  const files: Record<string, string> = {};
  for (const { member, pieces } of answers.members) {
    const datum = plan.members.find((one) => one.id === member)?.bending.datum ?? 'centre';
    for (const { sheet } of pieces)
      if (sheet)
        files[`${sheet.stamp}-strip.svg`] = writeSvg(
          markOutStrip(sheet, {
            width: 1100,
            hook: tapeHook(sheet, datum, earsOf(copes, sheet.piece)),
            style,
          }),
          paperTheme,
        );
  }
  const tubes = tubesIn(answers);
  for (const view of ['front', 'side', 'top', 'corner'] as const)
    if (tubes.length > 0)
      files[`cage-${view}.svg`] = writeSvg(
        cageView(tubes, { view, width: 860, height: 520, selected: [], stamps: 'all', style: null }),
        paperTheme,
      );
  Object.assign(
    files,
    outlines(answers, (outline) => ['svg', outlineSvg(outline)]),
  );
  const hoop = hoopAnswerOf(answers);
  if (hoop?.tube && 'hoop' in hoop.hoop) {
    const body = { measures: plan.survey.measures, gaps: hoop.gaps };
    const front = hoopFront(hoop.hoop.hoop, hoop.tube, hoop.sheet, { width: 860, height: 520, style, body });
    files[`${hoop.stamp}-front.svg`] = writeSvg(front, paperTheme);
  }
  return files;
}
