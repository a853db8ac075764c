import { type Revision } from '@gyrus/contract';
import { demoPlan } from '@gyrus/demo';
import { findDraft } from './draft.ts';
import { usePlanStore } from './planStore.ts';
import { saveNow } from './useAutosave.ts';

/** The browser's store and network, as far as the plan store uses them. */
const kept = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  },
});

const revision = (number: number, car = demoPlan.brief.car): Revision => ({
  id: `r${number}`,
  number,
  parent: number > 1 ? `r${number - 1}` : null,
  branch: 'main',
  author: '',
  note: '',
  createdAt: '2026-11-25T10:00:00Z',
  plan: { ...demoPlan, brief: { ...demoPlan.brief, car } },
});
const store = () => usePlanStore.getState();
const carNow = () => store().history?.present.brief.car;
const rename = (car: string) => store().change('brief/car', (plan) => void (plan.brief.car = car));

type Answer = { status: number; body: unknown } | 'no network';
const sent: { id: string; parent: string }[] = [];
function network(...answers: Answer[]): void {
  sent.length = 0;
  globalThis.fetch = (_, init) => {
    sent.push(JSON.parse((init?.body ?? '{}') as string) as (typeof sent)[number]);
    const answer = answers.shift() ?? 'no network';
    if (answer === 'no network') return Promise.reject(new TypeError('failed'));
    return Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status }));
  };
}

beforeEach(() => {
  kept.clear();
  store().open('job', revision(1));
});

test('an edit is kept in the browser at once, and a reload goes on with it', () => {
  rename('Changed');
  expect(findDraft('job')?.plan.brief.car).toBe('Changed');
  store().open('job', revision(1));
  expect(carNow()).toBe('Changed');
  expect(store().saveState).toBe('waiting');
});

test('half a number outlives a reload, and goes when it reads', () => {
  store().setTyping('survey/headlinerCentre', '41 1/');
  store().open('job', revision(1));
  expect(store().typing).toEqual({ 'survey/headlinerCentre': '41 1/' });
  store().setTyping('survey/headlinerCentre', undefined);
  expect(store().typing).toEqual({});
});

test('a save moves the base and leaves no draft behind', async () => {
  rename('Saved');
  network({ status: 201, body: revision(2, 'Saved') });
  expect(await saveNow()).toBe(true);
  expect(store()).toMatchObject({ saveState: 'saved', base: { id: 'r2', number: 2 } });
  expect(sent).toMatchObject([{ parent: 'r1' }]);
  expect(findDraft('job')).toBeNull();
});

test('a save whose answer is lost is repeated under the same id', async () => {
  rename('Lost answer');
  network('no network', { status: 201, body: revision(2, 'Lost answer') });
  expect(await saveNow()).toBe(false);
  expect(store().saveState).toBe('no-answer');
  expect(await saveNow()).toBe(true);
  expect(sent[0]?.id).toBe(sent[1]?.id);
});

test('an edit during a save is not taken for saved', async () => {
  rename('First');
  network({ status: 201, body: revision(2, 'First') });
  const saving = saveNow();
  rename('Second');
  expect(await saving).toBe(false);
  expect(store()).toMatchObject({ saveState: 'waiting', base: { id: 'r2' } });
  expect(carNow()).toBe('Second');
});

test('a clash keeps both plans until it is settled, and mine then goes on top of theirs', async () => {
  rename('Mine');
  const clash = { error: { code: 'clash', message: '', path: '/parent' }, head: revision(2, 'Theirs') };
  network({ status: 409, body: clash });
  expect(await saveNow()).toBe(false);
  expect(store().clash?.plan.brief.car).toBe('Theirs');
  rename('Mine, further');
  expect(store().saveState).toBe('clash');
  store().settle('mine');
  network({ status: 201, body: revision(3, 'Mine, further') });
  expect(await saveNow()).toBe(true);
  expect(sent).toMatchObject([{ parent: 'r2' }]);
});

test('taking theirs is an edit like any other: undo brings mine back', async () => {
  rename('Mine');
  network({
    status: 409,
    body: { error: { code: 'clash', message: '', path: '' }, head: revision(2, 'Theirs') },
  });
  await saveNow();
  store().settle('theirs');
  expect(carNow()).toBe('Theirs');
  expect(store().saveState).toBe('saved');
  store().undo();
  expect(carNow()).toBe('Mine');
  expect(store().saveState).toBe('waiting');
});

test('a plan that the server refuses says why, and stays', async () => {
  rename('Refused');
  network({
    status: 422,
    body: { error: { code: 'wrong-value', message: 'this must be right', path: '/plan/brief' } },
  });
  expect(await saveNow()).toBe(false);
  expect(store()).toMatchObject({ saveState: 'refused', refusal: 'this must be right (/plan/brief)' });
  expect(carNow()).toBe('Refused');
});

test('a draft that cannot be read is passed over, never thrown', () => {
  kept.set('gyrus-draft-job', '{"plan":');
  store().open('job', revision(1));
  expect(carNow()).toBe(demoPlan.brief.car);
});
