import { type FieldPath, type LengthStyle, MEASURES, type Plan, valueAtPath, isKeyOf } from '@gyrus/core';
import { quantityWords } from '../findings/finding.ts';
import { roleWords } from '../role.ts';
import { keysWords } from './planKeys.ts';
import { keyWords } from './keyWords.ts';

/**
 * A field of a plan in the words of the screen: `half width at the floor, left`; `backstay B: tube, outside diameter`. path: by ids, as a
 * merge tells it. plans: those that may have the record, the first that has it names it.
 */
export function planFieldWords(path: FieldPath, plans: readonly Plan[]): string {
  const [list = '', id = '', ...rest] = path;
  if (path.length === 0) return 'the whole plan';
  if (list === 'survey') return surveyWords(path, plans);
  if (list === 'fitOrder') return 'fit order';
  if (list === 'answers') return `answer to a rule, ${id.split('/').slice(1).join(', ')}`;
  if (list in RECORDS && id !== '') {
    const record = recordWords(list, path.slice(0, 2), plans);
    return rest.length === 0 ? record : `${record}: ${keysWords(rest)}`;
  }
  const head = HEADS[list] ?? keyWords(list);
  const tail = path.slice(1);
  return BARE.has(list) && tail.length > 0 ? keysWords(tail) : [head, ...tail.map(keyWords)].join(', ');
}

/** What stands in a field, as the screen shows it; `nothing` where there is none. */
export function planValueWords(value: unknown, style: LengthStyle): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'string') return value.replaceAll('-', ' ');
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return listWords(value);
  const record = value as Partial<Record<'stamp' | 'name' | 'typed', string>>;
  if (isQuantity(value)) return quantityWords(value, style);
  return record.typed ?? record.stamp ?? (record.name || 'as it stands there');
}

/** Names as they stand; of anything else how many there are. */
function listWords(list: unknown[]): string {
  if (list.length === 0) return 'nothing';
  return list.every((one) => typeof one === 'string') ? list.join(', ') : `a list of ${list.length}`;
}

const isQuantity = (value: unknown): value is { mm: number } | { deg: number } | { kg: number } =>
  typeof value === 'object' && value !== null && ('mm' in value || 'deg' in value || 'kg' in value);

/** Lists of records, by the word for one of them. */
const RECORDS: Record<string, string> = {
  members: '',
  plates: 'plate',
  gussets: 'gusset',
  parts: '',
  occupants: 'seat of',
  dies: 'die',
  copeTicks: 'tick at an end',
  copeOverrides: 'who is coped to whom',
  limits: 'limit of the job',
};

const SURVEY_RECORDS: Record<string, string> = {
  points: 'point',
  planes: 'panel',
  keepOuts: 'keep-out',
  ribs: 'section of the body',
  gaps: 'gap to the body,',
  sights: 'line of sight',
};

/** Parts of the plan whose fields are known by their own names alone. */
const BARE = new Set(['brief', 'units', 'harness', 'cockpit', 'coping', 'weldPosition']);

const HEADS: Record<string, string> = { measuringError: 'what tape and protractor are trusted to' };

function surveyWords([, list = '', key = '', ...rest]: FieldPath, plans: readonly Plan[]): string {
  if (list === 'measures') return isKeyOf(MEASURES, key) ? MEASURES[key].label : keyWords(key);
  if (list === 'again') return `${surveyWords(['survey', 'measures', key], plans)}, taken again`;
  if (list === 'distrusted') return 'which reading is not trusted';
  if (list in SURVEY_RECORDS && key !== '') {
    const name = nameOf(firstAt(['survey', list, key], plans)) || key;
    const record = `${SURVEY_RECORDS[list]} ${name.replaceAll('-', ' ')}`;
    return rest.length === 0 ? record : `${record}: ${keysWords(rest)}`;
  }
  return keyWords(list);
}

function recordWords(list: string, path: FieldPath, plans: readonly Plan[]): string {
  const record = firstAt(path, plans);
  const name = nameOf(record);
  const word = record?.role ?? (list === 'parts' ? record?.kind : undefined);
  return [word === undefined ? RECORDS[list] : roleWords(word), name].filter(Boolean).join(' ');
}

type NamedRecord = { role?: string; kind?: string; stamp?: string; name?: string };

const firstAt = (path: FieldPath, plans: readonly Plan[]): NamedRecord | undefined =>
  plans.map((plan) => valueAtPath(plan, path) as NamedRecord | undefined).find((one) => one !== undefined);

const nameOf = (record: NamedRecord | undefined): string => record?.stamp ?? (record?.name || '');
