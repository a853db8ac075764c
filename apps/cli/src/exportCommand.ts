import { mkdirSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import {
  cageView,
  copesIn,
  earsOf,
  type Evaluation,
  fail,
  type FlatOutline,
  flatOutline,
  panelOutline,
  hoopAnswerOf,
  hoopFront,
  type LengthStyle,
  markOutStrip,
  type Outcome,
  type Plan,
  type RuleBook,
  succeed,
  tapeHook,
  tubesIn,
} from '@gyrus/core';
import { outlineDxf, outlineSvg, paperTheme, tubesCsv, writeSvg } from '@gyrus/formats';
import { type Options } from './planOptions.ts';

/** Writes files into --out and answers with their names. */
export function exported(
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

/** The outline of every panel between bars, and of every tube that lies flat; tubes of several planes have none. */
function outlines(
  { members, parts }: Evaluation,
  write: (outline: FlatOutline) => [extension: string, text: string],
): Record<string, string> {
  const files: Record<string, string> = {};
  const add = (outline: FlatOutline) => {
    const [extension, text] = write(outline);
    files[`${outline.stamp}-outline.${extension}`] = text;
  };
  for (const { tube } of members.flatMap(({ pieces }) => pieces)) {
    const outline = tube && flatOutline(tube);
    if (outline?.ok) add(outline.value);
  }
  for (const { stamp, answer } of parts)
    if (answer.ok && answer.value.panel) add(panelOutline(stamp, answer.value.panel));
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
