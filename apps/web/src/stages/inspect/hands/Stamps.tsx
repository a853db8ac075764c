import { type FindingLine } from '@gyrus/formats';
import { usePlan } from '../../../job/store/planStore.ts';

/** The member that is lit in the picture, and how another one is. */
export interface Light {
  lit: string | null;
  onLight: (member: string) => void;
}

/** The stamps of a line; a press lights the tube, where it is one. */
export function Stamps({ line, light }: { line: FindingLine; light: Light }) {
  const { members } = usePlan();
  return (
    <span className="flex flex-wrap gap-1">
      {line.stamps.map((stamp) => {
        const member = members.find(
          ({ stamp: own, pieces }) => own === stamp || pieces.some((piece) => piece.stamp === stamp),
        );
        return member ? (
          <button
            key={stamp}
            type="button"
            aria-pressed={member.id === light.lit}
            aria-label={`Light ${stamp}`}
            className="border-ink rounded-machined aria-pressed:bg-chalk min-h-8 min-w-8 border-2 bg-white px-2 font-bold"
            onClick={() => light.onLight(member.id)}
          >
            {stamp}
          </button>
        ) : (
          <span key={stamp} className="border-rule rounded-machined border bg-white px-2 font-bold">
            {stamp}
          </span>
        );
      })}
    </span>
  );
}
