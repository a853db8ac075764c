import { type BendSheet, driftOf, machineOf, type SheetBend } from '../cage/index.ts';
import { CATALOGUE, decided } from '../measure/index.ts';
import { type Shop } from '../plan/index.ts';
import { type IssuedAnswers } from './issued.ts';

/** What a bend has on its sheet and may have otherwise today. */
export type BendFigure = 'mark' | 'reading' | 'angle' | 'clock';

/** Something that is otherwise today than on the sheet that was issued. mm and degrees */
export type SheetChange =
  | { what: 'gone' }
  | { what: 'no-marks' }
  | { what: 'tube' }
  | { what: 'blank'; from: number; to: number }
  | { what: 'bends'; from: number; to: number }
  | { what: 'order'; from: number[]; to: number[] }
  | { what: 'figure'; bend: number; figure: BendFigure; from: number; to: number }
  | { what: 'clamp'; bend: number; to: 'a' | 'b' }
  | { what: 'die'; bend: number; to: string }
  | { what: 'tooling'; die: string }
  | { what: 'machine'; machine: string }
  | { what: 'book'; book: string; from: string; to: string | null }
  | { what: 'program'; from: string; to: string };

/** What of a tube's answers differs. now: `gone` where the tube is in the plan no more, `no-marks` where it cannot be marked out. */
export function answersChanged(then: IssuedAnswers, now: IssuedAnswers | 'gone' | 'no-marks'): SheetChange[] {
  if (typeof now === 'string') return [{ what: now }];
  const [was, is] = [then.sheet, now.sheet];
  if (was.bends.length !== is.bends.length)
    return [...tubeChanged(then, now), { what: 'bends', from: was.bends.length, to: is.bends.length }];
  const numbers = ({ steps }: BendSheet) => steps.map(({ bend }) => bend);
  const [from, to] = [numbers(was), numbers(is)];
  return [
    ...tubeChanged(then, now),
    ...(differs(was.blank, is.blank, SEEN_ON_TAPE)
      ? [{ what: 'blank' as const, from: was.blank, to: is.blank }]
      : []),
    ...(from.join() === to.join() ? [] : [{ what: 'order' as const, from, to }]),
    ...was.bends.flatMap((bend) => {
      const today = is.bends.find(({ number }) => number === bend.number);
      return today ? bendChanged(bend, today) : [];
    }),
  ];
}

function tubeChanged({ tube: was }: IssuedAnswers, { tube: is }: IssuedAnswers): SheetChange[] {
  const same =
    !differs(was.od.mm, is.od.mm, CATALOGUE) &&
    !differs(was.wall.mm, is.wall.mm, CATALOGUE) &&
    was.kind === is.kind &&
    was.batch === is.batch;
  return same ? [] : [{ what: 'tube' }];
}

function bendChanged(was: SheetBend, is: SheetBend): SheetChange[] {
  const bend = was.number;
  const figures: [BendFigure, number, number, number][] = [
    ['mark', was.mark, is.mark, SEEN_ON_TAPE],
    ['reading', was.dial.to, is.dial.to, DIAL_SEEN],
    ['angle', was.angle, is.angle, DIAL_SEEN],
    ['clock', was.clock, is.clock, DIAL_SEEN],
  ];
  return [
    ...figures
      .filter(([, from, to, least]) => differs(from, to, least))
      .map(([figure, from, to]) => ({ what: 'figure' as const, bend, figure, from, to })),
    ...(was.clampSide === is.clampSide ? [] : [{ what: 'clamp' as const, bend, to: is.clampSide }]),
    ...(was.die.id === is.die.id ? [] : [{ what: 'die' as const, bend, to: is.die.name }]),
  ];
}

/** No tape shows less. mm */
const SEEN_ON_TAPE = 0.5;
/** An angle is shown to the tenth of a degree. */
const DIAL_SEEN = 0.05;

const differs = (a: number, b: number, least: number): boolean => decided(Math.abs(a - b) - least) >= 0;

/** What the shop has otherwise since the sheet was issued: the data of its dies, and the machine they are on. */
export function shopChanged({ sheet }: IssuedAnswers, was: Shop, is: Shop): SheetChange[] {
  const used = new Set(sheet.bends.map(({ die }) => die.id));
  const dies = was.machines.flatMap((machine) => machine.dies).filter(({ id }) => used.has(id));
  const settings = new Map(was.machines.map(({ id, setting }) => [id, JSON.stringify(setting)]));
  const machines = new Set([...used].flatMap((die) => machineOf(die, is) ?? []));
  return [
    ...driftOf({ dies }, is).map(({ pinned }) => ({ what: 'tooling' as const, die: pinned.name })),
    ...[...machines]
      .filter(({ id, setting }) => settings.get(id) !== JSON.stringify(setting))
      .map(({ name }) => ({ what: 'machine' as const, machine: name })),
  ];
}

/** A rule book as a sheet remembers it. */
export interface BookEdition {
  id: string;
  title: string;
  edition: string;
}

/** Books that have another edition today, or are gone. */
export function booksChanged(was: readonly BookEdition[], is: readonly BookEdition[]): SheetChange[] {
  return was.flatMap(({ id, title, edition }): SheetChange[] => {
    const today = is.find((one) => one.id === id);
    if (today?.edition === edition) return [];
    return [{ what: 'book', book: title, from: edition, to: today?.edition ?? null }];
  });
}
