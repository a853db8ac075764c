import { type Evaluation, type Finding, type PieceAnswer } from '@gyrus/core';
import { roleWords } from '@gyrus/formats';
import { memo } from 'react';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

interface PieceListProps {
  evaluation: Evaluation;
  selected: string | null;
  onSelect: (piece: string) => void;
}

/** Every tube by its stamp, with the worst that was found of its member. */
export const PieceList = memo(function PieceList({ evaluation, selected, onSelect }: PieceListProps) {
  return (
    <ul aria-label="Tubes" className="bg-sheet border-rule rounded-machined max-h-72 overflow-y-auto border">
      {evaluation.members.flatMap(({ member, role, pieces }) =>
        pieces.map((piece) => (
          <li key={piece.piece} className="border-rule border-b last:border-b-0">
            <button
              type="button"
              aria-pressed={piece.piece === selected}
              className={`flex min-h-11 w-full items-center gap-3 border-l-4 px-3 py-1.5 text-left ${piece.piece === selected ? 'border-chalk bg-white' : 'border-transparent'}`}
              onClick={() => onSelect(piece.piece)}
            >
              <span className="border-ink rounded-machined min-w-12 border bg-white px-1.5 text-center font-bold">
                {piece.stamp}
              </span>
              <span className="min-w-0 flex-1">
                <span className="block truncate font-semibold">
                  {roleWords(role)}
                  {piece.side === null ? '' : `, ${piece.side}`}
                </span>
                <span className="text-quiet block text-sm">{bendsOf(piece)}</span>
              </span>
              <PieceStatus findings={evaluation.findings.filter((finding) => finding.member === member)} />
            </button>
          </li>
        )),
      )}
    </ul>
  );
});

function bendsOf({ tube, sheet }: PieceAnswer): string {
  if (!tube) return 'not placed';
  const bends = sheet?.bends.length ?? tube.features.length;
  return bends === 0 ? 'straight' : `${bends} bend${bends === 1 ? '' : 's'}`;
}

function PieceStatus({ findings }: { findings: Finding[] }) {
  const status = (['out', 'look'] as const).find((one) => findings.some((finding) => finding.status === one));
  return status ? <StatusMark status={status} /> : null;
}
