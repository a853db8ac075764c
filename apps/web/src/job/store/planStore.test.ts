import { type Revision } from '@gyrus/contract';
import { mergeTried, type Plan } from '@gyrus/core';
import { demoPlan } from '@gyrus/demo';
import { jest } from '@jest/globals';
import { useStorageTrouble } from '../../shared/server/browserStore.ts';
import { type Doc } from './draft.ts';
import { FakeBrowser } from './fakeBrowser.ts';
import { FakeServer } from './fakeServer.ts';

// The worker that merges in the browser: here in the test's own thread.
jest.unstable_mockModule('../../answers/away.ts', () => ({
  mergeAway: (...args: Parameters<typeof mergeTried>) => Promise.resolve(mergeTried(...args)),
}));

const browser = new FakeBrowser().install();
const { kept, session } = browser;

const { findDraft, leftDrafts } = await import('./draft.ts');
const { usePlanStore } = await import('./planStore.ts');
const { settleClash, takeInLeft } = await import('./merging.ts');
const { claimTab, openTabs } = await import('./tab.ts');
const { saveNow } = await import('./useAutosave.ts');

const MAIN: Doc = { jobId: 'job', branch: 'main' };
const store = () => usePlanStore.getState();
const briefNow = () => store().history?.present.brief;
const rename = (car: string) => store().change('brief/car', (plan) => void (plan.brief.car = car));
const withBrief = (brief: Partial<Plan['brief']>): Plan => ({
  ...demoPlan,
  brief: { ...demoPlan.brief, ...brief },
});

let server: FakeServer;
/** The pages ask under this address and no other. */
const online = () => {
  globalThis.fetch = (path, init) => server.fetch(path as string, init as { method?: string; body?: string });
};

beforeEach(async () => {
  kept.clear();
  session.clear();
  browser.held = new Set();
  browser.room = Infinity;
  store().close();
  await claimTab();
  server = new FakeServer(demoPlan);
  online();
  store().open('job', server.head);
});

test('an edit is kept in the browser at once, and a reload goes on with it', () => {
  rename('Changed');
  expect(findDraft(MAIN)?.plan.brief.car).toBe('Changed');
  store().open('job', server.head);
  expect(briefNow()?.car).toBe('Changed');
  expect(store().saveState).toBe('waiting');
});

test('half a number outlives a reload, and goes when it reads', () => {
  store().setTyping('survey/headlinerCentre', '41 1/');
  store().open('job', server.head);
  expect(store().typing).toEqual({ 'survey/headlinerCentre': '41 1/' });
  store().setTyping('survey/headlinerCentre', undefined);
  expect(store().typing).toEqual({});
});

test('a save moves the base and leaves no draft behind', async () => {
  rename('Saved');
  expect(await saveNow()).toBe(true);
  expect(store()).toMatchObject({ saveState: 'saved', base: { number: 2 } });
  expect(server.sent).toMatchObject([{ parent: 'r1' }]);
  expect(findDraft(MAIN)).toBeNull();
});

test('a save that was lost on the way is repeated under the same id', async () => {
  rename('Lost');
  server.next = ['lost on the way'];
  expect(await saveNow()).toBe(false);
  expect(store().saveState).toBe('no-answer');
  expect(await saveNow()).toBe(true);
  expect(server.sent[0]?.id).toBe(server.sent[1]?.id);
});

test('an edit during a save is not taken for saved', async () => {
  rename('First');
  const saving = saveNow();
  rename('Second');
  expect(await saving).toBe(false);
  expect(store()).toMatchObject({ saveState: 'waiting', base: { number: 2 } });
  expect(briefNow()?.car).toBe('Second');
});

test('an edit during a save that takes long is saved after it, and is not left until the next edit', async () => {
  rename('First');
  const saving = saveNow();
  server.held = true;
  rename('Second');
  // The pause after the edit is over, and the first save is still not answered.
  const after = saveNow();
  server.release();
  expect(await saving).toBe(false);
  expect(await after).toBe(true);
  expect(server.head.plan.brief.car).toBe('Second');
  expect(store().saveState).toBe('saved');
  expect(server.sent).toHaveLength(2);
});

