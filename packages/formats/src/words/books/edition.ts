import {
  type EditionChange,
  type Rule,
  type ScheduleRow,
  type Stated,
  writtenLength,
  recordOf,
  isFigure,
} from '@gyrus/core';
import { type CheckBlank } from './checkBlank.ts';
import { blanksOf, checkForms } from './checkForm.ts';
import { holdsWords } from './conditions.ts';
import { roleWords } from '../role.ts';
import { figuresUncovered } from './statedFigures.ts';
import { tubeKindWords } from '../tube.ts';

const arrow = (label: string, was: string, now: string): string[] =>
  was === now ? [] : [`${label} ${was || 'nothing'} → ${now || 'nothing'}`];

/** What a newer edition changes in one rule or row, figure by figure: `largest tilt 10° → 8°`; of what is new or gone, what it says. */
export function editionChangeWords({ was, now }: EditionChange): string[] {
  if (!was || !now) return [was, now].flatMap((one) => (one ? statedWords(one) : []));
  const [before, after] = [was.item, now.item];
  if ('check' in before && 'check' in after)
    return ruleChanges({ ...was, item: before }, { ...now, item: after });
  return arrow('', statedWords(was), statedWords(now)).map((one) => one.trim());
}

const statedWords = ({ item, holds }: Stated): string =>
  'check' in item ? item.text : rowWords(item, holdsWords(holds));

type StatedRule = Stated & { item: Rule };

function ruleChanges({ item: was, holds: held }: StatedRule, { item: now, holds }: StatedRule): string[] {
  const roles = (rule: Rule) => rule.roles.map(roleWords).join(', ');
  const figures = [
    ...arrow('clause', was.clause, now.clause),
    ...checkChanges(was.check, now.check),
    ...arrow('about', roles(was), roles(now)),
    ...arrow('holds', holdsWords(held) || 'always', holdsWords(holds) || 'always'),
  ];
  const text = was.text === now.text ? [] : [`its text: “${now.text}”`];
  // Only what changed can be stale: other figures of the text may be of what no check covers.
  const before = new Set(figuresUncovered(was));
  const stale = figures.length > 0 ? figuresUncovered(now).filter((one) => !before.has(one)) : [];
  return [...figures, ...text, ...(stale.length > 0 ? [`its text still says ${stale.join(', ')}`] : [])];
}

function checkChanges(was: Rule['check'], now: Rule['check']): string[] {
  if (was.kind !== now.kind) return arrow('checked:', checkForms[was.kind].name, checkForms[now.kind].name);
  return blanksOf(now.kind).flatMap((blank) => {
    const [before, after] = [was, now].map((check) => valueWords(blank, recordOf(check)[blank.at]));
    return arrow(blank.label, before ?? '', after ?? '');
  });
}

/** What stands in a blank, as its page shows it. */
function valueWords(blank: CheckBlank, value: unknown): string {
  if (value === null || value === undefined || value === '') return 'open';
  if (blank.type === 'angle' && isFigure(value)) return `${value.typed}°`;
  if (blank.type === 'length' && isFigure(value) && 'mm' in value) return writtenLength(value);
  if (blank.type === 'number') return String(Number((Number(value) * (blank.shown ?? 1)).toFixed(6)));
  if (blank.type === 'choice' && typeof value === 'string')
    return blank.options.find((one) => one.value === value)?.text ?? value;
  if (blank.type === 'several')
    return blank.options
      .filter((one) => Array.isArray(value) && value.includes(one.value))
      .map(({ text }) => text)
      .join(' or ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' ? value : '';
}

const rowWords = ({ roles, options }: ScheduleRow, holds: string): string =>
  [
    roles.map(roleWords).join(', '),
    holds,
    options
      .map(
        ({ od, wall, kinds }) =>
          `${writtenLength(od)} × ${writtenLength(wall)} ${kinds.map(tubeKindWords).join(' / ')}`,
      )
      .join(' or '),
  ]
    .filter(Boolean)
    .join(': ');
