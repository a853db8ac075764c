import { type COUNTED_IN, type RuleCheck } from '@gyrus/core';
import { placeOfCount } from './check.ts';
import { roleWords, RULED_ROLES } from '../role.ts';

interface Choice {
  value: string;
  text: string;
}

/** A blank in the sentence of a check: which of its parameters it holds, and what it is. */
export type CheckBlank = {
  at: string;
  label: string;
  /** May be left open: not asked for. */
  optional?: boolean;
  /** Only where the check is so; always where it is left out. */
  when?: (check: RuleCheck) => boolean;
} & (
  | { type: 'angle'; least: number; most: number }
  | { type: 'length'; above?: number }
  /** `shown`: what one of it is written as, 100 for a share in percent. */
  | { type: 'number'; least: number; most: number; whole?: boolean; shown?: number }
  /** `none`: what stands for a choice that is not made; one has to be made where it is left out. */
  | { type: 'choice'; options: readonly Choice[]; none?: string }
  | { type: 'tick'; text: string }
  | { type: 'several'; options: readonly Choice[] }
  | { type: 'text'; short?: boolean; example: string }
);

/** What a choice offers, by the value that it stands for. */
export const choices = (texts: Record<string, string>): Choice[] =>
  Object.entries(texts).map(([value, text]) => ({ value, text }));

/** Members to choose one of. */
export const ROLES: Choice[] = RULED_ROLES.map((value) => ({ value, text: roleWords(value) }));
/** An angle from 0° to 90°. */
export const angle = (at: string, label: string, optional = false): CheckBlank => ({
  type: 'angle',
  at,
  label,
  optional,
  least: 0,
  most: 90,
});
/** A length of something that there is: more than nothing. */
export const size = (at: string, label: string, optional = false): CheckBlank => ({
  type: 'length',
  at,
  label,
  optional,
  above: 0,
});
/** A whole number. */
export const count = (at: string, label: string, optional = false): CheckBlank => ({
  type: 'number',
  at,
  label,
  optional,
  least: 0,
  most: 100,
  whole: true,
});
/** A whole number of what there has to be: one at least. */
export const some = (at: string, label: string, optional = false): CheckBlank => ({
  type: 'number',
  at,
  label,
  optional,
  least: 1,
  most: 100,
  whole: true,
});
/** A share of one, written in percent. */
export const share = (at: string, label: string): CheckBlank => ({
  type: 'number',
  at,
  label,
  least: 0,
  most: 1,
  shown: 100,
});
/** An angle of a shoulder strap, positive down toward the rear. */
export const strap = (at: string, label: string): CheckBlank => ({
  type: 'angle',
  at,
  label,
  least: -45,
  most: 90,
});
/** The edge of a tube that a book means. far: the words for the edge farther off. */
export const reading = (far: string): CheckBlank => ({
  type: 'choice',
  at: 'reading',
  label: 'edge that the book means',
  optional: true,
  none: 'to an edge that the book does not name',
  options: choices({ axis: 'to the axis', near: 'to the near edge', far }),
});
/** Where bars are counted; for a hoop or a bay the sentence goes on with the member. */
export const countedIn = (...places: (typeof COUNTED_IN)[number][]): Choice[] =>
  places.map((value) => ({
    value,
    text: value === 'hoop' ? 'in each' : value === 'bay' ? 'in each bay between' : placeOfCount(value),
  }));

/** Blanks that stand in a sentence only where another one is so. */
export const inHoop = (check: RuleCheck): boolean =>
  check.kind === 'count' && (check.per === 'hoop' || check.per === 'bay');
/** Whether a check counts within a bay. */
export const inBay = (check: RuleCheck): boolean => check.kind === 'count' && check.per === 'bay';
/** Whether a check counts, within something smaller than the cage or not. */
export const isCounted = (check: RuleCheck): boolean =>
  check.kind === 'continuous-tube' && check.least != null;
/** Whether a distance is taken from a bend. */
export const fromBend = (check: RuleCheck): boolean => check.kind === 'end-distance' && check.from === 'bend';
/** Whether a distance is taken from a foot or a joint. */
export const fromTube = (check: RuleCheck): boolean => check.kind === 'end-distance' && check.from !== 'bend';
