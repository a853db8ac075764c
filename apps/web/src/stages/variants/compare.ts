import { type Evaluation, type Plan, helmetRoom, type MemberCost } from '@gyrus/core';

/** All that is sawn for a cage, with its cost. without: the stamps of tubes of which nobody knows yet how they are cut. */
export interface SawnTube extends Pick<MemberCost, 'cut' | 'cost'> {
  without: string[];
}

/** What is left out is said, and makes a figure of no worth for comparing. */
const withoutWords = (stamps: string[]): string =>
  stamps.length > 0 ? `, without ${stamps.join(', ')}` : '';

/** One line of the comparison: what it is, and its value for a variant. Less is better; room counts negative. */
export interface Measure {
  name: string;
  of: (plan: Plan, answers: Evaluation, tube: SawnTube) => { value: number | null; text: string };
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
        text: lost.length === 0 ? '0' : `${lost.length}: ${lost.map(({ stamp }) => stamp).join(', ')}`,
      };
    },
  },
  { name: 'mass, kg', of: (_, { totals }) => ({ value: totals.mass, text: totals.mass.toFixed(1) }) },
  { name: 'tube, m', of: (_, { totals }) => ({ value: totals.metres, text: totals.metres.toFixed(2) }) },
  {
    name: 'tube sawn off the sticks, m',
    of: (_, __, { cut, without }) => ({
      value: without.length > 0 ? null : cut,
      text: `${(cut / 1000).toFixed(2)}${withoutWords(without)}`,
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
    name: 'least room to a helmet, mm',
    of: (plan, { members }) => {
      const room = helmetRoom(
        plan,
        members.flatMap(({ pieces }) => pieces.flatMap(({ tube }) => tube ?? [])),
      );
      return { value: room === null ? null : -room, text: room === null ? 'nobody seated' : room.toFixed(0) };
    },
  },
];
