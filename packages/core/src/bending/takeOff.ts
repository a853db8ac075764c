import { arcOf } from '../centreline/index.ts';

/**
 * One line of a take-off held up in the car with a sample bend: a straight, the die's mark-to-tangent offset, or a bend.
 * mm and degrees. A bend says the tube it takes where the shop has it measured, else it follows from the radius.
 */
export type TakeOffLine =
  | { kind: 'straight'; length: number }
  | { kind: 'offset'; length: number }
  | { kind: 'bend'; angle: number; clr: number }
  | { kind: 'bend'; angle: number; takes: number };

/** A line with the tube it uses and the total so far. mm */
export interface TakeOffStep {
  line: TakeOffLine;
  uses: number;
  total: number;
}

/** The running total of a take-off, from its start to the end of the tube. */
export function takeOff(lines: TakeOffLine[]): TakeOffStep[] {
  let total = 0;
  return lines.map((line) => {
    const uses = usesOf(line);
    total += uses;
    return { line, uses, total };
  });
}

function usesOf(line: TakeOffLine): number {
  if (line.kind !== 'bend') return line.length;
  return 'takes' in line ? line.takes : arcOf(line.clr, line.angle);
}
