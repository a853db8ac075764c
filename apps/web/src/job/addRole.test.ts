import {
  EMPTY_SHOP,
  emptyPlan,
  evaluate,
  type MemberProposal,
  MILLIMETRES,
  type Plan,
  proposeMember,
} from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { jest } from '@jest/globals';
import { FakeBrowser } from './store/fakeBrowser.ts';
import { FakeServer } from './store/fakeServer.ts';

/** What is asked of the worker that proposes, in the test's own thread. */
let asked: string[] = [];
let always: MemberProposal | null = null;
jest.unstable_mockModule('../answers/away.ts', () => ({
  proposeAway: (
    plan: Plan,
    shop: typeof EMPTY_SHOP,
    role: Parameters<typeof proposeMember>[3],
    way: string,
  ) => {
    asked.push(role);
    const fresh = () => crypto.randomUUID();
    return Promise.resolve(always ?? proposeMember(plan, shop, evaluate(plan, shop, []), role, way, fresh));
  },
}));

const { kept, session } = new FakeBrowser().install();
const { usePlanStore } = await import('./store/planStore.ts');
const { addRole, addWithNeeds } = await import('./addRole.ts');

const given = { shop: EMPTY_SHOP, style: MILLIMETRES };
const open = (plan: Plan) => {
  usePlanStore.getState().close();
  usePlanStore.getState().open('job', new FakeServer(plan).head);
};
const rolesNow = () => usePlanStore.getState().history?.present.members.map(({ role }) => role) ?? [];
/** The demo's car with its hoop alone. */
const hoopAlone: Plan = {
  ...demoPlan,
  members: demoPlan.members.slice(0, 1),
  ...{ plates: [], gussets: [], parts: [], fitOrder: [] },
};

beforeEach(() => {
  kept.clear();
  session.clear();
  asked = [];
  always = null;
});

test('what a role stands on is added before it, each once', async () => {
  open(hoopAlone);
  expect(await addRole('rear-cross', '', given)).toMatchObject({ needs: 'backstay' });
  expect(rolesNow()).toEqual(['main-hoop']);
  const added = await addWithNeeds('rear-cross', '', given);
  expect(rolesNow()).toEqual(['main-hoop', 'backstay', 'rear-cross']);
  const [, , cross] = usePlanStore.getState().history?.present.members ?? [];
  expect(added).toEqual({ piece: cross?.pieces[0]?.id });
});

test('a hoop that waits for its measures is not added a second time: it is said what it waits for', async () => {
  open(emptyPlan({ member: 'hoop', piece: 'p' }, 'mm'));
  const refused = await addWithNeeds('diagonal', "driver's side left", given);
  expect(refused).toEqual({ why: expect.stringContaining('finish its measures at Survey') as string });
  expect(rolesNow()).toEqual(['main-hoop']);
});

test('without a main hoop one is added that waits, and nothing on it yet', async () => {
  const empty = emptyPlan({ member: 'hoop', piece: 'p' }, 'mm');
  open({ ...empty, members: [], fitOrder: [] });
  expect(await addWithNeeds('diagonal', '', given)).toMatchObject({ piece: expect.any(String) as string });
  expect(rolesNow()).toEqual(['main-hoop']);
});

test('a role that still wants what was added for it is refused, not added for ever', async () => {
  open(hoopAlone);
  always = { needs: 'side-hoop' };
  // The side hoop was added for it already: nothing goes in.
  const guarded = await addWithNeeds('windscreen-bar', '', given, ['side-hoop']);
  expect(guarded).toMatchObject({ needs: 'side-hoop' });
  expect(asked).toEqual(['windscreen-bar']);
  expect(rolesNow()).toEqual(['main-hoop']);
});
