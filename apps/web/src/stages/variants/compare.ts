import {
  type Evaluation,
  formatWithUnit,
  helmetRoom,
  type LengthStyle,
  type MemberCost,
  type Plan,
} from '@gyrus/core';
import { massWords, runWords } from '@gyrus/formats';

/** All that is sawn for a cage, with its cost. without: the stamps of tubes of which nobody knows yet how they are cut. */
export interface SawnTube extends Pick<MemberCost, 'cut' | 'cost'> {
  without: string[];
}

/** What is left out is said, and makes a figure of no worth for comparing. */
const withoutWords = (stamps: string[]): string => (stamps.length > 0 ? `, without ${fewOf(stamps)}` : '');

/** The first stamps by name, the others counted. */
const fewOf = (stamps: readonly string[]): string =>
  stamps.slice(0, 6).join(', ') + (stamps.length > 6 ? ` and ${stamps.length - 6} more` : '');

/** One line of the comparison: what it is, and its value for a variant. Less is better; room counts negative. */
export interface Measure {
  name: string;
  of: (
    plan: Plan,
    answers: Evaluation,
    tube: SawnTube,
    style: LengthStyle,
  ) => { value: number | null; text: string };
}

const count = (value: number) => ({ value, text: String(value) });
const counted =
  (codes: readonly string[]) =>
  (_: Plan, { findings }: Evaluation) =>
    count(findings.filter(({ code }) => codes.includes(code)).length);

/** What variants are compared by. */
export const MEASURES_OF_VARIANT: readonly Measure[] = [
  // First: a variant is no lighter for the bars that have no place in it.
  {
    name: 'bars that cannot be placed',
    of: (_, { members }) => {
      const lost = members.flatMap(({ pieces }) => pieces.filter(({ tube }) => tube === null));
      return {
        value: lost.length,
        text: lost.length === 0 ? '0' : `${lost.length}: ${fewOf(lost.map(({ stamp }) => stamp))}`,
      };
    },
  },
  {
    name: 'mass',
    of: (_, { totals }, __, style) => ({ value: totals.mass, text: massWords(totals.mass, style) }),
  },
  {
    name: 'tube',
    of: (_, { totals }, __, style) => ({ value: totals.metres, text: runWords(totals.metres * 1000, style) }),
  },
  {
    name: 'tube sawn off the sticks',
    of: (_, __, { cut, without }, style) => ({
      value: without.length > 0 ? null : cut,
      text: `${runWords(cut, style)}${withoutWords(without)}`,
    }),
  },
  {
    name: 'cost of that tube',
    of: (_, __, { cost, without }) => ({
      value: without.length > 0 ? null : cost,
      text: cost === null ? 'not known' : `${cost.toFixed(2)}${withoutWords(without)}`,
    }),
  },
  { name: 'tubes', of: (_, { totals }) => count(totals.tubes) },
  { name: 'bends', of: (_, { totals }) => count(totals.bends) },
  { name: 'coped ends', of: (_, { totals }) => count(totals.copes) },
  { name: 'joints off their node', of: (_, { totals }) => count(totals.offNode) },
  {
    name: 'rules out',
    of: (_, { findings }) => count(findings.filter(({ rule, status }) => rule && status === 'out').length),
  },
  {
    name: 'rules to look at or to ask',
    of: (_, { findings }) =>
      count(findings.filter(({ rule, status }) => rule && (status === 'look' || status === 'ask')).length),
  },
  { name: 'keep-outs and gaps', of: counted(['keep-out', 'zone-gap', 'zone-touch', 'finger-gap']) },
  { name: 'unbraced bends', of: counted(['unbraced-bend']) },
  { name: 'tubes that run into each other', of: counted(['collision']) },
  {
    name: 'least room to a helmet',
    of: (plan, { members }, _, style) => {
      const room = helmetRoom(
        plan,
        members.flatMap(({ pieces }) => pieces.flatMap(({ tube }) => tube ?? [])),
      );
      return {
        value: room === null ? null : -room,
        text: room === null ? 'nobody seated' : formatWithUnit(room, style),
      };
    },
  },
];
