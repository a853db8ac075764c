import { type FindingCode } from '@gyrus/core';
import { type Fact, type Sentences, type Words } from './say.ts';

const who = ({ fact }: { fact: Fact<'who'> }): string => fact('who') || 'somebody';
const notch = ({ fact }: { fact: Fact<'notch'> }): string => (fact('notch') ? ` (${fact('notch')})` : '');
const percent = (finding: Words['finding']['measured']): string =>
  finding && 'ratio' in finding ? `${Math.round(finding.ratio * 100)} %` : '';

/** What the cage does to the people in it, their belts, and seams that the torch cannot reach. */
export const cockpitSentences = {
  'belts-on-show': () =>
    'Belts that are worn are fastened to a bar that carries no load to a frame: the dangerous middle. Fasten them to the car where its maker did, or build a bar that holds.',
  'body-in-tube': (words) =>
    `The ${words.fact('part')} of ${who(words)} runs ${words.measured.replace('−', '')} into ${words.fact('stamp')}${notch(words)}: move the seat or the tube.`,
  'no-room-to-pad': (words) =>
    `The ${words.fact('part')} of ${who(words)} is ${words.measured} from ${words.fact('stamp')}${notch(words)}: padding of ${words.limit} does not fit between.`,
  'pad-stretch': (words) =>
    `Pad ${words.fact('stamp')} from ${words.fact('from')} to ${words.fact('to')} from its end A, ${words.measured} long: ${words.fact('parts')} of ${who(words)} can be thrown against it.`,
  'street-head': (words) =>
    `On the road, without a helmet, the head of ${who(words)} can be thrown against ${words.fact('stamp')} from ${words.fact('from')} to ${words.fact('to')}: dangerous in itself, padded or not. Take the car off the road, or the tube away from the head.`,
  'sight-hidden': (words) =>
    `${words.fact('stamp')} hides ${words.measured} of the view of ${who(words)} on the ${words.fact('side')}; a pillar of a road car may hide ${words.limit}. Lay it behind the pillar's own blind angle.`,
  'entry-low': ({ fact, measured, limit }) =>
    `On the ${fact('side')} ${measured} is left above ${fact('below')}${fact('above') ? ` up to ${fact('above')}` : ' up to the door frame'} to get in and out by; ${limit} is wanted.`,
  'door-skin': ({ fact, measured, limit }) =>
    measured.startsWith('−')
      ? `${fact('stamp')} stands ${measured.replace('−', '')} through the door's skin; ${limit} of room is wanted.`
      : `${fact('stamp')} leaves ${measured} to the door's skin, ${limit} is wanted.`,
  'door-seat': (words) =>
    words.measured.startsWith('−')
      ? `${words.fact('stamp')} runs ${words.measured.replace('−', '')} into the seat of ${who(words)}; bow it outward.`
      : `${words.fact('stamp')} leaves ${words.measured} to the seat of ${who(words)}, ${words.limit} is wanted.`,
  'lap-angle': (words) =>
    `The lap belt of ${who(words)} runs to its ${words.fact('side')} anchor at ${words.measured}${notch(words)}, the nearest limit is ${words.limit}${words.inError}.`,
  'strap-spread': (words) =>
    `The ${words.fact('side')} strap of ${who(words)}${notch(words)} runs ${words.measured} off straight back to ${words.fact('stamp')}, at most ${words.limit}${words.inError}.`,
  'seam-reach': (words) =>
    words.finding.status === 'clear'
      ? `The torch reaches all round every seam of ${words.fact('stamp')}.`
      : `The torch cannot reach ${percent(words.finding.measured)} of the seam at end ${words.fact('end')} of ${words.fact('stamp')} (${words.fact('hidden')} of ${words.fact('length')})${words.finding.limit ? `; gussets may replace ${percent(words.finding.limit)}` : ''}.`,
} satisfies Partial<Sentences<FindingCode>>;
