import { type Evaluation, hoopAnswerOf } from '@gyrus/core';

/** The tube whose sheet is printed: the one that is worked on, else the hoop, else the first that has a sheet; null where none has. */
export function tubeToPrint(evaluation: Evaluation, worked: string | null): string | null {
  const hoop = hoopAnswerOf(evaluation)?.piece;
  const sheets = evaluation.members.flatMap(({ pieces }) =>
    pieces.flatMap(({ sheet }) => sheet?.piece ?? []),
  );
  return [worked, hoop].find((piece) => piece != null && sheets.includes(piece)) ?? sheets[0] ?? null;
}
