import {
  type CountedIn,
  fineLength,
  formatAngle,
  type LengthStyle,
  type Reading,
  type Remedy,
  type RuleCheck,
  writtenLength,
  formatWithUnit,
} from '@gyrus/core';
import { roleWords } from '../role.ts';
import { tubeKindWords } from '../tube.ts';

const degrees = ({ deg }: { deg: number }): string => `${formatAngle(deg)}°`;
const listed = (parts: (string | null | undefined | false)[]): string => parts.filter(Boolean).join(', ');
const VIEWS = {
  front: 'seen from the front',
  side: 'seen from the side',
  top: 'seen from above',
  any: 'altogether',
};
const EDGES = { tangent: 'its tangent', middle: 'the middle of its arc', pi: 'its corner' };

/** A check as a plain sentence about the member that it is of: `makes at least 30° with vertical`. */
export function checkWords(check: RuleCheck): string {
  switch (check.kind) {
    case 'least-clr-ratio':
      return `bends have a radius of at least ${check.ratio} × OD`;
    case 'bends':
      return listed([
        check.most !== null && `has at most ${check.most} bends`,
        check.largestAngle && `none over ${degrees(check.largestAngle)}`,
      ]);
    case 'continuous-tube':
      return check.least == null
        ? 'is one continuous tube, every one'
        : `at least ${check.least} ${placeOfCount(check.per ?? 'side-with-any')} ${check.least === 1 ? 'is' : 'are'} one continuous tube`;
    case 'tilt-from-vertical':
      return `stands within ${degrees(check.most)} of vertical`;
    case 'straight':
      return `is straight ${VIEWS[check.view]}`;
    case 'angle':
      return listed([
        check.least && `makes at least ${degrees(check.least)} with ${check.from}`,
        check.most && `makes at most ${degrees(check.most)} with ${check.from}`,
      ]);
    case 'end-distance':
      return `${check.end === 'each' ? 'each end' : `its ${check.end} end`} lies within ${writtenLength(check.most)} of ${
        check.from === 'bend'
          ? `a bend of the tube it stands on, taken at ${EDGES[check.edge]}`
          : `the ${check.from} of the ${roleWords(check.of ?? '')}`
      }${readingWords(check.reading)}`;
    case 'plate':
      return `each foot stands on a plate of ${listed([
        check.area !== null && `at least ${check.area} cm²`,
        check.thickness && `${writtenLength(check.thickness)} thick`,
        check.narrowest && `${writtenLength(check.narrowest)} wide`,
        check.bolts !== null && `${check.bolts} bolts where it is bolted`,
        check.boltSize && `bolts of ${writtenLength(check.boltSize)}`,
        check.boltGrade && `bolts of ${check.boltGrade} or better`,
      ])}`;
    case 'opening-height':
      return `its front end stands no higher than ${Math.round(check.share * 100)} % of the door opening${readingWords(check.reading)}`;
    case 'helmet':
      return `every helmet is ${listed([
        check.belowLine &&
          `${writtenLength(check.belowLine)} below the line from its top to the front hoop's`,
        check.belowTop && `${writtenLength(check.belowTop)} below its top`,
        check.within && `within ${writtenLength(check.within)} in front of it`,
        check.gap && `at least ${writtenLength(check.gap)} clear of it all round`,
      ])}`;
    case 'harness-window':
      return `shoulder straps run to it from ${degrees(check.least)} to ${degrees(check.most)} down toward the rear`;
    case 'weld-all-round':
      return `is welded all round; gussets may replace ${Math.round(check.gussetShare * 100)} % of a seam that cannot be reached`;
    case 'lap-window':
      return `lap belts run to their anchors from ${degrees(check.least)} to ${degrees(check.most)} down toward the rear`;
    case 'strap-spread':
      return `shoulder straps run within ${degrees(check.most)} of straight back, seen from above`;
    case 'gusset': {
      const made = listed([
        check.leg && `legs of at least ${writtenLength(check.leg)}`,
        check.thickness && `sheet of at least ${writtenLength(check.thickness)}`,
        check.asWall && "sheet as thick as the tube's wall",
      ]);
      return listed([
        check.least != null && `has at least ${check.least} ${check.least === 1 ? 'gusset' : 'gussets'}`,
        made && `its gussets have ${made}`,
      ]);
    }
    case 'splice':
      return `its splices have ${listed([
        check.sleeve && `a sleeve of at least ${writtenLength(check.sleeve)}`,
        check.rosettes !== null && `at least ${check.rosettes} rosettes`,
      ])}`;
    case 'feet-on':
      return `feet stand on ${check.allowed.map((one) => one.replace('-', ' ')).join(' or ')}`;
    case 'count':
      return `at least ${check.least} ${placeOfCount(check.per, check.of, check.and)}`;
    case 'padding':
      return `is padded where a helmet comes nearer than ${writtenLength(check.within)}`;
    case 'ask':
      return `asked of a person at Inspect: ${check.question}`;
  }
}

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

type Bolts = NonNullable<Extract<Remedy, { kind: 'plate' }>['bolts']>;

const boltWords = ({ count, size, grade }: Bolts): string =>
  [count > 0 ? `${count} bolts` : 'bolts', size && `of ${writtenLength(size)}`, grade && `of ${grade}`]
    .filter(Boolean)
    .join(' ');

/** What would mend a finding: sizes of the catalogue as they are bought, the rest in the reader's units. */
export function remedyWords(remedy: Remedy, style: LengthStyle): string {
  const length = (mm: number) => formatWithUnit(Math.abs(mm), style);
  switch (remedy.kind) {
    case 'tube':
      return `take ${writtenLength(remedy.od)} × ${writtenLength(remedy.wall)}, ${tubeKindWords(remedy.tubeKind)}`;
    case 'radius':
      return `take a die of ${fineLength(remedy.clr, style)} radius or more`;
    case 'straighten':
      return 'make it straight';
    case 'tilt':
      return `tilt the hoop to ${formatAngle(Math.abs(remedy.deg))}°`;
    case 'slide-end':
      return `move end ${remedy.end.toUpperCase()} by ${length(remedy.by)} along what it stands on`;
    case 'bar-height':
      return `${remedy.by < 0 ? 'lower' : 'raise'} the bar by ${length(remedy.by)}`;
    case 'move-foot': {
      const [forward, left] = remedy.by;
      return `move its foot ${listed([
        Math.abs(forward) >= 0.5 && `${length(forward)} ${forward > 0 ? 'forward' : 'to the rear'}`,
        Math.abs(left) >= 0.5 && `${length(left)} to the ${left > 0 ? 'left' : 'right'}`,
      ])}`;
    }
    case 'plate':
      return listed([
        remedy.scale > 1.0005 && `a plate ${((remedy.scale - 1) * 100).toFixed(0)} % larger each way`,
        remedy.thickness && `${writtenLength(remedy.thickness)} thick`,
        remedy.bolts && boltWords(remedy.bolts),
      ]);
    case 'gusset':
      return listed([
        remedy.leg > 0 && `legs of ${length(remedy.leg)}`,
        remedy.thickness && `sheet of ${writtenLength(remedy.thickness)}`,
      ]);
    case 'lap-anchor':
      return `move the ${remedy.side} lap anchor ${length(remedy.by)} ${remedy.by < 0 ? 'to the rear' : 'forward'}`;
    case 'guides':
      return `move the guides ${length(remedy.by)} along the bar toward its end ${remedy.by < 0 ? 'A' : 'B'}, ${length(remedy.apart)} apart`;
    case 'weld-drop':
      return `let the cage down ${length(remedy.by)} further to weld it`;
    case 'splice':
      return listed([
        remedy.sleeve > 0 && `a sleeve of ${length(remedy.sleeve)}`,
        remedy.rosettes > 0 && `${remedy.rosettes} rosettes`,
      ]);
  }
}
