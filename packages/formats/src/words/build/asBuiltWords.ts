import {
  type AsBuiltPoint,
  type BuiltHoop,
  type CageReading,
  type FeetCorrection,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type Moment,
  type Plan,
  type Racked,
} from '@gyrus/core';
import { listed } from '../listed.ts';

/** A turn of the work at which a cage is measured. */
export const MOMENT_WORDS: Record<Moment, string> = {
  bench: 'off the bender',
  tacked: 'tacked',
  lifted: 'lifted back',
  welded: 'welded',
};

/** What is measured: `Feet apart, axis to axis`. */
export function pointWords({ what }: AsBuiltPoint, style: LengthStyle): string {
  switch (what.kind) {
    case 'width':
      return what.at === 'feet'
        ? 'Feet apart, axis to axis'
        : `Legs apart ${formatWithUnit(what.up, style)} up, axis to axis`;
    case 'diagonal':
      return `${what.from === 'left' ? 'Left' : 'Right'} foot to the middle of the ${what.from === 'left' ? 'right' : 'left'} bend, axis to axis`;
    case 'height':
      return `Top of the hoop over the floor, a quarter in from the ${what.side}`;
    case 'lean':
      return `Lean of the ${what.side} leg, inward`;
    case 'twist':
      return 'One foot off the floor with the hoop lying flat';
    case 'bay':
      return `Bay ${listed(what.stamps)}, ${what.which === 1 ? 'first' : 'second'} diagonal, axis to axis`;
    case 'gap':
      return `Gap to the ${GAP_PLACES[what.place]}${what.side === null ? '' : `, ${what.side}`}`;
  }
}

const GAP_PLACES: Record<Extract<AsBuiltPoint['what'], { kind: 'gap' }>['place'], string> = {
  floor: 'body at the feet',
  lean: 'body where its side starts to lean',
  roof: 'roof rail',
  corner: 'corner of the headliner',
  headliner: 'headliner',
};

/** A point's planned figure in its own unit. */
export const plannedWords = ({ what, planned }: AsBuiltPoint, style: LengthStyle): string =>
  what.kind === 'lean' ? degreesWords(planned) : formatWithUnit(planned, style);

/** How far off: `+3/16 in`. */
export function offWords({ what }: AsBuiltPoint, off: number, style: LengthStyle): string {
  const size = what.kind === 'lean' ? degreesWords(Math.abs(off)) : formatWithUnit(Math.abs(off), style);
  return `${off < 0 ? '−' : '+'}${size}`;
}

/** A force in the reader's units: `27 lbf (120 N)`. */
const forceWords = (newtons: number, { unit }: LengthStyle): string =>
  unit === 'in'
    ? `${Math.round(newtons / NEWTONS_PER_POUND)} lbf (${Math.round(newtons)} N)`
    : `${Math.round(newtons)} N`;

/** A pound-force by its definition: 0.45359237 kg × 9.80665 m/s². */
const NEWTONS_PER_POUND = 4.4482216;

/** How feet that are out are put right, sentence by sentence. */
export function feetCorrectionWords(correction: FeetCorrection, style: LengthStyle): string[] {
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  if (correction.kind === 'none') return ['The feet are as far apart as a tape can tell.'];
  const spring = `Held there by force it leaves about ${forceWords(correction.force, style)} between the feet: an estimate of a flat hoop with its feet pinned. What is sprung comes back when it is let go: nobody welds a spring.`;
  if (correction.kind === 'wider') {
    const { left, right } = correction.pull;
    return [
      `${say(correction.off)} wider than planned: the hoop is under-bent.`,
      `Pull the crown’s bends further, by ${degreesWords(left)} on the left and ${degreesWords(right)} on the right: the feet come to ${say(correction.expected)}. A degree can be added, never taken out.`,
      `Or squeeze it with a strap until the harness bar holds it. ${spring}`,
    ];
  }
  return [
    `${say(correction.off)} narrower than planned: the hoop is over-bent, and no bender opens a bend.`,
    correction.within
      ? `This shop spreads so much with a ram: the feet come to ${say(correction.expected)}. ${spring}`
      : 'It is more than this shop spreads: scrap, or stock for another bar.',
  ];
}

const STANDS: Record<NonNullable<Plan['survey']['stance']>['on'], string> = {
  wheels: 'on its wheels',
  stands: 'on stands',
  jig: 'on a jig',
};

/** A figure that was read, in the reader's unit. */
export const readingWords = ({ taped, turned }: CageReading, style: LengthStyle): string =>
  taped ? formatWithUnit(taped.mm, style) : turned ? degreesWords(turned.deg) : '';

/** What a plan takes of a hoop as it stands: `the feet 56 1/4 in apart`, `the crown 1/8 in higher`. */
export function builtHoopWords({ feetApart, crownUp, crownLeft }: BuiltHoop, style: LengthStyle): string[] {
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  return [
    feetApart && `the feet ${say(feetApart.mm)} apart`,
    crownUp && `the crown ${say(crownUp.mm)} ${crownUp.mm > 0 ? 'higher' : 'lower'}`,
    crownLeft && `the crown ${say(crownLeft.mm)} to the ${crownLeft.mm > 0 ? 'left' : 'right'}`,
  ].filter((one) => one !== null);
}

/** How a car stood: `on its wheels, on a floor that falls 0.4° to the right and 0.2° to the front`. */
export function stanceWords({
  on,
  fallsRight,
  fallsForward,
}: Pick<NonNullable<Plan['survey']['stance']>, 'on' | 'fallsRight' | 'fallsForward'>): string {
  const falls = [
    fallsRight.deg !== 0 &&
      `${degreesWords(Math.abs(fallsRight.deg))} to the ${fallsRight.deg > 0 ? 'right' : 'left'}`,
    fallsForward.deg !== 0 &&
      `${degreesWords(Math.abs(fallsForward.deg))} to the ${fallsForward.deg > 0 ? 'front' : 'rear'}`,
  ].filter((one) => one !== false);
  return `${STANDS[on]}, on a floor that ${falls.length === 0 ? 'is level' : `falls ${falls.join(' and ')}`}`;
}

/** How a hoop is racked by its diagonals, apart from what is out on both alike. */
export function rackedWords({ even, twisted, by }: Racked, style: LengthStyle): string[] {
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  return [
    `Both diagonals are ${say(even)} ${even < 0 ? 'shorter' : 'longer'} alike: size, and no twist.`,
    Math.abs(twisted) < 0.5
      ? 'They differ by no more than a tape tells: the hoop stands square.'
      : `They differ by ${say(2 * twisted)}: the crown stands ${say(by)} too far to the ${by > 0 ? 'right' : 'left'} over the feet. Pull the long one in before it is welded.`,
  ];
}

/** One side of the crown against the other. */
export function leanedWords(
  { even, twisted }: { even: number; twisted: number },
  style: LengthStyle,
): string[] {
  const say = (mm: number) => formatWithUnit(Math.abs(mm), style);
  return [
    `The crown stands ${say(even)} ${even < 0 ? 'lower' : 'higher'} alike on both sides${Math.abs(twisted) < 0.5 ? '' : `, and ${say(2 * twisted)} higher on the ${twisted > 0 ? 'left' : 'right'} than on the other`}.`,
  ];
}

const degreesWords = (degrees: number): string => `${formatAngle(degrees)}°`;
