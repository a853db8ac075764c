import {
  type BuildStep,
  formatWithUnit,
  type LengthStyle,
  type StepKind,
  type StepPlace,
  type StepWork,
} from '@gyrus/core';
import { listed } from '../listed.ts';
import { count } from './count.ts';

type Work<Kind extends StepWork['kind']> = Extract<StepWork, { kind: Kind }>;
type Say = (mm: number) => string;

/** Where a run of steps is done, as the heading over it. */
export const PLACE_WORDS: Record<StepPlace, string> = {
  bench: 'on the bench',
  car: 'in the car',
  dropped: 'let down',
  lifted: 'in the car, lifted',
};

/** What is done in a step: `BL, BR tacked to MH`. */
export function stepTitle({ work }: BuildStep, style: LengthStyle): string {
  const say: Say = (mm) => formatWithUnit(mm, style);
  switch (work.kind) {
    case 'plates':
      return `Plates ${listed(work.plates)} cut and drilled`;
    case 'bend-again':
      return `Bent again: ${listed([...new Set(work.bends.map(({ stamp }) => stamp))])}`;
    case 'sleeves':
      return `Sleeves put on first: ${listed(work.sleeves.map(({ part, stamp }) => `${part} on ${stamp}`))}`;
    case 'vents':
      return `Vent holes drilled in ${count(work.vents.filter(({ hole }) => hole).length, 'tube')}`;
    case 'prime':
      return `Primed before they go up: ${listed([...new Set(work.stretches.map(({ stamp }) => stamp))])}`;
    case 'brace':
      return `Brace TB across the feet of ${work.stamp}`;
    case 'protect':
      return 'Car made ready for welding';
    case 'carry':
      return `${listed(work.stamps)} into the car, onto its feet`;
    case 'tack':
      return tackTitle(work);
    case 'measure':
      return MEASURE_TITLES[work.when];
    case 'weld':
      return weldTitle(work, say);
    case 'drop':
      return `Plinths out: let the cage down ${say(work.drop)}${slid(work.forward, say)}`;
    case 'lift':
      return 'Back up onto the plinths';
    case 'feet':
      return `Weld the feet: ${listed(work.stamps)}`;
    case 'unbrace':
      return `Brace TB off the feet of ${work.stamp}`;
  }
}

const MEASURE_TITLES: Record<Work<'measure'>['when'], string> = {
  bench: 'Tape the hoop before it is welded',
  tacked: 'Everything tacked: tape both diagonals',
  lifted: 'Tape both diagonals again',
  welded: 'Tape everything once more',
};

const slid = (forward: number, say: Say): string =>
  forward === 0 ? '' : ` and slide it ${forward > 0 ? 'forward' : 'back'} ${say(Math.abs(forward))}`;

function tackTitle({ tubes }: Work<'tack'>): string {
  const stamps = listed(tubes.map(({ stamp }) => stamp));
  const plates = tubes.flatMap((tube) => tube.plates);
  const headers = [...new Set(tubes.flatMap((tube) => tube.headers))];
  const feet = plates.length > 0 ? ` on ${listed(plates)}` : '';
  return headers.length > 0
    ? `${stamps}${feet} tacked to ${listed(headers)}`
    : `${stamps} set up in the jig${feet && `, for ${listed(plates)}`}`;
}

function weldTitle({ seams }: Work<'weld'>, say: Say): string {
  const before = seams[0]?.hiddenBy;
  const stamps = listed([...new Set(seams.map(({ stamp }) => stamp))]);
  const length = seams.reduce((sum, one) => sum + one.length, 0);
  return before == null
    ? `Weld ${stamps}: ${say(length)}`
    : `Weld ${say(length)} of ${stamps} before ${before}`;
}

const KINDS: Record<StepKind, string> = {
  plates: 'plates',
  'bend-again': 'bent again',
  sleeves: 'sleeves put on',
  vents: 'vent holes',
  prime: 'primer',
  brace: 'brace on',
  protect: 'car made ready',
  carry: 'into the car',
  tack: 'tacking',
  measure: 'measuring',
  weld: 'welding',
  drop: 'letting down',
  lift: 'lifting back',
  feet: 'feet welded',
  unbrace: 'brace off',
};

/** A kind of step by its name. */
export const stepKindWords = (kind: StepKind): string => KINDS[kind];
