import { demoPlan } from '@gyrus/demo';
import { jest } from '@jest/globals';
import { FakeBrowser } from '../../job/store/fakeBrowser.ts';
import { FakeServer } from '../../job/store/fakeServer.ts';

const said: string[] = [];
const say = (kind: string) => (words: string) => void said.push(`${kind}: ${words}`);
jest.unstable_mockModule('../../shared/frame/toast.ts', () => ({
  toast: { error: say('error'), success: say('done') },
}));
jest.unstable_mockModule('../../answers/away.ts', () => ({
  mergeAway: () => Promise.reject(new Error('unused')),
}));

const browser = new FakeBrowser().install();
const { usePlanStore } = await import('../../job/store/planStore.ts');
const { claimTab } = await import('../../job/store/tab.ts');
const { goOnWith, nameRevision, restore, startVariant } = await import('./variantSteps.ts');

const store = () => usePlanStore.getState();
const carNow = () => store().history?.present.brief.car;
const rename = (car: string) => store().change('brief/car', (plan) => void (plan.brief.car = car));
let server: FakeServer;

beforeEach(async () => {
  said.length = 0;
  browser.kept.clear();
  browser.session.clear();
  store().close();
  await claimTab();
  server = new FakeServer(demoPlan);
  globalThis.fetch = (path, init) => server.fetch(path as string, init as { method?: string; body?: string });
  store().open('job', server.head);
});

test('a name keeps what is on screen, saved first where it was not', async () => {
  rename('Named');
  await nameRevision('as shown to the customer');
  expect(server.revisions.map(({ plan }) => plan.brief.car)).toEqual([demoPlan.brief.car, 'Named', 'Named']);
  expect(server.sent.at(-1)).toMatchObject({ branch: 'main', note: 'as shown to the customer' });
  expect(store()).toMatchObject({ saveState: 'saved', base: { number: 3 } });
  expect(said).toEqual(['done: Kept as as shown to the customer.']);
});

test('a variant goes on from what is on screen, in a branch of its own', async () => {
  rename('With an X');
  await startVariant('X in the hoop');
  expect(server.sent.at(-1)).toMatchObject({ branch: 'X in the hoop', note: 'variant X in the hoop' });
  expect(store().branch).toBe('X in the hoop');
  expect(carNow()).toBe('With an X');
});

test('what cannot be saved first is not done, and says why', async () => {
  rename('Unsaved');
  server.next = ['lost on the way'];
  await nameRevision('never');
  expect(server.revisions).toHaveLength(1);
  expect(said[0]).toMatch(/^error: The plan could not be saved first/);
  expect(carNow()).toBe('Unsaved');
});

test('what the server refuses is said in its words, and nothing is lost', async () => {
  server.next = [
    { refuse: { code: 'too-big', message: 'a name has 120 characters at most', path: '/note' } },
  ];
  await nameRevision('a name that is too long');
  expect(said).toEqual(['error: a name has 120 characters at most']);
  expect(carNow()).toBe(demoPlan.brief.car);
});

test('an earlier plan is put on screen as an edit: undo takes it back', async () => {
  rename('Later');
  await nameRevision('later');
  await restore('job', 1);
  expect(carNow()).toBe(demoPlan.brief.car);
  expect(said.at(-1)).toMatch(/^done: Revision 1 is on screen again/);
  store().undo();
  expect(carNow()).toBe('Later');
});

test('going on with another variant saves this one first', async () => {
  rename('Here');
  const head = server.head;
  await goOnWith('job', head);
  expect(server.revisions.map(({ plan }) => plan.brief.car)).toContain('Here');
  expect(carNow()).toBe(demoPlan.brief.car);
});

test('a revision that cannot be fetched is told, and what is on screen stays', async () => {
  rename('Stays');
  globalThis.fetch = () => Promise.reject(new TypeError('failed'));
  await restore('job', 1);
  expect(said[0]).toMatch(/^error: /);
  expect(carNow()).toBe('Stays');
});
