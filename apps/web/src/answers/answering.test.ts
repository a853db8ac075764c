import { copesIn, evaluate, type Evaluation, findingsIn, wouldLoop } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import { Answering } from './answering.ts';
import { type Asked } from './given.ts';

const NUMBERS = { plan: 1, shop: 2, books: 3 };

/** A worker whose answers are their own names, and which writes down what it works out. */
function counted() {
  const worked: Asked[] = [];
  const working = (what: Asked) => () => {
    worked.push(what);
    return what as never;
  };
  const waiting: (() => void)[] = [];
  const answering = new Answering(
    {
      evaluation: working('evaluation'),
      copes: working('copes'),
      cockpit: working('cockpit'),
      findings: working('findings'),
      build: working('build'),
    },
    () => new Promise((resolve) => waiting.push(resolve)),
  );
  return { answering, worked, listenOnce: () => waiting.shift()?.() };
}

function sent(answering: Answering, plan = demoPlan, numbers = NUMBERS): void {
  answering.take('plan', numbers.plan, plan);
  answering.take('shop', numbers.shop, demoShop);
  answering.take('books', numbers.books, demoBooks);
}

const answerOf = async <K extends Asked>(answering: Answering, what: K, numbers = NUMBERS) => {
  const told = await answering.ask(0, what, numbers);
  if (typeof told !== 'object' || !('answer' in told)) throw new Error(JSON.stringify(told));
  return told.answer;
};

test('one plan is evaluated once, whatever is asked of it; the answers are those of the core', async () => {
  const answering = new Answering();
  sent(answering);
  const findings = await answerOf(answering, 'findings');
  const [evaluation, copes] = [
    await answerOf(answering, 'evaluation'),
    await answerOf(answering, 'copes'),
    await answerOf(answering, 'cockpit'),
  ];
  expect(await answerOf(answering, 'evaluation')).toBe(evaluation);
  expect(await answerOf(answering, 'copes')).toBe(copes);
  expect(await answerOf(answering, 'findings')).toBe(findings);
  const plain = evaluate(demoPlan, demoShop, demoBooks);
  expect(evaluation).toEqual(plain);
  expect(findings).toEqual(findingsIn(demoPlan, plain, copesIn(demoPlan, plain, demoBooks), demoBooks));
});

test('a question that is dropped while it waits is not begun, and one in the middle goes no further', async () => {
  const { answering, worked, listenOnce } = counted();
  sent(answering);
  const early = answering.ask(1, 'evaluation', NUMBERS);
  answering.drop(1);
  listenOnce();
  expect(await early).toBe('dropped');
  expect(worked).toEqual([]);
  const late = answering.ask(2, 'findings', NUMBERS);
  listenOnce();
  await Promise.resolve();
  answering.drop(2);
  listenOnce();
  expect(await late).toBe('dropped');
  expect(worked).toEqual(['evaluation']);
});

test('a plan that it does not hold is asked for; one that fails says why, as data', async () => {
  const { answering } = counted();
  expect(await answering.ask(1, 'evaluation', NUMBERS)).toBe('missing');
  const failing = new Answering({
    evaluation: () => {
      throw new Error('no end');
    },
  } as never);
  sent(failing);
  expect(await failing.ask(1, 'evaluation', NUMBERS)).toEqual({ failed: 'no end' });
});

test('plans of long ago are let go, and the last ones are held', async () => {
  const { answering, listenOnce } = counted();
  sent(answering);
  for (let number = 10; number < 31; number += 1) answering.take('plan', number, structuredClone(demoPlan));
  const held = answering.ask(1, 'evaluation', { ...NUMBERS, plan: 30 });
  listenOnce();
  expect(await held).toEqual({ answer: 'evaluation' });
  for (let number = 31; number < 60; number += 1) answering.take('plan', number, demoPlan);
  expect(await answering.ask(1, 'evaluation', { ...NUMBERS, plan: 30 })).toBe('missing');
});

test('a tube that an edit does not touch is not made anew, though the whole plan was sent again', async () => {
  const answering = new Answering();
  sent(answering);
  const before = tubesOf(await answerOf(answering, 'evaluation'));
  // As the worker has it from the page: no object in common.
  const edited = JSON.parse(JSON.stringify(demoPlan)) as typeof demoPlan;
  const bar = edited.members.find(({ role }) => role === 'harness-bar');
  if (!bar || bar.role === 'main-hoop' || bar.ends.a.kind !== 'height' || bar.ends.b.kind !== 'height')
    throw new Error('a harness bar at a height');
  for (const end of [bar.ends.a, bar.ends.b]) end.height = { mm: end.height.mm + 5, typed: '' };
  sent(answering, edited, { plan: 11, shop: 12, books: 13 });
  const after = tubesOf(await answerOf(answering, 'evaluation', { plan: 11, shop: 12, books: 13 }));
  const anew = after.filter((tube) => !before.includes(tube)).map(({ member }) => member);
  // The bar, and what hangs on it.
  expect(new Set(anew)).toEqual(wouldLoop(bar.id, demoPlan.members));
  expect(after.length).toBe(before.length);
});

const tubesOf = ({ members }: Evaluation) =>
  members.flatMap(({ pieces }) => pieces.flatMap(({ tube }) => tube ?? []));

test('what is asked about again and again is held, however many plans are typed meanwhile', async () => {
  const { answering, listenOnce } = counted();
  sent(answering);
  for (let plan = 10; plan < 60; plan++) {
    answering.take('plan', plan, demoPlan);
    const told = answering.ask(plan, 'evaluation', { ...NUMBERS, plan });
    listenOnce();
    expect(await told).toEqual({ answer: 'evaluation' });
  }
});

test('what is sent again is not the first to go: the plan on screen outlives the shop and the books behind it', async () => {
  const { answering, listenOnce } = counted();
  sent(answering);
  // Plans that nobody asks about push the shop and the books out; the plan on screen is the next.
  for (let plan = 10; plan < 33; plan++) answering.take('plan', plan, demoPlan);
  const numbers = { ...NUMBERS, plan: 10 };
  for (let plan = 40; plan < 41; plan++) answering.take('plan', plan, demoPlan);
  expect(await answering.ask(1, 'evaluation', numbers)).toBe('missing');
  sent(answering, demoPlan, numbers);
  const told = answering.ask(2, 'evaluation', numbers);
  listenOnce();
  expect(await told).toEqual({ answer: 'evaluation' });
});
