/** A word of the trade with what it means here, in one sentence. */
export interface Term {
  name: string;
  says: string;
}

/** Words that somebody who is new to it stumbles over, by a key of their own; each has a drawing of the same key. */
export const TERMS = {
  'main-hoop': {
    name: 'main hoop',
    says: 'The bar behind the driver and over the head, from floor to floor in one tube; everything else stands on it.',
  },
  backstay: {
    name: 'backstay',
    says: 'A straight bar from the top of the main hoop down to the rear, one on each side.',
  },
  landing: {
    name: 'landing',
    says: 'The place of the body that the foot of a bar stands on, with its plate.',
  },
  plinth: {
    name: 'plinth',
    says: 'A box of sheet that lifts a plate off the floor or the sill, so that the foot above it is shorter.',
  },
  node: {
    name: 'node',
    says: 'The point where the axes of several tubes meet; loads that meet in one point bend no tube.',
  },
  'stands-on': {
    name: 'stands on',
    says: 'A bar that ends on another is coped to it: that one goes through, this one is cut.',
  },
  axis: {
    name: 'axis',
    says: 'The line through the middle of a tube; lengths, heights and radii are on it unless a face is named.',
  },
  clearance: {
    name: 'clearance',
    says: 'Room that is kept free between a tube and the body; it has nothing to do with the verdict clear.',
  },
  verdict: {
    name: 'clear, look, out, ask',
    says: 'What is found of a rule: it holds with room to spare; look at it yourself; it does not hold; nobody said yet.',
  },
  radius: {
    name: 'centreline radius',
    says: 'The radius of a bend on the axis of the tube, as the die makes it.',
  },
  tangent: {
    name: 'tangent',
    says: 'Where a straight goes over into a bend: the bend starts at one tangent and ends at the other.',
  },
  mark: {
    name: 'mark',
    says: 'The line on the blank that is set against the die for a bend.',
  },
  blank: {
    name: 'blank',
    says: 'The straight tube as it is sawn, before it is bent: with what the bends need and what is trimmed off its ends.',
  },
  trim: {
    name: 'trim',
    says: 'What a blank is longer at an end, to be cut off once the tube is bent and fitted.',
  },
  datum: {
    name: 'measured from',
    says: 'The point that all marks of a blank are taped from: its centre, one of its ends, or an ear that is cut already.',
  },
  springback: {
    name: 'springback',
    says: 'How far a bend opens again when it is let go; the dial is pulled as much further.',
  },
  'test-bend': {
    name: 'test bend',
    says: 'A bend of the same tube on the same die, pulled to a reading and measured when it was let go.',
  },
  clamp: {
    name: 'clamp',
    says: 'The block that holds the tube before the bend; it needs a straight of its own length.',
  },
  turn: {
    name: 'turn',
    says: 'How far the tube is turned about its axis in the bender between two bends that lie in different planes.',
  },
  cope: {
    name: 'cope',
    says: 'The hollow at the end of a tube that fits it to the round of another; also called a notch.',
  },
  ear: {
    name: 'ear',
    says: 'One of the two long points that a cope leaves at both sides of the tube it goes round.',
  },
  throat: {
    name: 'throat',
    says: 'The deepest place of a cope, between its ears.',
  },
  'face-line': {
    name: 'face line',
    says: 'A pencil line along the tube that copes and bends are turned against, so that both ends match.',
  },
  'take-off': {
    name: 'take-off',
    says: 'A tube as it is read in the car by straights and bends held up there, one after the other.',
  },
  gusset: {
    name: 'gusset',
    says: 'A piece of sheet in the corner of two tubes, flat or folded round them.',
  },
  window: {
    name: 'window',
    says: 'The angles that a book allows for straps: from horizontal, positive down toward the rear.',
  },
  slot: {
    name: 'slot',
    says: 'Where the straps leave the seat, or the guide of a head-restraint device.',
  },
} satisfies Record<string, Term>;

/** A word of the trade, by its key. */
export type TermKey = keyof typeof TERMS;

/** The keys of all words, in the order of the job. */
export const TERM_KEYS = Object.keys(TERMS) as TermKey[];
