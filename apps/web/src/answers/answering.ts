import { buildIn, cockpitIn, copesIn, evaluate, findingsIn, kept } from '@gyrus/core';
import { replaceEqualDeep } from '@tanstack/query-core';

import { type Answers, type Asked, type Given, type Numbers, type Told } from './given.ts';

type Working = { [K in Asked]: (...given: [Given['plan'], Given['shop'], Given['books']]) => Answers[K] };

/** How each answer is worked out; once for the same plan, shop and books, whoever asks for it. */
const fromCore = (): Working => {
  const working: Working = {
    evaluation: kept(evaluate),
    copes: kept((plan, shop, books) => copesIn(plan, working.evaluation(plan, shop, books), books)),
    cockpit: kept((plan, shop, books) => cockpitIn(plan, working.evaluation(plan, shop, books))),
    build: kept((plan, shop, books) => buildIn(plan, working.evaluation(plan, shop, books), books)),
    findings: kept((plan, shop, books) =>
      findingsIn(
        plan,
        working.evaluation(plan, shop, books),
        working.copes(plan, shop, books),
        books,
        working.cockpit(plan, shop, books),
      ),
    ),
  };
  return working;
};

/** What is worked out on the way to an answer, in order: between two of them the worker listens. */
const STEPS: Record<Asked, readonly Asked[]> = {
  evaluation: ['evaluation'],
  copes: ['evaluation', 'copes'],
  cockpit: ['evaluation', 'cockpit'],
  build: ['evaluation', 'build'],
  findings: ['evaluation', 'copes', 'cockpit', 'findings'],
};

/** So many plans, shops and lists of books are held: those of the last edits, and of what is compared with them. */
const MOST_HELD = 24;

/** The worker's side: holds what it was sent, works answers out once, and drops what nobody waits for before it is begun. */
export class Answering {
  private readonly held = new Map<number, Given[keyof Given]>();
  private readonly last: Partial<Given> = {};
  /** Questions that somebody waits for. */
  private readonly waiting = new Set<number>();

  constructor(
    private readonly working: Working = fromCore(),
    /** Lets messages in that came meanwhile. */
    private readonly listen: () => Promise<void> = () => new Promise((resolve) => setTimeout(resolve, 0)),
  ) {}

  /** A thing by its number. What it has in common with the one before stays the same object, so that nothing of it is worked out anew. */
  take<K extends keyof Given>(kind: K, number: number, thing: Given[K]): void {
    const shared = replaceEqualDeep(this.last[kind], thing);
    this.last[kind] = shared;
    this.hold(number, shared);
    const [oldest] = this.held.keys();
    if (this.held.size > MOST_HELD && oldest !== undefined) this.held.delete(oldest);
  }

  /** As what was used last: what is asked about again and again, as the shop is, is never the first to go. */
  private hold(number: number, thing: Given[keyof Given]): void {
    this.held.delete(number);
    this.held.set(number, thing);
  }

  /** Nobody waits for the answer to this question any more. */
  drop(question: number): void {
    this.waiting.delete(question);
  }

  async ask<K extends Asked>(question: number, what: K, numbers: Numbers): Promise<Told<Answers[K]>> {
    const given = this.givenOf(numbers);
    if (!given) return 'missing';
    this.waiting.add(question);
    try {
      for (const step of STEPS[what]) {
        await this.listen();
        if (!this.waiting.has(question)) return 'dropped';
        this.working[step](given.plan, given.shop, given.books);
      }
      return { answer: this.working[what](given.plan, given.shop, given.books) };
    } catch (error) {
      return { failed: error instanceof Error ? error.message : String(error) };
    } finally {
      this.waiting.delete(question);
    }
  }

  private givenOf(numbers: Numbers): Given | null {
    const [plan, shop, books] = [numbers.plan, numbers.shop, numbers.books].map((one) => this.held.get(one));
    for (const number of [numbers.plan, numbers.shop, numbers.books]) {
      const thing = this.held.get(number);
      if (thing) this.hold(number, thing);
    }
    return plan && shop && books ? ({ plan, shop, books } as Given) : null;
  }
}
