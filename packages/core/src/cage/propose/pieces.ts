import { type Bar, type MemberPiece, piecesOfBar } from '../../plan/index.ts';

/**
 * The bar with as many pieces as its pair and its splits make, kept where they are there already. fresh: an id that no other
 * thing has, asked once for each new piece.
 */
export function withPieces(bar: Bar, fresh: () => string): Bar {
  const wanted = piecesOfBar(bar);
  const kept = bar.pieces.slice(0, wanted);
  const pieces = Array.from({ length: wanted }, (_, i): MemberPiece => ({
    id: kept[i]?.id ?? fresh(),
    stamp: stampFor(bar, i, wanted),
  }));
  return { ...bar, pieces };
}

/** The bar's own stamp; of twins with the hand; of parts with their number. Four characters at most. */
function stampFor({ stamp, pair }: Pick<Bar, 'stamp' | 'pair'>, i: number, count: number): string {
  const perSide = pair === 'mirrored' ? count / 2 : count;
  const hand = pair === 'mirrored' ? (i < perSide ? 'L' : 'R') : '';
  const part = perSide > 1 ? String((i % perSide) + 1) : '';
  const glue = part !== '' && hand === '' && /\d$/.test(stamp) ? 'ABCDEF'[i % perSide] : part;
  return `${stamp.slice(0, 4 - hand.length - (part === '' ? 0 : 1))}${glue ?? ''}${hand}`;
}