describe('a job that somebody closed', () => {
  const closed = () => store().setClosed(true);

  test('nothing in it changes by any way in, and nothing waits to be saved', async () => {
    rename('Before');
    expect(await saveNow()).toBe(true);
    closed();
    rename('After');
    store().replace('restored', withBrief({ car: 'Restored' }));
    store().undo();
    store().redo();
    expect(briefNow()?.car).toBe('Before');
    expect(store().saveState).toBe('saved');
    expect(server.sent).toHaveLength(1);
    expect(findDraft(MAIN)).toBeNull();
  });

  test('opened again it goes on from where it was, with its undo', () => {
    rename('Before');
    closed();
    rename('After');
    store().setClosed(false);
    store().seal();
    rename('Open again');
    expect(briefNow()?.car).toBe('Open again');
    store().undo();
    expect(briefNow()?.car).toBe('Before');
  });

  test('another variant of it is closed as well, another job is not', () => {
    closed();
    store().switchTo({ ...server.head, id: 'v1', branch: 'lower hoop' });
    expect(store()).toMatchObject({ branch: 'lower hoop', closed: true });
    store().close();
    store().open('other', server.head);
    expect(store().closed).toBe(false);
  });
});

describe('a job that is left in the middle of a save', () => {
  const other: Revision = { ...new FakeServer(withBrief({ car: 'Other job' })).head, id: 'o1', number: 7 };

  test('its answer never becomes the base of the job opened after it', async () => {
    rename('Left');
    server.held = true;
    const saving = saveNow();
    store().close();
    store().open('other', other);
    server.release();
    expect(await saving).toBe(false);
    expect(store()).toMatchObject({ jobId: 'other', base: { id: 'o1', number: 7 }, saveState: 'saved' });
    expect(findDraft(MAIN)).toBeNull();
  });

  test('what was typed after the save went out stays its draft, and goes on from the answer', async () => {
    rename('Left');
    server.held = true;
    const saving = saveNow();
    rename('Typed after it');
    store().open('other', other);
    server.release();
    await saving;
    expect(findDraft(MAIN)).toMatchObject({
      base: { number: 2 },
      plan: { brief: { car: 'Typed after it' } },
    });
    store().open('job', server.head);
    expect(await saveNow()).toBe(true);
    expect(server.head.plan.brief.car).toBe('Typed after it');
  });

  test('a refusal or a lost answer is not told of the other', async () => {
    rename('Left');
    server.next = ['lost on the way'];
    const saving = saveNow();
    store().open('other', other);
    await saving;
    expect(store().saveState).toBe('saved');
  });

  test('a save of the other job does not wait for it, and is no part of it', async () => {
    rename('Left');
    server.held = true;
    const left = saveNow();
    const elsewhere = new FakeServer(other.plan);
    store().open('other', { ...elsewhere.head });
    globalThis.fetch = (path, init) =>
      elsewhere.fetch(path as string, init as { method?: string; body?: string });
    rename('Other, changed');
    expect(await saveNow()).toBe(true);
    expect(elsewhere.head.plan.brief.car).toBe('Other, changed');
    server.release();
    await left;
    expect(store().base.id).toBe(elsewhere.head.id);
  });
});

test('a variant has a draft of its own: a reload finds each as it was left', () => {
  rename('Main, unsaved');
  const variant: Revision = { ...server.head, id: 'v1', number: 2, branch: 'X' };
  store().switchTo(variant);
  store().setTyping('survey/headlinerCentre', '41 1/');
  rename('Variant, unsaved');
  store().open('job', server.head);
  expect([store().branch, briefNow()?.car]).toEqual(['main', 'Main, unsaved']);
  store().open('job', variant);
  expect([store().branch, briefNow()?.car]).toEqual(['X', 'Variant, unsaved']);
  expect(store().typing).toEqual({ 'survey/headlinerCentre': '41 1/' });
});

