import { type Length, millimetres, recordOf } from '@gyrus/core';
import { lengthIn } from '../../../shared/fields/keptQuantities.ts';
import { useKept } from '../../../shared/server/useKept.ts';

/** How a shop saws: what the blade takes, whether the hole saw is guided, and how many spare blanks it wants. */
export interface Cutting {
  kerf: Length;
  guided: boolean;
  spares: number;
}

/** A band saw with its burr; a cold saw takes as much. Common practice */
const USUAL: Cutting = { kerf: millimetres(2.5), guided: false, spares: 0 };

/** How this shop saws, kept in this browser. */
export function useCutting(): [Cutting, (changes: Partial<Cutting>) => void] {
  const [cutting, keep] = useKept('gyrus-cutting', cuttingIn);
  return [cutting, (changes) => keep({ ...cutting, ...changes })];
}

function cuttingIn(kept: unknown): Cutting {
  const { kerf, guided, spares } = recordOf(kept);
  return {
    kerf: lengthIn(kerf) ?? USUAL.kerf,
    guided: guided === true,
    spares: typeof spares === 'number' && spares >= 0 ? spares : USUAL.spares,
  };
}
