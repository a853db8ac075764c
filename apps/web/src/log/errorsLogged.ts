import { type MadeBend } from '@gyrus/contract';
import { errorsMade, halfTurned } from '@gyrus/core';

/** What goes wrong at the bends of the log: of each bend its last pull counts, as that is the bend that stayed. */
export function errorsLogged(bends: readonly MadeBend[]): ReturnType<typeof errorsMade> {
  const last = new Map<string, MadeBend>();
  for (const bend of [...bends].sort((a, b) => a.at.localeCompare(b.at)))
    last.set(`${bend.job}/${bend.piece}/${bend.issued}/${bend.bend}`, bend);
  return errorsMade(
    [...last.values()].map(({ released, target, place, turn, wantedTurn }) => ({
      angle: released.deg - target.deg,
      place: place?.mm ?? null,
      turn: turn && wantedTurn ? halfTurned(turn.deg - wantedTurn.deg) : null,
    })),
  );
}
