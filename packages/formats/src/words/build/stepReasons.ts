import {
  type AsBuiltPoint,
  type BentAgain,
  type BuildStep,
  formatAngle,
  formatWithUnit,
  type LengthStyle,
  type NearSeam,
  type PaintStretch,
  type StepWork,
  type Tacked,
  type Vec3,
  type WayTold,
  type Welded,
} from '@gyrus/core';
import { featureName } from '../feature.ts';
import { listed } from '../listed.ts';
import { weldLiesWords } from './weldWords.ts';
import { plannedWords, pointWords } from './asBuiltWords.ts';

type Work<Kind extends StepWork['kind']> = Extract<StepWork, { kind: Kind }>;
type Say = (mm: number) => string;

/** Why a step stands where it does, sentence by sentence. */
export function stepReasons({ work }: BuildStep, style: LengthStyle): string[] {
  const say: Say = (mm) => formatWithUnit(mm, style);
  switch (work.kind) {
    case 'plates':
      return ['A foot is fitted to its plate, not the plate to the foot.'];
    case 'bend-again':
      return [
        ...work.bends.map((one) => againWords(one, say)),
        'A bender never opens a bend: creep up on it, and try the tube in the car between pulls.',
      ];
    case 'sleeves':
      return ['Once both ends of a tube are tacked, no sleeve goes over it.'];
    case 'vents':
      return ventReasons(work, say);
    case 'prime':
      return [
        'No brush gets there once the cage is up:',
        ...work.stretches.map((stretch) => paintWords(stretch, say)),
        'Keep primer off what will be welded.',
      ];
    case 'brace':
      return [
        `TB, a straight piece of scrap tube sawn to ${say(work.between)}, tacked between the legs: it holds the feet ${say(work.apart)} apart, axis to axis, while welds pull. It goes on before the hoop leaves the jig, comes off last of all, and is no tube of the cage.`,
      ];
    case 'protect':
      return [
        ...work.near.map((one) => nearWords(one, say)),
        'Seats, glass, trim, wiring, fuel and brake lines out or covered; battery off; carpets and sealer away from every seam.',
      ];
    case 'carry':
      return ['What lies in the hoop’s plane goes in with it: out here every seam is reached all round.'];
    case 'tack':
      return work.tubes.flatMap((tube) => tackReasons(tube, say));
    case 'measure':
      return [
        ...work.checks.map((check) => `${measuredWords(check, style)}.`),
        ...(work.when === 'bench'
          ? []
          : ['Every bay, the gaps and the heights are asked for at Inspect, As built.']),
        ...(work.when === 'lifted'
          ? [
              `A cage that was let down comes back ${say(3)} to ${say(6)} out, common practice: pull it in before it is welded.`,
            ]
          : []),
      ];
    case 'weld':
      return work.seams.flatMap((seam) => weldReasons(seam, style));
    case 'drop':
      return ['The tops stand too near the roof for the torch where the cage belongs.'];
    case 'lift':
      return ['All that is only reached let down is welded.'];
    case 'feet':
      return ['Feet that are welded before the tops hold the cage where it cannot be let down.'];
    case 'unbrace':
      return ['The feet are welded and pull no more.'];
  }
}

const nearWords = ({ kind, name, stamp, gap }: NearSeam, say: Say): string =>
  `Out or covered: ${kind === 'seat' ? `seat of ${name || 'somebody'}` : name || 'what has no name'}, ${gap < 1 ? 'at' : `${say(gap)} from`} a seam of ${stamp}.`;

function ventReasons({ vents }: Work<'vents'>, say: Say): string[] {
  const holes = vents.filter(({ hole }) => hole).map(({ stamp }) => stamp);
  const bare = vents.flatMap(({ stamp, bare: ends }) =>
    ends.map((end) => `end ${end.toUpperCase()} of ${stamp}`),
  );
  return [
    ...(holes.length > 0
      ? [
          `Air in a tube that is welded shut at both ends blows the last of the weld out: a hole of ${say(3)}, common practice, before the last joint of each: ${listed(holes)}.`,
        ]
      : []),
    ...(bare.length > 0 ? [`Sits on nothing, to be capped or left open: ${listed(bare)}.`] : []),
  ];
}

/** Where no brush gets at a tube: `SL 12 in to 18 1/2 in from end A: 3/8 in beside the roof`. */
const paintWords = ({ stamp, from, to, room, beside }: PaintStretch, say: Say): string =>
  `${stamp}, ${say(from)} to ${say(to)} from end A along it: ${room >= 1 ? `${say(room)} beside` : 'against'} ${beside ?? 'the roof'}.`;

