import { type Said } from '../fault/index.ts';

/** The stage of a job at which a finding is dealt with. */
export type FindingStage = 'brief' | 'survey' | 'design' | 'bend' | 'cope' | 'people' | 'inspect';

/** Whether a finding is of a rule book, of the car and its cage, of the machine that bends, or of the people in it. */
export type FindingAbout = 'book' | 'car' | 'machine' | 'people';

/** What is known of a code of a finding; `facts` is what its words need, by name. */
interface FindingKind<Facts extends object> {
  stage: FindingStage;
  about: FindingAbout;
  /** Only its type is used. */
  facts?: Facts;
}

interface Text {
  text: string;
}
interface Count {
  count: number;
}
interface Length {
  mm: number;
}
interface Angle {
  deg: number;
}
interface Sentence {
  said: Said;
}

type None = Record<never, never>;
interface Stamped {
  stamp: Text;
}
interface OfEnd extends Stamped {
  end: Text;
}
/** Somebody at the worst setting of the seat. */
interface AtNotch {
  who: Text;
  notch: Sentence;
}
/** What a person said to a question, once there is an answer. */
interface Answered {
  answer?: Text;
  by?: Text;
  note?: Text;
  on?: Text;
  photos?: Count;
}
interface OnSide {
  side: Text;
}
interface OnWall extends OnSide {
  place: Text;
}
/** `first` and `second`: stamps. */
interface Two {
  first: Text;
  second: Text;
}
/** Of a bend by its number; without one of the tube as a whole. */
interface OfBend {
  bend?: Count;
}
/** Bars of a role, and where they are counted: see the check `count`. */
interface Counted {
  role: Text;
  per: Text;
}

const kind = <Facts extends object>(stage: FindingStage, about: FindingAbout): FindingKind<Facts> => ({
  stage,
  about,
});
/** One whose words need no more than its figures. */
const plain = (stage: FindingStage, about: FindingAbout): FindingKind<None> => ({ stage, about });

