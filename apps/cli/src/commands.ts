import {
  andThen,
  checkSection,
  copeFrom,
  copeInput,
  lraInput,
  lraOf,
  markInput,
  marksOf,
  type Outcome,
  pointsOf,
  readJson,
  sectionInput,
  sectionProperties,
  springbackFrom,
  springbackInput,
  strapAngle,
  strapInput,
  succeed,
  xyzInput,
} from '@gyrus/core';

/** From the text of one JSON document to the value to print. */
type Command = (text: string) => Outcome<unknown>;

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
  strap: (text) => andThen(readJson(strapInput, text), strapAngle),
  mark: (text) => andThen(readJson(markInput, text), marksOf),
};
