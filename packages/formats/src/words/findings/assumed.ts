import { formatAngle, formatWithUnit, type LengthStyle, type Status, type ThingName } from '@gyrus/core';
import { featureName } from '../feature.ts';
import { roleWords } from '../role.ts';
import { measureWords } from './sentenceParts.ts';

/** Ends of these roles stand on the car: what they stand at is a landing. */
const LANDINGS: Record<string, string> = {
  backstay: 'end-b',
  'side-hoop': 'end-a',
  'front-leg': 'end-a',
  strut: 'end-b',
};

const KINDS: Partial<Record<ThingName['of'], string>> = {
  plate: 'plate',
  gusset: 'gusset',
  part: 'part',
  'keep-out': 'keep-out',
  point: 'point',
  panel: 'panel',
  section: 'section of the body',
  sight: 'line of sight',
};

/** What an assumed figure is of: `the landing of the left backstay B`, `the shoulder of T. Moreau`. */
export function thingWords({ of, name, role, side, what }: ThingName): string {
  switch (of) {
    case 'measure':
      return `the ${measureWords(name)}`;
    case 'brief':
      return what === 'buildYear' ? 'the year of the car' : "the car's weight";
    case 'roof':
      return 'the body over the cage, in sections';
    case 'occupant':
      return `${personFigure(what)} of ${name || 'somebody'}`;
    case 'member': {
      const hand = side ? `${side} ` : '';
      return `${memberFigure(role ?? '', what)} of the ${hand}${roleWords(role ?? '')} ${name}`;
    }
    case 'other':
      return `the ${spoken(what)} at ${name}`;
    default:
      return what.startsWith('at') || what === ''
        ? `the place of ${KINDS[of]} ${name || 'without a name'}`
        : `the ${spoken(what)} of ${KINDS[of]} ${name || 'without a name'}`;
  }
}

/** The same in few words, whose it is first: `B, left: landing`, `T. Moreau: shoulder`. */
export function thingShort(thing: ThingName): string {
  const { of, name, role, side, what } = thing;
  const bare = (words: string) => words.replace(/^the /, '');
  if (of === 'member') return `${name}${side ? `, ${side}` : ''}: ${bare(memberFigure(role ?? '', what))}`;
  if (of === 'occupant') return `${name || 'somebody'}: ${bare(personFigure(what))}`;
  return bare(thingWords(thing));
}

/** A figure of somebody in the seat. */
const personFigure = (what: string): string =>
  personFigures[what] ?? personFigures[what.split('.')[0] ?? ''] ?? `the ${spoken(what)}`;

function memberFigure(role: string, what: string): string {
  if (what === 'end-a' || what === 'end-b')
    return LANDINGS[role] === what ? 'the landing' : `where end ${what === 'end-a' ? 'A' : 'B'} stands`;
  const bend = featureName(what);
  return SHAPES[what] ?? (bend.startsWith('bend') ? `the ${bend}` : `the bend ${bend}`);
}

/** Shapes that are taken off in the car, whole. */
const SHAPES: Record<string, string> = {
  'take-off': 'the take-off',
  stations: 'the stations',
  bow: 'the bow',
  arc: 'the arc',
  offset: 'the offset',
  'stand-off': 'the stand-off',
  hoop: 'the figures',
  'way-figures': 'the figures',
  'way-take-off': 'the straights and bends',
  'way-taped': 'the widths and heights',
};

const personFigures: Record<string, string> = {
  shoulder: 'the shoulder',
  helmetTop: 'the top of the helmet',
  'body.hip': 'the hip, where the lap belt lies',
  'body.eye': 'the eye',
  'body.knee': 'the knees',
  'body.elbow': 'the elbows',
  'lap.left': 'the left lap anchor',
  'lap.right': 'the right lap anchor',
  slots: 'the slot of the straps',
  slotsApart: 'the distance between the slots',
  travel: "the seat's travel",
};

/** A key as people say it: `outline.length` is the length, `legs.0` is leg 1. */
const spoken = (what: string): string =>
  what
    .split('.')
    .map((key) => (/^\d+$/.test(key) ? String(Number(key) + 1) : key))
    .filter((key) => key !== 'outline')
    .join(' ')
    .replace(/s (\d)/, ' $1')
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase();

const MOST_NAMED = 3;

/** Each once: the figures of one list are one thing to measure. */
const thingsWords = (names: ThingName[]): string[] => [...new Set(names.map(thingWords))];

/** What to measure or to choose first, and the verdict that there would be: `Measure …: as assumed it would be clear.` */
export function restsWords(given: ThingName[], would: Status): string {
  const decides = briefWords(given);
  const names = given.filter(({ of }) => of !== 'brief');
  if (names.length === 0) return `${decides} Where the rule holds it would be ${would}.`;
  if (decides !== '') return `${decides} ${restsWords(names, would)}`;
  const measured = names.some(({ standsFor }) => standsFor !== 'cage');
  const all = thingsWords(names);
  const listed = all.slice(0, MOST_NAMED);
  const more = all.length - listed.length;
  return `${measured ? 'Measure' : 'Confirm'} ${[...listed, ...(more > 0 ? [`${more} more`] : [])].join(', ')}: as assumed it would be ${would}.`;
}

/** What the brief does not say and a rule goes by; empty where there is nothing of that kind. */
export function briefWords(names: ThingName[]): string {
  const decides = names.filter(({ of }) => of === 'brief').map(thingWords);
  return decides.length === 0 ? '' : `The rule goes by ${decides.join(' and ')}: enter it at Brief.`;
}

/** The line that a sheet carries in bold where it rests on what nobody measured or chose. */
export const sheetRestsWords = (names: ThingName[]): string =>
  `NOT MEASURED: this sheet rests on ${thingsWords(names).join(', ')} as assumed. Measure before you cut.`;

/** The same on the inspector's sheet, of the whole cage. */
export const restsListWords = (names: ThingName[]): string =>
  `NOT MEASURED, NOR CHOSEN BY ANYBODY: ${thingsWords(names).join('; ')}. What rests on it is asked below, and neither clear nor out.`;

/** An assumed figure as it stands. */
export const assumedValue = (value: { mm: number } | { deg: number }, style: LengthStyle): string =>
  'mm' in value ? formatWithUnit(value.mm, style) : `${formatAngle(value.deg)}°`;
