import { type EditionChange, type Rule, type ScheduleRow, writtenLength } from '@gyrus/core';
import { type CheckBlank, blanksOf, checkForms } from './checkForm.ts';
import { holdsWords } from './conditions.ts';
import { roleWords } from './role.ts';
import { figuresUncovered } from './statedFigures.ts';
import { tubeKindWords } from './tube.ts';

const arrow = (label: string, was: string, now: string): string[] =>
  was === now ? [] : [`${label} ${was || 'nothing'} → ${now || 'nothing'}`];

/** What a newer edition changes in one rule or row, figure by figure: `largest tilt 10° → 8°`. */
export function editionChangeWords({ kind, was, now }: EditionChange): string[] {
  if (kind === 'added') return [now ? ('check' in now ? now.text : rowWords(now)) : ''];
  if (!was || !now) return [was ? ('check' in was ? was.text : rowWords(was)) : ''];
  if ('check' in was && 'check' in now) return ruleChanges(was, now);
  return 'check' in was || 'check' in now
    ? []
    : arrow('', rowWords(was), rowWords(now)).map((one) => one.trim());
}

function ruleChanges(was: Rule, now: Rule): string[] {
  const roles = (rule: Rule) => rule.roles.map(roleWords).join(', ');
  const found = [
    ...arrow('clause', was.clause, now.clause),
    ...checkChanges(was.check, now.check),
    ...arrow('about', roles(was), roles(now)),
    ...arrow('holds', conditionsOf(was), conditionsOf(now)),
  ];
  const figures = found.length;
  if (was.text !== now.text) found.push(`its text: “${now.text}”`);
  // Only what changed can be stale: other figures of the text may be of what no check covers.
  const before = new Set(figuresUncovered(was));
  const stale = figures > 0 ? figuresUncovered(now).filter((one) => !before.has(one)) : [];
  return stale.length > 0 ? [...found, `its text still says ${stale.join(', ')}`] : found;
}

const conditionsOf = ({ classes, when }: Rule): string =>
  holdsWords({ roof: null, over: null, upTo: null, builtFrom: null, builtTo: null, ...when, classes }) ||
  'always';

function checkChanges(was: Rule['check'], now: Rule['check']): string[] {
  if (was.kind !== now.kind) return arrow('checked:', checkForms[was.kind].name, checkForms[now.kind].name);
  return blanksOf(now.kind).flatMap((blank) => {
    const [before, after] = [was, now].map((check) =>
      valueWords(blank, (check as Record<string, unknown>)[blank.at]),
    );
    return arrow(blank.label, before ?? '', after ?? '');
  });
}

/** What stands in a blank, as its page shows it. */
function valueWords(blank: CheckBlank, value: unknown): string {
  if (value === null || value === undefined || value === '') return 'open';
  if (blank.type === 'angle') return `${(value as { typed: string }).typed}°`;
  if (blank.type === 'length') return writtenLength(value as { mm: number; typed: string });
  if (blank.type === 'number') return String(Number(((value as number) * (blank.shown ?? 1)).toFixed(6)));
  if (blank.type === 'choice' && typeof value === 'string')
    return blank.options.find((one) => one.value === value)?.text ?? value;
  if (blank.type === 'several')
    return blank.options
      .filter((one) => (value as string[]).includes(one.value))
      .map(({ text }) => text)
      .join(' or ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' ? value : '';
}

const rowWords = ({ roles, options, over, upTo }: ScheduleRow): string =>
  [
    roles.map(roleWords).join(', '),
    holdsWords({ roof: null, builtFrom: null, builtTo: null, classes: [], over, upTo }),
    options
      .map(
        ({ od, wall, kinds }) =>
          `${writtenLength(od)} × ${writtenLength(wall)} ${kinds.map(tubeKindWords).join(' / ')}`,
      )
      .join(' or '),
  ]
    .filter(Boolean)
    .join(': ');
