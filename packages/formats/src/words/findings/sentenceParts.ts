import { type CountedIn, type Quantity, isKeyOf, MEASURES } from '@gyrus/core';
import { placeOfCount } from '../books/check.ts';
import { roleWords } from '../role.ts';
import { type Fact } from '../say.ts';

/** To which edge of a tube it was measured. */
export const EDGES: Record<string, string> = {
  axis: 'to its axis',
  near: 'to its near edge',
  far: 'to its far edge',
};
/** The same of a tube that is looked at from below. */
export const UPWARD: Record<string, string> = { axis: 'axis', near: 'lower edge', far: 'upper edge' };

/** What a book asks so many of, and where: `2 diagonals in each main hoop are asked for`. */
export function askedFor(limit: string, fact: Fact<'role' | 'per' | 'of' | 'and'>): string {
  const one = limit === '1';
  const where = placeOfCount(fact('per') as CountedIn, fact('of'), fact('and'));
  return `${limit} ${roleWords(fact('role'))}${one ? '' : 's'} ${where} ${one ? 'is' : 'are'} asked for`;
}

/** Where bars were counted: ` on the left`, ` in H`, ` between FL and H`. */
export function whereCounted(fact: Fact<'per' | 'side'>): string {
  const [per, at] = [fact('per'), fact('side')];
  if (per === 'cage') return ' in the whole cage';
  if (per === 'hoop') return ` in ${at}`;
  return per === 'bay' ? ` between ${at}` : ` on the ${at}`;
}

/** Who it is about, and at which setting of the seat. */
export const somebody = (fact: Fact<'who'>): string => fact('who') || 'somebody';
/** At which setting of the seat. */
export const atNotch = (fact: Fact<'notch'>): string => (fact('notch') ? ` (${fact('notch')})` : '');

/** The answer to a question, where there is one: ` Yes, says T. Moreau on 2026-11-26.` */
export const answerWords = (fact: Fact<'answer' | 'by' | 'on' | 'note'>): string =>
  fact('answer')
    ? ` ${capital(fact('answer'))}${saidBy(fact)}.${fact('note') ? ` ${fact('note')}` : ''}`
    : '';

/** Readings that can be distrusted. */
export const distrustedWords: Record<string, string> = {
  protractor: 'the protractor',
  'lower-width': 'the half width where the lean starts',
  'roof-width': 'the half width at the roof',
};

/** Who said so, and on which day. */
export const saidBy = (fact: Fact<'by' | 'on'>): string =>
  `${fact('by') ? `, says ${fact('by')}` : ''}${fact('on') ? ` on ${fact('on')}` : ''}`;

/** What waits for something to be measured. */
export const waitingWords: Record<string, string> = {
  'clr-ratio': 'The bend radius',
  'bend-count': 'The number of bends',
  'bend-angle': 'The sharpest bend',
  tilt: 'The tilt',
  straight: 'Whether it is straight',
  angle: 'The angle',
  'end-distance': 'The distance of its end',
  plate: 'The plate under its feet',
  'opening-height': 'Its height in the door opening (both edges are measured at Survey)',
  helmet: 'Room for helmets (tops of helmets are measured at Survey)',
  'front-hoop': 'Room under the line to the front hoop (none stands yet)',
  lap: 'The angle of the lap belts (anchors and hips are measured at Harness)',
  'lap-left': 'The angle of the left lap belt (its anchor is measured at Harness)',
  'lap-right': 'The angle of the right lap belt (its anchor is measured at Harness)',
  'lap-hip': 'The angle of the lap belt (the hip is measured at Harness)',
  harness: 'The angle of the straps (shoulders are measured at Survey)',
  'strap-spread': 'How far the straps spread (shoulders are measured at Survey)',
  padding: 'Whether it needs padding',
  feet: 'What its feet stand on',
  count: 'How many there are',
  'continuous-tube': 'Whether it is one tube',
};

/** With a capital at its head. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A quantity that is a text; empty where it is none. */
export const textOf = (quantity: Quantity | null): string =>
  quantity && 'text' in quantity ? quantity.text : '';

/** A place of the car's section. */
export const placeWords = (place: string, side: string): string => {
  const names: Record<string, string> = { floor: 'floor', lean: 'lean of the wall', roof: 'roof rail' };
  return side === 'middle' ? 'headliner' : `${side} ${names[place] ?? place}`;
};

/** How a die changed at Shop. */
export function changeWords(count: (name: 'newTests' | 'goneTests' | 'changed') => number): string {
  const parts = [
    many(count('newTests'), 'new test bend'),
    many(count('goneTests'), 'test bend', ' gone'),
    many(count('changed'), 'figure', ' changed'),
  ];
  return parts.filter((part) => part !== '').join(', ');
}

/** So many of something; nothing where there is none. */
export const many = (count: number, what: string, after = ''): string =>
  count === 0 ? '' : `${count} ${what}${count === 1 ? '' : 's'}${after}`;

/** A measure of the car by its key. */
export const measureWords = (key: string): string => (isKeyOf(MEASURES, key) ? MEASURES[key].label : key);
