import { type CountedIn, formatAngle, type Reading, type RuleCheck, writtenLength } from '@gyrus/core';
import { roleWords } from '../role.ts';
import { listed } from '../listed.ts';

const degrees = ({ deg }: { deg: number }): string => `${formatAngle(deg)}°`;
const VIEWS = {
  front: 'seen from the front',
  side: 'seen from the side',
  top: 'seen from above',
  any: 'altogether',
};
const EDGES = { tangent: 'its tangent', middle: 'the middle of its arc', pi: 'its corner' };

type Kind = RuleCheck['kind'];
type Checks = { [K in Kind]: Extract<RuleCheck, { kind: K }> };
type CheckOf<K extends Kind> = { [P in K]: Checks[P] & { kind: P } }[K];

/** A check as a plain sentence about the member that it is of: `makes at least 30° with vertical`. */
export const checkWords = <K extends Kind>(check: CheckOf<K>): string => CHECK_WORDS[check.kind](check);

const CHECK_WORDS: { [K in Kind]: (check: CheckOf<K>) => string } = {
  'least-clr-ratio': (check) => `bends have a radius of at least ${check.ratio} × OD`,
  bends: (check) =>
    listed([
      check.most !== null && `has at most ${check.most} bends`,
      check.largestAngle && `none over ${degrees(check.largestAngle)}`,
    ]),
  'continuous-tube': (check) =>
    check.least == null
      ? 'is one continuous tube, every one'
      : `at least ${check.least} ${placeOfCount(check.per ?? 'side-with-any')} ${check.least === 1 ? 'is' : 'are'} one continuous tube`,
  'tilt-from-vertical': (check) => `stands within ${degrees(check.most)} of vertical`,
  straight: (check) => `is straight ${VIEWS[check.view]}`,
  angle: (check) =>
    listed([
      check.least && `makes at least ${degrees(check.least)} with ${check.from}`,
      check.most && `makes at most ${degrees(check.most)} with ${check.from}`,
    ]),
  'end-distance': (check) =>
    `${check.end === 'each' ? 'each end' : `its ${check.end} end`} lies within ${writtenLength(check.most)} of ${
      check.from === 'bend'
        ? `a bend of the tube it stands on, taken at ${EDGES[check.edge]}`
        : `the ${check.from} of the ${roleWords(check.of ?? '')}`
    }${readingWords(check.reading)}`,
  plate: (check) =>
    `each foot stands on a plate of ${listed([
      check.area !== null && `at least ${check.area} cm²`,
      check.thickness && `${writtenLength(check.thickness)} thick`,
      check.narrowest && `${writtenLength(check.narrowest)} wide`,
      check.bolts !== null && `${check.bolts} bolts where it is bolted`,
      check.boltSize && `bolts of ${writtenLength(check.boltSize)}`,
      check.boltGrade && `bolts of ${check.boltGrade} or better`,
    ])}`,
  'opening-height': (check) =>
    `its front end stands no higher than ${Math.round(check.share * 100)} % of the door opening${readingWords(check.reading)}`,
  helmet: (check) =>
    `every helmet is ${listed([
      check.belowLine && `${writtenLength(check.belowLine)} below the line from its top to the front hoop's`,
      check.belowTop && `${writtenLength(check.belowTop)} below its top`,
      check.within && `within ${writtenLength(check.within)} in front of it`,
      check.gap && `at least ${writtenLength(check.gap)} clear of it all round`,
    ])}`,
  'harness-window': (check) =>
    `shoulder straps run to it from ${degrees(check.least)} to ${degrees(check.most)} down toward the rear`,
  'weld-all-round': (check) =>
    `is welded all round; gussets may replace ${Math.round(check.gussetShare * 100)} % of a seam that cannot be reached`,
  'lap-window': (check) =>
    `lap belts run to their anchors from ${degrees(check.least)} to ${degrees(check.most)} down toward the rear`,
  'strap-spread': (check) =>
    `shoulder straps run within ${degrees(check.most)} of straight back, seen from above`,
  gusset: (check) => {
    const made = listed([
      check.leg && `legs of at least ${writtenLength(check.leg)}`,
      check.thickness && `sheet of at least ${writtenLength(check.thickness)}`,
      check.asWall && "sheet as thick as the tube's wall",
    ]);
    return listed([
      check.least != null && `has at least ${check.least} ${check.least === 1 ? 'gusset' : 'gussets'}`,
      made && `its gussets have ${made}`,
    ]);
  },
  splice: (check) =>
    `its splices have ${listed([
      check.sleeve && `a sleeve of at least ${writtenLength(check.sleeve)}`,
      check.rosettes !== null && `at least ${check.rosettes} rosettes`,
    ])}`,
  'feet-on': (check) => `feet stand on ${check.allowed.map((one) => one.replace('-', ' ')).join(' or ')}`,
  count: (check) => `at least ${check.least} ${placeOfCount(check.per, check.of, check.and)}`,
  padding: (check) => `is padded where a helmet comes nearer than ${writtenLength(check.within)}`,
  ask: (check) => `asked of a person at Inspect: ${check.question}`,
};

const EDGE_WORDS: Record<Reading, string> = {
  axis: 'to the axis',
  near: 'to the near edge',
  far: 'to the far edge',
};

/** The edge that a book means, where it says: `, to the axis`. */
const readingWords = (reading: Reading | null | undefined): string =>
  reading ? `, ${EDGE_WORDS[reading]}` : '';

/** Where bars are counted: `on each side`, `in each main hoop`, `in each bay between main hoop and front leg`. */
export function placeOfCount(per: CountedIn, of?: string | null, and?: string | null): string {
  switch (per) {
    case 'cage':
      return 'in the whole cage';
    case 'side':
      return 'on each side';
    case 'side-with-any':
      return 'on each side that has any';
    case 'hoop':
      return `in each ${roleWords(of ?? 'hoop')}`;
    case 'bay':
      return of === and
        ? `between each two ${roleWords(of ?? 'tube')}s`
        : `in each bay between ${roleWords(of ?? '')} and ${roleWords(and ?? '')}`;
  }
}
