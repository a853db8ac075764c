import { causesOf, type Errors, type Lra, type Pair } from '@gyrus/core';
import { useEffect, useRef, useState } from 'react';
import { widthsAway } from '../../../answers/away.ts';

/** So many parts are made up, in so many portions: between two of them it can be stopped. */
const PARTS = 10_000;
const PORTIONS = 10;
/** Enough to say which error matters most. */
const CAUSE_PARTS = 2000;

/** Parts made up so far, or all of them: how far each pair stands apart in each, and what spreads the first pair. */
export type Scattering =
  | { state: 'idle' }
  | { state: 'running'; done: number }
  | { state: 'done'; widths: Float64Array[]; causes: Errors }
  | { state: 'failed'; why: string };

/** Makes parts up away from the page, portion by portion; nothing stays of what follows from another tube. */
export function useScatter(lra: Lra, pairs: readonly Pair[]) {
  const [scattering, setScattering] = useState<Scattering>({ state: 'idle' });
  const run = useRef(0);
  const cancel = () => {
    run.current += 1;
    setScattering({ state: 'idle' });
  };
  useEffect(
    () => () => {
      run.current += 1;
      setScattering({ state: 'idle' });
    },
    [lra],
  );
  const start = async (sigma: Errors) => {
    const mine = (run.current += 1);
    const parts: Float64Array[][] = [];
    try {
      for (let seed = 1; seed <= PORTIONS; seed++) {
        setScattering({ state: 'running', done: (seed - 1) / PORTIONS });
        parts.push(await widthsAway(lra, pairs, sigma, { n: PARTS / PORTIONS, seed }));
        if (run.current !== mine) return;
      }
      const widths = pairs.map((_, i) => Float64Array.from(parts.flatMap((part) => [...(part[i] ?? [])])));
      const [ends] = pairs;
      const causes = ends
        ? causesOf(lra, ends, sigma, { n: CAUSE_PARTS, seed: 1 })
        : { mark: 0, angle: 0, rotation: 0 };
      setScattering({ state: 'done', widths, causes });
    } catch (error) {
      if (run.current === mine)
        setScattering({ state: 'failed', why: error instanceof Error ? error.message : String(error) });
    }
  };
  return { scattering, start, cancel };
}
