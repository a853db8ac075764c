import { type Cut, holds, type Pattern, type Stick } from './patterns.ts';

/**
 * Lays pieces into sticks as somebody would by hand: the longest first, each into the stick where it leaves least, a new stick where none takes
 * it. null where the sticks run out. given: what is laid already.
 */
export function laidByHand(
  sticks: readonly Stick[],
  cuts: readonly Cut[],
  kerf: number,
  given: readonly Pattern[] = [],
): Pattern[] | null {
  const laid = given.map(({ stick, takes }) => ({ stick, takes: [...takes], ...filled(takes, cuts) }));
  const left = cuts.map(
    ({ wanted }, i) => wanted - laid.reduce((sum, { takes }) => sum + (takes[i] ?? 0), 0),
  );
  const used = sticks.map((_, stick) => laid.filter((one) => one.stick === stick).length);
  const longestFirst = cuts.map((cut, i) => ({ ...cut, i })).sort((a, b) => b.length - a.length);
  for (const { length, i } of longestFirst)
    for (let n = left[i] ?? 0; n > 0; n -= 1) {
      const room = (stick: number, together: number) => (sticks[stick]?.length ?? 0) - together;
      const fitting = laid.filter((one) =>
        holds(sticks[one.stick]?.length ?? 0, one.together + length, one.pieces + 1, kerf),
      );
      let into = fitting.sort((a, b) => room(a.stick, a.together) - room(b.stick, b.together))[0];
      if (!into) {
        const fresh = cheapest(sticks, used, length);
        if (fresh === null) return null;
        used[fresh] = (used[fresh] ?? 0) + 1;
        into = { stick: fresh, takes: cuts.map(() => 0), together: 0, pieces: 0 };
        laid.push(into);
      }
      into.takes[i] = (into.takes[i] ?? 0) + 1;
      into.together += length;
      into.pieces += 1;
    }
  return laid.map(({ stick, takes }) => ({ stick, takes }));
}

function filled(takes: readonly number[], cuts: readonly Cut[]): { together: number; pieces: number } {
  let [together, pieces] = [0, 0];
  for (const [i, count] of takes.entries()) {
    together += count * (cuts[i]?.length ?? 0);
    pieces += count;
  }
  return { together, pieces };
}

/** The stick that costs least for its length, of those that are left and long enough. */
function cheapest(sticks: readonly Stick[], used: readonly number[], length: number): number | null {
  let best: number | null = null;
  for (const [i, stick] of sticks.entries()) {
    if ((used[i] ?? 0) >= stick.count || !holds(stick.length, length, 1, 0)) continue;
    const than = best === null ? null : sticks[best];
    if (!than || stick.cost / stick.length < than.cost / than.length) best = i;
  }
  return best;
}
