import { type KeptCutPlan } from '@gyrus/contract';
import { copesIn, evaluate, INCHES, type Plan } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { wantedFor } from './shopping.ts';

const copes = copesIn(demoPlan, evaluate(demoPlan, demoShop, demoBooks), demoBooks);
const wanted = (plan: Plan = demoPlan, cut?: KeptCutPlan) => wantedFor(plan, copes, cut, INCHES);
const whats = (plan?: Plan, cut?: KeptCutPlan) => wanted(plan, cut).map(({ what }) => what);

test('without a cut plan nobody knows what tube is missing, and that blocks nothing yet', () => {
  expect(wanted()[0]).toMatchObject({ what: 'tube: no cut plan yet', blocks: false });
});

test('tube that a cut plan buys blocks, with how many sticks; what the rack has is not named', () => {
  const group = (count: number) => ({
    tube: {
      od: { mm: 44.45, typed: '1 3/4' },
      wall: { mm: 2.413, typed: '.095' },
      kind: 'drawn-over-mandrel',
    },
    totals: { bought: count > 0 ? [{ count, length: 6096 }] : [] },
  });
  const cut = (count: number) => ({ id: 'c', plan: { groups: [group(count)] } }) as unknown as KeptCutPlan;
  const [tube] = wanted(demoPlan, cut(3));
  expect(tube).toMatchObject({ blocks: true, why: 'To buy: 3 sticks of 240 in.' });
  expect(whats(demoPlan, cut(0))[0]).toMatch(/^hole saw/);
});

test('a hole saw is wanted for ends that the notcher makes, and no more once they are all cut', () => {
  expect(whats()).toContain('hole saw 1 3/4 in');
  const done: Plan = {
    ...demoPlan,
    copeTicks: copes.ends.map(({ piece, end }) => ({ piece, end, state: 'cut', cut: '' })),
  };
  expect(whats(done).filter((what) => what.startsWith('hole saw'))).toEqual([]);
});

test('who has no seat yet is named, where there is a harness bar that waits for it', () => {
  const [person] = demoPlan.occupants;
  if (!person) throw new Error('somebody sits in the demo car');
  const unseated: Plan = { ...demoPlan, occupants: [{ ...person, name: 'T. M.', shoulder: null }] };
  expect(whats(unseated)).toContain('seat of T. M.');
  const bare = { ...unseated, members: unseated.members.filter(({ role }) => role !== 'harness-bar') };
  expect(whats(bare)).not.toContain('seat of T. M.');
});

test('a dash bar waits for the steering column until it is a keep-out', () => {
  const column = /^steering column/;
  const asks = (plan: Plan) => whats(plan).some((what) => column.test(what));
  const { keepOuts } = demoPlan.survey;
  const named = (name: string): Plan => ({
    ...demoPlan,
    survey: { ...demoPlan.survey, keepOuts: keepOuts.slice(0, 1).map((one) => ({ ...one, name })) },
  });
  expect(keepOuts.length).toBeGreaterThan(0);
  expect([asks(named('wiring')), asks(named('Steering column'))]).toEqual([true, false]);
  const bare = { ...named('wiring'), members: demoPlan.members.filter(({ role }) => role !== 'dash-bar') };
  expect(asks(bare)).toBe(false);
});
