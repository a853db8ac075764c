import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { type InParts, type PartsWork } from './columns.ts';
import { type Pattern } from './patterns.ts';
import { type Problem } from './problem.ts';

/** A share that is a whole stick. */
const WHOLE = 1 - 1e-6;

/**
 * Rounds an answer in parts of sticks to whole ones: whole shares are taken as they are, else one of the larger ones, and what is left is solved
 * anew. seed: which of the larger ones; 0 takes the largest each time. null where it comes to no end.
 */
export function dive({ sticks, cuts }: Problem, parts: PartsWork, seed: number): Pattern[] | null {
  const generator = xoroshiro128plus(seed);
  const draw = { near: seed === 0 ? 1 : NEARLY, at: () => uniformFloat64(generator) };
  const wanted = cuts.map((cut) => cut.wanted);
  const there = sticks.map(({ count }) => count);
  const taken: Pattern[] = [];
  const take = (way: Pattern) => {
    const takes = way.takes.map((count, i) => Math.min(count, wanted[i] ?? 0));
    if (takes.every((count) => count === 0) || (there[way.stick] ?? 0) <= 0) return;
    for (const [i, count] of takes.entries()) wanted[i] = (wanted[i] ?? 0) - count;
    there[way.stick] = (there[way.stick] ?? 0) - 1;
    taken.push({ stick: way.stick, takes });
  };
  while (wanted.some((count) => count > 0)) {
    parts.want(wanted, there);
    const answer = parts.solve();
    const chosen = answer && chosenOf(answer, parts.ways, draw);
    const before = taken.length;
    for (const way of chosen ?? []) take(way);
    if (taken.length === before) return null;
  }
  return taken;
}

/** What is taken of an answer: every whole share, else one of those that are nearly as large as the largest. */
function chosenOf(
  { shares }: InParts,
  ways: readonly Pattern[],
  draw: { near: number; at: () => number },
): Pattern[] {
  const whole = ways.flatMap((way, i) =>
    Array.from({ length: Math.floor((shares[i] ?? 0) + 1 - WHOLE) }, () => way),
  );
  if (whole.length > 0) return whole;
  const largest = Math.max(...shares);
  const large = ways.filter((_, i) => (shares[i] ?? 0) > 1e-6 && (shares[i] ?? 0) >= largest * draw.near);
  const one = large[Math.floor(draw.at() * large.length)];
  return one ? [one] : [];
}

/** Of the largest share. */
const NEARLY = 0.6;
