import { type Side } from '../datum.ts';
import { type Bender } from './bender.ts';
import { type PullAsked, type WalkedPull, walkPull } from './pull.ts';
import { type WalkTube } from './pose.ts';

/** A pull in an order: which bend, and the end that the clamp is toward. */
export interface Turn {
  bend: number;
  clamp: Side;
}

/** A pull that cannot be made after those named; why is with it. */
export interface BlockedPull {
  after: number[];
  pull: WalkedPull;
}

/** All orders in which a tube could be bent, each bend with the clamp toward either end: n!·2ⁿ of them. */
export interface Walk {
  /** The order that works with the fewest turns end for end; null where none does. */
  best: Turn[] | null;
  turnRounds: number;
  /** How many of all orders work. */
  working: number;
  orders: number;
  /** Pulls that can be come to and cannot be made, the earliest first. */
  blocked: BlockedPull[];
}

/** More bends than this are not walked through in every order: 8 have ten million orders, and no bar of a cage has them. */
const MOST_WALKED = 8;

/**
 * Walks through every order of bends and clamped sides. A pull depends on what is bent already and not on the order in which that was
 * done, so each is looked at once: n·2ⁿ pulls instead of n!·2ⁿ·n.
 * like: an order that is preferred among those that turn the tube equally often.
 */
export function walkOrders(tube: WalkTube, bender: Bender, like: Turn[] = []): Walk {
  const { bends } = tube;
  const all = 2 ** bends.length - 1;
  const pulls = pullsOf(tube, bender);
  const blocked: BlockedPull[] = [];
  const seen = new Set<string>();
  const routes = new Map<string, Route>();

  /** The best way on from what is made, the tube lying as it did for the last pull. */
  const from = (made: number, last: Side | null): Route => {
    if (made === all) return { working: 1, turnRounds: 0, unlike: 0, turns: [] };
    const key = `${made}/${last}`;
    const known = routes.get(key);
    if (known) return known;
    let best: Route = NO_ROUTE;
    let working = 0;
    for (const turn of turnsLeft(tube, made)) {
      const pull = pulls(turn, made);
      if (pull.hindrances.length > 0) {
        const name = `${made}/${turn.bend}/${turn.clamp}`;
        if (!seen.has(name)) blocked.push({ after: numbersIn(tube, made), pull });
        seen.add(name);
        continue;
      }
      const rest = from(made | bitOf(tube, turn.bend), turn.clamp);
      working += rest.working;
      const turned = last !== null && last !== turn.clamp ? 1 : 0;
      const asLiked = like[countIn(made)];
      const unlike = asLiked?.bend === turn.bend && asLiked.clamp === turn.clamp ? 0 : 1;
      best = better(best, {
        working: 0,
        turnRounds: rest.turnRounds + turned,
        unlike: rest.unlike + unlike,
        turns: rest.turns && [turn, ...rest.turns],
      });
    }
    const route = { ...best, working };
    routes.set(key, route);
    return route;
  };
  const { turns, turnRounds, working } = from(0, null);
  blocked.sort((a, b) => a.after.length - b.after.length || a.pull.bend - b.pull.bend);
  return {
    best: turns,
    turnRounds: turns ? turnRounds : 0,
    working,
    orders: factorial(bends.length) * 2 ** bends.length,
    blocked,
  };
}

/** What walking a tube through came to. */
export interface Walked {
  /** The order that was asked for, pull by pull. */
  chosen: WalkedPull[];
  /** All orders; null of a tube with more bends than are walked in every order. */
  all: Walk | null;
}

/** A tube walked through in the order asked for, and in all others. */
export const walkThrough = (tube: WalkTube, bender: Bender, order: Turn[]): Walked => ({
  chosen: walkInOrder(tube, bender, order),
  all: tube.bends.length > MOST_WALKED ? null : walkOrders(tube, bender, order),
});

/** Each pull of an order, looked at in its turn: what is made before it is what the order makes. */
export function walkInOrder(tube: WalkTube, bender: Bender, order: Turn[]): WalkedPull[] {
  const made = new Set<number>();
  return order.map((turn) => {
    const pull = walkPull(tube, bender, { ...turn, made: new Set(made) });
    made.add(turn.bend);
    return pull;
  });
}

interface Route {
  working: number;
  turnRounds: number;
  /** Pulls that are not where the preferred order has them. */
  unlike: number;
  turns: Turn[] | null;
}

const NO_ROUTE: Route = { working: 0, turnRounds: Infinity, unlike: Infinity, turns: null };

const better = (a: Route, b: Route): Route => {
  if (!b.turns) return a;
  if (b.turnRounds !== a.turnRounds) return b.turnRounds < a.turnRounds ? b : a;
  return b.unlike < a.unlike ? b : a;
};

/** Pulls by what is made already, each looked at once. */
function pullsOf(tube: WalkTube, bender: Bender) {
  const walked = new Map<string, WalkedPull>();
  return (turn: Turn, made: number): WalkedPull => {
    const key = `${made}/${turn.bend}/${turn.clamp}`;
    const known = walked.get(key);
    if (known) return known;
    const asked: PullAsked = { ...turn, made: new Set(numbersIn(tube, made)) };
    const pull = walkPull(tube, bender, asked);
    walked.set(key, pull);
    return pull;
  };
}

const bitOf = ({ bends }: WalkTube, bend: number): number =>
  1 << bends.findIndex(({ number }) => number === bend);
const numbersIn = ({ bends }: WalkTube, made: number): number[] =>
  bends.flatMap(({ number }, i) => (made & (1 << i) ? [number] : []));
const turnsLeft = ({ bends }: WalkTube, made: number): Turn[] =>
  bends.flatMap(({ number }, i) =>
    made & (1 << i) ? [] : (['a', 'b'] as const).map((clamp) => ({ bend: number, clamp })),
  );
const countIn = (made: number): number => {
  let count = 0;
  for (let left = made; left > 0; left >>= 1) count += left & 1;
  return count;
};
const factorial = (n: number): number => (n < 2 ? 1 : n * factorial(n - 1));