describe('tabs of one browser', () => {
  const inOtherTab = async (work: () => void) => {
    const mine = session.get('gyrus-tab') ?? '';
    session.delete('gyrus-tab');
    await claimTab();
    const name = session.get('gyrus-tab') ?? '';
    work();
    session.set('gyrus-tab', mine);
    browser.held.delete(`gyrus-tab/${mine}`);
    await claimTab();
    return { close: () => browser.held.delete(`gyrus-tab/${name}`) };
  };

  test('each keeps a draft of its own', async () => {
    rename('Here');
    await inOtherTab(() => {
      store().open('job', server.head);
      expect(briefNow()?.car).toBe(demoPlan.brief.car);
      rename('There');
    });
    store().open('job', server.head, leftDrafts(MAIN, await openTabs()));
    expect(briefNow()?.car).toBe('Here');
    expect(store().left).toEqual([]);
  });

  test('a doubled tab does not write into the draft of its twin', async () => {
    rename('Here');
    // The browser copies what the tab knows of itself.
    await claimTab();
    expect(findDraft(MAIN)).toBeNull();
  });

  test('what a closed tab left is gone on with, where this one left nothing', async () => {
    const other = await inOtherTab(() => {
      store().open('job', server.head);
      rename('Left there');
    });
    other.close();
    store().open('job', server.head, leftDrafts(MAIN, await openTabs()));
    expect(briefNow()?.car).toBe('Left there');
    expect(leftDrafts(MAIN, await openTabs())).toEqual([]);
  });

  test('what was left from before drafts knew tabs is gone on with too', async () => {
    const { sent: _, ...before } = {
      base: { id: 'r1', number: 1 },
      plan: withBrief({ car: 'Old draft' }),
      typing: {},
      sent: [],
    };
    kept.set('gyrus-draft-job', JSON.stringify(before));
    store().open('job', server.head, leftDrafts(MAIN, await openTabs()));
    expect(briefNow()?.car).toBe('Old draft');
    expect(kept.has('gyrus-draft-job')).toBe(false);
  });

  const leftBeside = async (recipe: () => void) => {
    const other = await inOtherTab(() => {
      store().open('job', server.head);
      recipe();
    });
    other.close();
    store().open('job', server.head);
    rename('Here');
    store().open('job', server.head, leftDrafts(MAIN, await openTabs()));
    const [left] = store().left;
    if (!left) throw new Error('it is offered');
    return left;
  };

  test('beside work of this tab it is offered, and put together with it', async () => {
    const left = await leftBeside(() =>
      store().change('brief/customer', (plan) => void (plan.brief.customer = 'Left there')),
    );
    await takeInLeft(MAIN, left);
    expect(briefNow()).toMatchObject({ car: 'Here', customer: 'Left there' });
    expect(store().left).toEqual([]);
    expect(leftDrafts(MAIN, await openTabs())).toEqual([]);
  });

  test('what has to be asked about it stays kept until it is answered, over a reload too', async () => {
    await takeInLeft(MAIN, await leftBeside(() => rename('There')));
    expect(store().clash?.clashes).toMatchObject([{ mine: 'Here', theirs: 'There' }]);
    expect(leftDrafts(MAIN, await openTabs())).toHaveLength(1);
    await settleClash(MAIN, store().clash!, { 'brief/car': 'theirs' });
    expect(briefNow()?.car).toBe('There');
    expect(leftDrafts(MAIN, await openTabs())).toEqual([]);
  });

  test('what it had saved itself without an answer is nothing to ask about', async () => {
    const left = await leftBeside(() => {
      store().saving('its-save');
      store().change('brief/customer', (plan) => void (plan.brief.customer = 'Typed after its save'));
    });
    server.add('its-save', withBrief({ customer: 'Its save' }));
    store().close();
    store().open('job', server.head, leftDrafts(MAIN, await openTabs()));
    await saveNow();
    await takeInLeft(MAIN, left);
    expect(store().clash).toBeNull();
    expect(briefNow()).toMatchObject({ car: 'Here', customer: 'Typed after its save' });
  });
});

describe('a save that was kept and whose answer was lost', () => {
  test('is gone on from in silence when more was typed since', async () => {
    rename('Kept');
    server.next = ['answer lost'];
    expect(await saveNow()).toBe(false);
    rename('Kept, and more');
    expect(await saveNow()).toBe(true);
    expect(store()).toMatchObject({ clash: null, merged: null, saveState: 'saved' });
    expect(server.revisions.map(({ plan }) => plan.brief.car).slice(1)).toEqual(['Kept', 'Kept, and more']);
  });

  test('is known for our own after a reload too', async () => {
    rename('Kept');
    server.next = ['answer lost'];
    await saveNow();
    rename('Kept, and more');
    store().close();
    store().open('job', server.head);
    expect(store()).toMatchObject({ base: { number: 2 }, saveState: 'waiting' });
    expect(await saveNow()).toBe(true);
    expect(store().merged).toBeNull();
  });

  test('is what the two went on from where somebody else saved on top of it', async () => {
    rename('Kept');
    server.next = ['answer lost'];
    await saveNow();
    server.add('theirs', { ...server.head.plan, brief: { ...server.head.plan.brief, customer: 'Theirs' } });
    rename('Kept, and more');
    expect(await saveNow()).toBe(true);
    expect(server.head.plan.brief).toMatchObject({ car: 'Kept, and more', customer: 'Theirs' });
    expect(store().clash).toBeNull();
  });
});

