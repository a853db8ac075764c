import { changesBetween, type FieldChange, type LengthStyle, type Plan } from '@gyrus/core';
import { roleWords } from '../role.ts';
import { planFieldWords, planValueWords } from './planField.ts';

/** So many changes are said; the others are counted. */
const MOST_SAID = 3;

/** Lists whose order alone changed, and what else says nothing beside the change that it comes with. */
const ALONG = new Set(['fitOrder', 'dies', 'proposalsMarked']);

/**
 * What a plan has that another has not, in a few words: `harness bar HB: end A, height 24 in → 22 7/8 in; 2 plates added`. Empty where they
 * are the same.
 */
export function planChangesWords(from: Plan, to: Plan, style: LengthStyle): string {
  const changes = changesBetween(from, to);
  const own = changes.filter(({ path }) => !ALONG.has(path[0] ?? ''));
  // What comes along with something else is told where it is all there is.
  const told = own.length > 0 ? own : changes;
  const words = [
    ...cameAndWent(told),
    ...told.filter((one) => !isWhole(one)).map((one) => changeWords(one, from, to, style)),
  ];
  const said = words.slice(0, MOST_SAID);
  const more = words.length - said.length;
  return [...said, ...(more > 0 ? [`${more} more`] : [])].join('; ');
}

function changeWords(
  { path, from: before, to: after }: FieldChange,
  from: Plan,
  to: Plan,
  style: LengthStyle,
): string {
  const field = planFieldWords(path, [to, from]);
  const [was, is] = [planValueWords(before, style), planValueWords(after, style)];
  if (path[0] === 'answers' || was === is) return `${field} changed`;
  return was === 'nothing' ? `${field} ${is}` : `${field} ${was} → ${is}`;
}

/** A record that came or went as a whole. */
const isWhole = ({ path, from, to }: FieldChange): boolean =>
  path.length === 2 &&
  path[0] !== 'brief' &&
  (from === undefined || to === undefined) &&
  typeof (from ?? to) === 'object';

/** Records that came and went, those of a kind counted: `backstay B added`, `2 plates taken out`. */
function cameAndWent(changes: readonly FieldChange[]): string[] {
  const groups = new Map<string, { what: string; stamps: string[]; verb: string }>();
  for (const change of changes.filter(isWhole)) {
    const verb = change.from === undefined ? 'added' : 'taken out';
    const record = (change.from ?? change.to) as { role?: string; stamp?: string; name?: string };
    const what =
      record.role === undefined ? (KINDS[change.path[0] ?? ''] ?? 'record') : roleWords(record.role);
    const group = groups.get(`${what}/${verb}`) ?? { what, stamps: [], verb };
    group.stamps.push(record.stamp ?? record.name ?? '');
    groups.set(`${what}/${verb}`, group);
  }
  return [...groups.values()].map(({ what, stamps, verb }) =>
    stamps.length === 1
      ? [what, stamps[0], verb].filter(Boolean).join(' ')
      : `${stamps.length} ${plural(what)} ${verb}`,
  );
}

const KINDS: Record<string, string> = {
  plates: 'plate',
  gussets: 'gusset',
  parts: 'part',
  occupants: 'driver',
  limits: 'limit',
  answers: 'answer',
  copeTicks: 'tick of an end',
};

const plural = (word: string): string => (word.includes(' of ') ? word.replace(' of ', 's of ') : `${word}s`);
