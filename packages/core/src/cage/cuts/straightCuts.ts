import { type StraightCuts, twoCuts } from '../../cope/index.ts';
import { type Tube } from '../tube.ts';
import { type EndCut } from './endCut.ts';

/**
 * The two straight cuts of a coped end, to the tube that it stands on first; null where they leave it open, or it is coped to none.
 * gap: the widest that is left, mm.
 */
export function straightCutsOf(cut: EndCut, tubes: readonly Tube[], gap: number): StraightCuts | null {
  const of = (piece: string | undefined) => tubes.find((one) => one.piece === piece);
  const [tube, header] = [of(cut.piece), of(cut.headerPieces[0])];
  const found = tube && header && twoCuts(tube, cut.end, header, gap);
  return found?.ok ? found.value : null;
}