/** Every code of a finding: where it is dealt with, what it is about, and the facts that its words need. */
export const FINDING_KINDS = {
  'show-bar': plain('brief', 'car'),
  decorative: plain('brief', 'car'),
  street: plain('brief', 'car'),
  'no-book': plain('brief', 'book'),
  'book-missing': kind<{ book: Text }>('brief', 'book'),
  'car-weight-missing': plain('brief', 'book'),

  asymmetry: kind<{ sides: Text }>('survey', 'car'),
  'measures-missing': plain('survey', 'car'),
  'readings-differ': kind<{ measure: Text; apart: Length | Angle }>('survey', 'car'),
  contradiction: kind<OnSide>('survey', 'car'),
  'figures-untold': plain('survey', 'car'),
  'beyond-any-car': plain('survey', 'car'),

  impossible: kind<{ message: Sentence }>('design', 'car'),
  'contradiction-settled': kind<OnSide & { distrusted: Text }>('design', 'car'),
  'in-body': kind<OnWall>('design', 'car'),
  'outside-taped-wall': kind<OnWall>('design', 'car'),
  'does-not-bend': kind<{ message: Sentence }>('design', 'car'),
  'not-placed': kind<Stamped & { message: Sentence }>('design', 'car'),
  loop: kind<{ stamps: Text; count: Count }>('design', 'car'),
  'job-limit': kind<{ figure: Text; bound: Text }>('design', 'car'),
  'keep-out': kind<Stamped & { name: Text }>('design', 'car'),
  'beside-pillar': kind<Stamped & { name: Text }>('design', 'car'),
  'zone-gap': kind<Stamped & { name: Text }>('design', 'car'),
  collision: kind<Two>('design', 'car'),
  'out-of-line': kind<Two>('design', 'car'),
  'off-node': kind<OfEnd & { header: Text }>('design', 'car'),
  'unbraced-bend': kind<Stamped & { bend: Count }>('design', 'car'),
  'bars-off-plane': kind<Stamped & { name: Text }>('design', 'car'),
  'part-not-made': kind<Stamped & { message: Sentence }>('design', 'car'),
  'zone-touch': kind<Stamped & { name: Text }>('inspect', 'car'),
  'finger-gap': kind<Stamped & { name: Text }>('inspect', 'car'),
  'mid-door': kind<OnSide & { stamps: Text }>('inspect', 'car'),
  'gusset-hole': kind<Stamped>('inspect', 'car'),
  'bolt-ask': kind<Stamped & Answered>('inspect', 'car'),
  'bolt-out-of-reach': kind<Stamped & Answered>('inspect', 'car'),

  'no-die': plain('bend', 'machine'),
  'die-od': plain('bend', 'machine'),
  'test-bend-due': plain('bend', 'machine'),
  'other-batch': kind<{ batch: Text }>('bend', 'machine'),
  extrapolated: plain('bend', 'machine'),
  'die-changed': kind<{ die: Text; newTests: Count; goneTests: Count; changed: Count }>('bend', 'machine'),
  'foot-off': kind<OnSide>('design', 'car'),
  'trim-short': kind<OnSide>('bend', 'machine'),
  'clamp-straight': kind<OfBend>('bend', 'machine'),
  'trailing-straight': kind<OfBend>('bend', 'machine'),
  'largest-angle': kind<OfBend>('bend', 'machine'),
  'longest-stick': kind<OfBend>('bend', 'machine'),
  'mark-off-blank': kind<OfBend>('bend', 'machine'),
  'machine-meets': kind<{ bend: Count; at: Angle; what: Text; which: Text }>('bend', 'machine'),
  'roller-unknown': plain('bend', 'machine'),
  'roll-radius': kind<{ roller: Text; bend: Count }>('bend', 'machine'),
  'roll-lead': kind<{ roller: Text; bend: Count }>('bend', 'machine'),

  'no-cope': kind<OfEnd & { why: Text }>('cope', 'car'),
  'not-seated': kind<OfEnd & { why: Text; header: Text }>('cope', 'car'),
  'sharp-joint': kind<OfEnd & { header: Text }>('cope', 'car'),
  'torch-room': kind<OfEnd & { beside: Text; later: Count }>('cope', 'car'),
  'seam-reach': kind<OfEnd & { hidden: Length; length: Length }>('cope', 'book'),
  'roof-unknown': plain('cope', 'car'),

  'belts-on-show': plain('people', 'people'),
  'body-in-tube': kind<Stamped & AtNotch & { part: Text }>('people', 'people'),
  'no-room-to-pad': kind<Stamped & AtNotch & { part: Text }>('people', 'people'),
  'pad-stretch': kind<Stamped & { from: Length; to: Length; parts: Text; who: Text }>('people', 'people'),
  'street-head': kind<Stamped & { from: Length; to: Length; parts: Text; who: Text }>('people', 'people'),
  'sight-hidden': kind<Stamped & OnSide & { who: Text }>('people', 'people'),
  'entry-low': kind<OnSide & { below: Text; above: Text }>('people', 'people'),
  'door-skin': kind<Stamped & { who: Text }>('people', 'people'),
  'door-seat': kind<Stamped & { who: Text }>('people', 'people'),

  'no-row-for-weight': plain('inspect', 'book'),
  'class-missing': kind<{ classes: Text; count: Count }>('inspect', 'book'),
  'tube-kind': kind<{ options: Sentence }>('inspect', 'book'),
  'tube-od': kind<{ options: Sentence }>('inspect', 'book'),
  'tube-wall': kind<{ options: Sentence }>('inspect', 'book'),
  'clr-ratio': kind<{ clr: Length }>('inspect', 'book'),
  'no-bends': kind<Stamped>('inspect', 'book'),
  'no-feet': kind<Stamped>('inspect', 'book'),
  'bend-count': plain('inspect', 'book'),
  'bend-angle': plain('inspect', 'book'),
  'continuous-tube': plain('inspect', 'book'),
  'continuous-count': kind<Counted & OnSide>('inspect', 'book'),
  count: kind<Counted & OnSide>('inspect', 'book'),
  'count-nowhere': kind<Counted & { of: Text; and: Text }>('inspect', 'book'),
  'none-there': kind<Counted & { of: Text; and: Text }>('inspect', 'book'),
  tilt: plain('inspect', 'book'),
  'not-straight': kind<Stamped & { view: Text }>('inspect', 'book'),
  angle: kind<Stamped & OnSide & { from: Text }>('inspect', 'book'),
  'end-distance': kind<
    OfEnd & { from: Text; axis: Length; near: Length; edge: Text; stated: Count; disagree: Count }
  >('inspect', 'book'),
  'plate-missing': kind<OfEnd>('inspect', 'book'),
  'plate-area': kind<Stamped>('inspect', 'book'),
  'plate-thickness': kind<Stamped>('inspect', 'book'),
  'plate-width': kind<Stamped>('inspect', 'book'),
  'plate-bolts': kind<Stamped>('inspect', 'book'),
  'plate-welded': kind<Stamped & Answered>('inspect', 'book'),
  'bolt-size': kind<Stamped>('inspect', 'book'),
  'bolt-grade': kind<Stamped>('inspect', 'book'),
  'bolt-grade-unknown': kind<Stamped>('inspect', 'book'),
  'gusset-none': kind<Answered>('inspect', 'book'),
  'gusset-count': kind<Stamped>('inspect', 'book'),
  'gusset-leg': kind<Stamped>('inspect', 'book'),
  'gusset-thickness': kind<Stamped>('inspect', 'book'),
  'splice-none': plain('inspect', 'book'),
  'splice-sleeve': kind<Stamped>('inspect', 'book'),
  'splice-rosettes': kind<Stamped>('inspect', 'book'),
  'feet-on': kind<{ feet: Text }>('inspect', 'book'),
  'opening-height': kind<Stamped & { axis: Length; edge: Text }>('inspect', 'book'),
  'helmet-line': kind<AtNotch>('inspect', 'book'),
  'helmet-top': kind<AtNotch>('inspect', 'book'),
  'helmet-within': kind<AtNotch>('inspect', 'book'),
  'helmet-behind': kind<AtNotch>('inspect', 'book'),
  'helmet-in-hoop': kind<AtNotch>('inspect', 'book'),
  'helmet-gap': kind<AtNotch>('inspect', 'book'),
  'harness-angle': kind<Stamped & AtNotch>('inspect', 'book'),
  'harness-behind': kind<Stamped & AtNotch>('inspect', 'book'),
  'lap-angle': kind<OnSide & AtNotch>('inspect', 'book'),
  'strap-spread': kind<Stamped & OnSide & AtNotch>('inspect', 'book'),
  padding: kind<Stamped & { by: Text }>('inspect', 'book'),
  padded: kind<Stamped & { by: Text }>('inspect', 'book'),
  'padding-clear': kind<Stamped & { by: Text }>('inspect', 'book'),
  asked: kind<{ question: Text } & Answered>('inspect', 'book'),
  answered: kind<{ question: Text } & Answered>('inspect', 'book'),
  waiting: kind<{ what: Text; who?: Text }>('inspect', 'book'),
} satisfies Record<string, FindingKind<object>>;

/** What a finding is of, one of the catalogue. */
export type FindingCode = keyof typeof FINDING_KINDS;

/** The facts that the words of a code need. */
export type FactsOf<Code extends FindingCode> =
  (typeof FINDING_KINDS)[Code] extends FindingKind<infer Facts> ? Facts : never;

/** The stage at which findings of a code are dealt with. */
export const stageOf = (code: FindingCode): FindingStage => FINDING_KINDS[code].stage;

/** What findings of a code are about. */
export const aboutOf = (code: FindingCode): FindingAbout => FINDING_KINDS[code].about;