describe('somebody else saved meanwhile', () => {
  test('edits to different fields are put together and saved, shown as such, and undone in one step', async () => {
    server.add('theirs', withBrief({ customer: 'Theirs' }));
    rename('Mine');
    expect(await saveNow()).toBe(true);
    expect(server.head.plan.brief).toMatchObject({ car: 'Mine', customer: 'Theirs' });
    expect(server.head.parent).toBe('theirs');
    expect(store().merged).toMatchObject({
      revision: { number: 2 },
      changes: [{ path: ['brief', 'customer'], to: 'Theirs' }],
    });
    store().undo();
    expect(briefNow()).toMatchObject({ car: 'Mine', customer: demoPlan.brief.customer });
    expect(store().saveState).toBe('waiting');
  });

  test('the same field is asked; both plans stand until it is, and typing goes on', async () => {
    server.add('theirs', withBrief({ car: 'Theirs', customer: 'Theirs' }));
    rename('Mine');
    expect(await saveNow()).toBe(false);
    expect(store().clash?.clashes).toMatchObject([
      { path: ['brief', 'car'], mine: 'Mine', theirs: 'Theirs' },
    ]);
    rename('Mine, further');
    expect(store().saveState).toBe('clash');
    await settleClash(MAIN, store().clash!, { 'brief/car': 'mine' });
    expect(briefNow()).toMatchObject({ car: 'Mine, further', customer: 'Theirs' });
    expect(await saveNow()).toBe(true);
    expect(server.head.parent).toBe('theirs');
  });

  test('their side of it is an edit like any other: undo brings mine back', async () => {
    server.add('theirs', withBrief({ car: 'Theirs' }));
    rename('Mine');
    await saveNow();
    await settleClash(MAIN, store().clash!, { 'brief/car': 'theirs' });
    expect(briefNow()?.car).toBe('Theirs');
    expect(store().saveState).toBe('saved');
    store().undo();
    expect(briefNow()?.car).toBe('Mine');
    expect(store().saveState).toBe('waiting');
  });

  test('a base that cannot be fetched loses nothing: the next try puts both together', async () => {
    server.add('theirs', withBrief({ customer: 'Theirs' }));
    rename('Mine');
    globalThis.fetch = (path, init) =>
      init?.method === 'POST'
        ? server.fetch(path as string, init as { method?: string; body?: string })
        : Promise.reject(new TypeError('failed'));
    expect(await saveNow()).toBe(false);
    expect(store().saveState).toBe('no-answer');
    online();
    expect(await saveNow()).toBe(true);
    expect(server.head.plan.brief).toMatchObject({ car: 'Mine', customer: 'Theirs' });
  });
});

test('a browser whose storage is full says so, and says so no more when there is room', () => {
  browser.room = 100;
  rename('Not kept');
  expect(useStorageTrouble.getState().full).toBe(true);
  expect(briefNow()?.car).toBe('Not kept');
  browser.room = Infinity;
  rename('Kept');
  expect(useStorageTrouble.getState().full).toBe(false);
});

test('a plan that the server refuses says why, and stays', async () => {
  rename('Refused');
  server.next = [{ refuse: { code: 'wrong-value', message: 'this must be right', path: '/plan/brief' } }];
  expect(await saveNow()).toBe(false);
  expect(store()).toMatchObject({ saveState: 'refused', refusal: 'this must be right (/plan/brief)' });
  expect(briefNow()?.car).toBe('Refused');
});

test('a draft that cannot be read is passed over, never thrown', () => {
  rename('Kept');
  for (const key of kept.keys()) kept.set(key, '{"plan":');
  store().open('job', server.head);
  expect(briefNow()?.car).toBe(demoPlan.brief.car);
});
