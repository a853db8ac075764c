import {
  andThen,
  checkSection,
  copeFrom,
  copeInput,
  finishedRadius,
  footCutFrom,
  footCutInput,
  lraInput,
  lraOf,
  markInput,
  marksOf,
  nest,
  nestInput,
  type Outcome,
  pointsOf,
  radiusInput,
  readJson,
  scatterInput,
  scatterOf,
  sectionInput,
  sectionProperties,
  springbackFrom,
  springbackInput,
  strapAngle,
  strapInput,
  succeed,
  whatNow,
  whatNowInput,
  xyzInput,
} from '@gyrus/core';
import { loadSolver } from '@gyrus/core/solver';

/** From the text of one JSON document to the value to print. */
type Command = (text: string) => Outcome<unknown> | Promise<Outcome<unknown>>;

/** The commands that read one document and need nothing else (docs/format/command-line.md). */
export const commands: Record<string, Command> = {
  section: (text) =>
    andThen(readJson(sectionInput, text), (input) =>
      andThen(checkSection(input), (section) => succeed(sectionProperties(section))),
    ),
  lra: (text) => andThen(readJson(lraInput, text), lraOf),
  xyz: (text) =>
    andThen(readJson(xyzInput, text), (input) => andThen(pointsOf(input), (points) => succeed({ points }))),
  springback: (text) => andThen(readJson(springbackInput, text), springbackFrom),
  cope: (text) => andThen(readJson(copeInput, text), copeFrom),
  footcut: (text) => andThen(readJson(footCutInput, text), footCutFrom),
  strap: (text) => andThen(readJson(strapInput, text), strapAngle),
  radius: (text) =>
    andThen(readJson(radiusInput, text), (piece) =>
      andThen(finishedRadius(piece), (clr) => succeed({ clr })),
    ),
  scatter: (text) => andThen(readJson(scatterInput, text), scatterOf),
  whatnow: (text) => andThen(readJson(whatNowInput, text), whatNow),
  mark: (text) => andThen(readJson(markInput, text), marksOf),
  nest: async (text) => {
    const solver = await loadSolver(() => performance.now() / 1000);
    return andThen(readJson(nestInput, text), (input) => nest(input, solver));
  },
};
