import { z } from 'zod';
import { clrInput, cornersOf, layOut, type Piece, piecesOf, pointsInput } from '../centreline/index.ts';
import { andThen, collect, fail, oneOf, type Outcome, say, size, succeed, under } from '../fault/index.ts';
import { checkSection } from '../tube/index.ts';
import { type Profile } from './cuts.ts';
import { type Cope, copeOf } from './profile.ts';
import { type Saw } from './saw.ts';

const path = { points: pointsInput, clr: clrInput.optional() };

/** Check of the input of a cope: branch, headers, how many generators. mm and degrees */
export const copeInput = z.strictObject({
  branch: z.strictObject(
    { od: size('the outside diameter'), wall: size('the wall thickness'), ...path },
    say('the branch {od, wall, points, clr?}'),
  ),
  end: oneOf(['a', 'b'], 'the end that is coped'),
  headers: z
    .array(
      z.strictObject({ od: size('the outside diameter'), ...path }),
      say('the headers {od, points, clr?}'),
    )
    .min(1, 'give one header at least')
    .max(20, 'give 20 headers at most'),
  generators: z
    .int(say('a whole number of generators'))
    .gte(3, 'three generators at least')
    .lte(3600, '3600 generators at most')
    .optional(),
});

/** A branch and the tubes that it is coped to. mm and degrees */
export type CopeInput = z.infer<typeof copeInput>;

/** One generator: round the branch from the first header's direction in degrees, and where it is cut in mm. */
interface CutPoint {
  phi: number;
  setback: number | null;
}

/** The answer of the command line. mm and degrees */
export interface CopeAnswer {
  outer: CutPoint[];
  inner: CutPoint[];
  shortest: number | null;
  longest: number | null;
  saw: Saw | null;
  /** Why no setting of the saw makes it. */
  why?: string;
}

/** The cope of the command line: paths in points and radii, 180 generators unless said. */
export function copeFrom({ branch, end, headers, generators = 180 }: CopeInput): Outcome<CopeAnswer> {
  return andThen(under('/branch', checkSection(branch)), () =>
    andThen(under('/branch', axisOf(branch)), (axis) =>
      andThen(
        collect(
          headers.map((header, i) =>
            andThen(under(`/headers/${i}`, axisOf(header)), (own) => succeed({ od: header.od, axis: own })),
          ),
        ),
        (tubes) =>
          andThen(copeOf({ od: branch.od, wall: branch.wall, axis }, end, tubes, generators), (cope) =>
            succeed(answerFrom(cope, tubes.length)),
          ),
      ),
    ),
  );
}

function answerFrom({ outer, inner, shortest, longest, passes, why }: Cope, headers: number): CopeAnswer {
  const points = ({ setbacks }: Profile): CutPoint[] =>
    setbacks.map((setback, k) => ({ phi: (360 * k) / setbacks.length, setback }));
  const several = headers > 1 ? 'several headers: one pass of the saw for each of them' : null;
  const [pass] = passes;
  // The command line's saw is for a header that is straight altogether.
  const bowed = pass && pass.bow > 0 ? 'the branch lands on a bend of the header' : null;
  const said = several ?? why ?? bowed;
  return {
    outer: points(outer),
    inner: points(inner),
    shortest,
    longest,
    ...(pass && said === null
      ? { saw: { dial: pass.dial, holeSaw: pass.holeSaw, offset: pass.offset } }
      : { saw: null, why: said ?? 'no notcher makes it' }),
  };
}

/** The axis of a tube that is given in points and radii; a fault names the field. */
export function axisOf(given: {
  points: [number, number, number][];
  clr?: number | number[] | undefined;
}): Outcome<Piece[]> {
  const input = given.clr === undefined ? { points: given.points } : { points: given.points, clr: given.clr };
  return andThen(cornersOf(input), (corners) => {
    const [from, to] = corners.ends;
    if (corners.corners.length === 0 && from.every((value, i) => value === to[i]))
      return fail('no-length', '/points', 'both ends lie at one place: a tube has a length');
    return andThen(layOut(corners), (lra) => succeed(piecesOf(corners, lra)));
  });
}