/** What a box for a taped figure is named: `Feet apart, axis to axis: planned 56 in`. */
export const measuredWords = (point: AsBuiltPoint, style: LengthStyle): string =>
  `${pointWords(point, style)}: planned ${plannedWords(point, style)}`;

function tackReasons({ stamp, way, tacks }: Tacked, say: Say): string[] {
  const lost = tacks.filter((tack) => !tack.again).length;
  const again =
    lost > 0 ? `${lost} of them out of a cutter's reach later` : 'each where a cutter reaches it again';
  return [
    ...wayReasons(stamp, way, say),
    ...(tacks.length > 0
      ? [`Tack ${stamp}, short, round from the face line: ${tackPlaces(tacks)}; ${again}.`]
      : []),
  ];
}

/** Where a joint is tacked, end by end, in degrees round the tube from its face line. */
const tackPlaces = (tacks: Tacked['tacks']): string =>
  (['a', 'b'] as const)
    .flatMap((end) => {
      const own = tacks.filter((tack) => tack.end === end);
      return own.length === 0
        ? []
        : [`end ${end.toUpperCase()} ${own.map(({ round }) => `${Math.round(round)}°`).join(', ')}`];
    })
    .join('; ');

function wayReasons(stamp: string, { how, from, loose, by }: WayTold, say: Say): string[] {
  if (how === 'unknown')
    return [`${stamp}: no straight way in was found past what stands. Try it with a stick first.`];
  const comes = from === null ? [] : [`${stamp} comes in from ${fromWords(from)}.`];
  if (how === 'free') return comes;
  return [
    ...comes,
    loose === null
      ? `Its ears reach round what holds it: spring that ${say(by)} apart, and let it close on ${stamp}.`
      : `Its ears reach round both tubes that hold it: keep ${loose} on one short tack and ${say(by)} aside until ${stamp} is in.`,
  ];
}

const WAYS: [toward: string, away: string][] = [
  ['the front', 'behind'],
  ['the left', 'the right'],
  ['above', 'below'],
];

/** A direction of the car in words: `the front and above`. */
function fromWords(direction: Vec3): string {
  const parts = WAYS.flatMap(([plus, minus], axis) => {
    const part = direction[axis] ?? 0;
    return Math.abs(part) < 0.35 ? [] : [part > 0 ? plus : minus];
  });
  return parts.join(' and ');
}

function weldReasons(seam: Welded, style: LengthStyle): string[] {
  const say: Say = (mm) => formatWithUnit(mm, style);
  const joint = `${seam.stamp}, end ${seam.end.toUpperCase()} to ${listed(seam.headers)}`;
  const much = seam.whole ? `all of it, ${say(seam.length)}` : say(seam.length);
  const why =
    seam.coveredBy !== null
      ? `, where ${seam.coveredBy} will lie over it`
      : seam.hiddenBy === null
        ? ''
        : `; behind ${seam.hiddenBy} no torch reaches it`;
  const { horizontal, vertical, overhead } = seam.positions;
  const lies =
    horizontal + vertical + overhead > 0 ? ` It lies ${weldLiesWords(seam.positions, style)}.` : '';
  return [`${joint}: ${much}${why}.${lies}`, ...(seam.lost > 0 ? [lostWords(seam, say)] : [])];
}

/** Why a part of a seam is not reached, and what helps. */
function lostWords({ stamp, coveredBy, keptFor, lost }: Welded, say: Say): string {
  const helps = 'gusset it, or ask the inspector';
  if (keptFor === null) return `No torch reaches ${say(lost)} of it, in its place or let down: ${helps}.`;
  return coveredBy === null
    ? `${stamp} is kept loose until ${keptFor} is in, and then no torch reaches ${say(lost)} of it: ${helps}.`
    : `${stamp} is kept loose until ${keptFor} is in, and by then ${coveredBy} lies over ${say(lost)} of it: fit ${keptFor} before ${coveredBy}, or ${helps}.`;
}

/** Which bend of an old tube is pulled further, and where it goes on from: `MH at the crown, left: 3° further, to 57°`. */
const againWords = ({ stamp, feature, by, to, from }: BentAgain, say: Say): string =>
  `${stamp} at the ${featureName(feature)}: ${formatAngle(by)}° further, to ${formatAngle(to)}°; it goes on from ${say(from.along)} from end ${from.end.toUpperCase()}.`;
