import {
  type Angle,
  type BuildEntry,
  certificateOf,
  formatWithUnit,
  isExisting,
  type Length,
  type LengthStyle,
  type Plan,
  type RuleBook,
  type Shop,
  type TubeChoice,
  type WeldProcedure,
} from '@gyrus/core';
import { listed } from '../listed.ts';
import { readingWords } from '../build/asBuiltWords.ts';
import { tubeWords } from '../tube.ts';

/** A bend as the log has it. */
interface LoggedBend {
  stamp: string;
  bend: number;
  machine: string;
  dieName: string;
  tube: TubeChoice;
  target: Angle;
  reading: Angle | null;
  released: Angle;
  note: string;
  who: string;
  at: string;
}

/** What was done for a job, as it was written down in each of its places. */
export interface HistorySources {
  entries: BuildEntry[];
  bends: LoggedBend[];
  scrap: { stamp: string; reason: string; length: Length | null; note: string; who: string; at: string }[];
  /** length in mm */
  sawn: { stamp: string; length: number; batch: string; who: string; at: string }[];
  /** Those that its seams were welded by. */
  procedures: WeldProcedure[];
}

/** One thing that was done: who, when, what. */
export interface HistoryEvent {
  at: string;
  who: string;
  kind: 'sawn' | 'bent' | 'scrap' | 'done' | 'taken back' | 'measured' | 'noted' | 'answered';
  text: string;
  note: string;
  photos: { file: string; name: string }[];
}

/**
 * Everything that was done for a job, the oldest first. Answers without a moment are from before one was kept, and stand first. books: name
 * the rules that were answered.
 */
export function historyOf(
  plan: Pick<Plan, 'answers' | 'members'>,
  { entries, bends, scrap, sawn, procedures }: HistorySources,
  books: readonly RuleBook[],
  style: LengthStyle,
): HistoryEvent[] {
  const nothing = { note: '', photos: [] };
  const events: HistoryEvent[] = [
    ...sawn.map(({ stamp, length, batch, ...by }): HistoryEvent => ({
      ...nothing,
      ...by,
      kind: 'sawn',
      text: `${stamp} sawn, ${formatWithUnit(length, style)}${batch ? `, batch ${batch}` : ''}`,
    })),
    ...bends.map((bend) => bentEvent(bend)),
    ...scrap.map(({ stamp, reason, length, ...by }): HistoryEvent => ({
      photos: [],
      ...by,
      kind: 'scrap',
      text: `${stamp} is scrap: ${reason}${length ? `, ${formatWithUnit(length.mm, style)} lost` : ''}`,
    })),
    ...entries.map((entry) => entryEvent(entry, procedures, style)),
    ...Object.entries(plan.answers).map(([key, { answer, by, on, note, photos }]): HistoryEvent => ({
      ...{ at: on ?? '', who: by, kind: 'answered', note, photos },
      text: `${answer} to ${ruleWords(key, plan, books)}`,
    })),
  ];
  return events.toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0));
}

/** The rule that an answer is to, by its book, clause and member; by the ids where the book is not at hand. */
function ruleWords(key: string, { members }: Pick<Plan, 'members'>, books: readonly RuleBook[]): string {
  const [bookId = '', ruleId = '', memberId = ''] = key.split('/');
  const book = books.find(({ id }) => id === bookId);
  const rule = book?.rules.find(({ id }) => id === ruleId);
  if (!book || !rule) return key;
  const stamps = members.find(({ id }) => id === memberId)?.pieces.map(({ stamp }) => stamp);
  return `${book.title} ${rule.clause}, ${rule.text}${stamps ? `: ${listed(stamps)}` : ''}`;
}

function bentEvent({
  stamp,
  bend,
  machine,
  dieName,
  reading,
  released,
  target,
  ...by
}: LoggedBend): HistoryEvent {
  const read = reading ? `read ${reading.typed}°, ` : '';
  return {
    ...{ at: by.at, who: by.who, note: by.note, photos: [] },
    kind: 'bent',
    text: `${stamp}, bend ${bend}: ${read}released ${released.typed}°, wanted ${target.typed}°; ${dieName} on ${machine}${by.tube.batch ? `, batch ${by.tube.batch}` : ''}`,
  };
}

function entryEvent(
  { kind, title, who, at, took, readings, note, photos, procedure }: BuildEntry,
  procedures: readonly WeldProcedure[],
  style: LengthStyle,
): HistoryEvent {
  const minutes = took?.minutes == null ? '' : `, ${took.minutes} minutes`;
  const taped = readings.map((reading) => readingWords(reading, style)).join(', ');
  const event = { at, who, note, photos };
  if (kind === 'undone') return { ...event, kind: 'taken back', text: title };
  if (kind === 'done')
    return {
      ...event,
      kind: 'done',
      text: `${title}${byProcedure(procedure, procedures)}${minutes}${taped && `: taped ${taped}`}`,
    };
  return taped
    ? { ...event, kind: 'measured', text: `${title}: ${taped}` }
    : { ...event, kind: 'noted', text: title };
}

const byProcedure = (id: string | null, procedures: readonly WeldProcedure[]): string => {
  const name = procedures.find((one) => one.id === id)?.name;
  return name === undefined ? '' : ` by procedure ${name}`;
};

/** A tube of the cage with what it was made of. */
export interface HistoryTube {
  stamp: string;
  tube: string;
  batch: string;
  certificate: string;
}

/** What the tubes of a plan are made of: those of one tube, batch and certificate together. What came with the car is left out. */
export function historyTubes({ members }: Pick<Plan, 'members'>, shop: Shop): HistoryTube[] {
  const rows = new Map<string, HistoryTube>();
  for (const { pieces, tube } of members.filter((member) => !isExisting(member))) {
    const row = {
      tube: tubeWords({ ...tube, batch: '' }),
      batch: tube.batch || 'not said',
      certificate: certificateOf(shop, tube) ?? 'none entered',
    };
    const key = JSON.stringify(row);
    const stamps = [rows.get(key)?.stamp, ...pieces.map(({ stamp }) => stamp)];
    rows.set(key, { ...row, stamp: listed(stamps) });
  }
  return [...rows.values()];
}
