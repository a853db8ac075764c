import {
  type BarRole,
  evaluate,
  fitTrace,
  type MemberProposal,
  mergeTried,
  type Plan,
  proposeMember,
  type Shop,
  type WalkAsked,
  type Walked,
  walkThrough,
  widthsOf,
} from '@gyrus/core';
import { expose } from 'comlink';
import { Answering } from './answering.ts';
import { type Answers, type Asked, type Given, type Numbers, type Told } from './given.ts';

/** What a plan gives is worked out away from the page's thread, so that typing never waits for it. */
const answering = new Answering();

/** Bars of a role, tried in the cage as it stands; or what must stand first, or stands in the way. */
const propose = (plan: Plan, shop: Shop, role: BarRole, way: string): MemberProposal =>
  proposeMember(plan, shop, evaluate(plan, shop, []), role, way, () => crypto.randomUUID());

/**
 * The cage that ships with the program, to try a rule book on; it is built as it is asked for. Here, as building it takes all of the
 * evaluation, which no page loads.
 */
async function demoCage(): Promise<{ plan: Plan; shop: Shop }> {
  const { demoPlan, demoShop } = await import('@gyrus/demo');
  return { plan: demoPlan, shop: demoShop };
}

const worker = {
  take: <K extends keyof Given>(kind: K, number: number, thing: Given[K]): void =>
    answering.take(kind, number, thing),
  drop: (question: number): void => answering.drop(question),
  ask: <K extends Asked>(question: number, what: K, numbers: Numbers): Promise<Told<Answers[K]>> =>
    answering.ask(question, what, numbers),
  propose,
  widths: widthsOf,
  walk: ({ tube, bender, order }: WalkAsked): Walked => walkThrough(tube, bender, order),
  demoCage,
  trace: fitTrace,
  merge: mergeTried,
};
/** What the worker can be asked. */
export type AnswersWorker = typeof worker;
expose(worker);
