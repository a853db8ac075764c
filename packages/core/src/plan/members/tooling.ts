import { z } from 'zod';
import { above, between, oneOf, say } from '../../fault/index.ts';
import { DATUMS, MARK_REFERENCES } from '../../bending/index.ts';
import { TUBE_KINDS } from '../../tube/index.ts';
import { angleField, extentField, id, note, offsetField, sizeField, title } from '../quantities.ts';

/** What a bend that tells of springback was made for. */
const TEST_ORIGINS = ['test', 'production'] as const;

/** A tube as a member orders it. */
export const tubeChoice = z
  .strictObject({
    od: sizeField('the outside diameter'),
    wall: sizeField('the wall thickness'),
    kind: oneOf(TUBE_KINDS, 'how the tube was made'),
    batch: title,
  })
  .refine((tube) => tube.wall.mm < tube.od.mm / 2, {
    path: ['wall', 'mm'],
    message: 'a wall of half the diameter or more leaves no bore: give less',
  });
/** The tube that a member is made of. mm */
export type TubeChoice = z.infer<typeof tubeChoice>;

/** A bend on a die that tells of its springback, with the tube it was made in. */
const dieTest = z
  .strictObject({
    id,
    od: sizeField('the outside diameter'),
    wall: sizeField('the wall thickness'),
    /** How the tube was made; null where nobody wrote that down. */
    kind: oneOf(TUBE_KINDS, 'how the tube was made').nullable(),
    batch: title,
    /** A test piece, or a bend of a part as the log has it. */
    made: oneOf(TEST_ORIGINS, 'what the bend was made for'),
    reading: angleField(0.01, 200, 'the reading'),
    released: angleField(0.01, 200, 'the released angle'),
    /** Whether the dial was zeroed after the preload, and the tube did not slip in the clamp. */
    sound: z.boolean(say('true or false')),
    note,
  })
  .refine((test) => test.released.deg <= test.reading.deg, {
    path: ['released', 'deg'],
    message: 'a bend opens when released: give no more than the reading',
  });
/** A test bend of a die, with the tube it was made in. Degrees, mm */
export type DieTest = z.infer<typeof dieTest>;

const dieFields = {
  id,
  machine: title,
  name: title,
  od: sizeField('the outside diameter the die takes'),
  clr: sizeField('the centreline radius'),
  reference: oneOf(MARK_REFERENCES, 'the mark reference'),
  /** Positive toward the clamp. */
  offset: offsetField('the offset of the mark'),
  clampLength: extentField('the straight that the clamp needs'),
  trailing: extentField('the straight needed behind the bend'),
  largestAngle: angleField(1, 200, 'the largest angle in one pull').nullable(),
  /** Measured on finished bends; used as it is where known. */
  finishedRadius: sizeField('the measured finished radius').nullable(),
  /** The machine's dial, as its setting has it: read in steps of so much, and reading so much before a pull. */
  dialStep: angleField(0.01, 10, "the dial's step").nullable(),
  dialZero: angleField(-180, 180, 'what the dial reads before the pull').nullable(),
  /** Tube used by bends of these angles, as measured; empty where the radius says it. */
  takes: z.array(
    z.strictObject({ angle: angleField(0.01, 200, 'the angle'), tube: sizeField('the tube it uses') }),
    say('the tube that bends use, as a list of {angle, tube}'),
  ),
  tests: z.array(dieTest, say('the test bends of the die')),
};

/** A die with its machine's name and its test bends: as the shop has it, and as a plan has pinned it. */
export const die = z.strictObject(dieFields);
/** A die as the plan pins it: radius, mark, clamp, test bends. mm and degrees */
export type Die = z.infer<typeof die>;

/** Springback by the school the builder follows. */
const springbackChoice = z.discriminatedUnion(
  'school',
  [
    z.strictObject({ school: z.literal('tests') }),
    z.strictObject({ school: z.literal('constant'), degrees: angleField(0, 45, 'the degrees') }),
    z.strictObject({ school: z.literal('share'), share: between(0, 0.5, 'the share of the angle') }),
    z.strictObject({
      school: z.literal('theory'),
      yieldStrength: above(0, 3000, 'the yield strength in N/mm²'),
    }),
  ],
  say('springback by tests, constant, share or theory'),
);
/** The school of springback that a member follows. */
export type SpringbackChoice = z.infer<typeof springbackChoice>;

const feature = z.string().regex(/^[a-z]+(-[a-z]+)*$/);

/** Where the tape is hooked on a sheet: on the blank, or, for those who cope first and bend after, on the ear of a cut end. */
export const SHEET_DATUMS = [...DATUMS, 'ear-a', 'ear-b'] as const;
/** Where the tape is hooked on a sheet. */
export type SheetDatum = (typeof SHEET_DATUMS)[number];

/** How a member is bent: which die, which school, and which way round at each bend. */
export const bendingChoice = z.strictObject({
  /** The pinned die of every bend that names no other. */
  die: id.nullable(),
  dieAt: z.record(feature, id, say('dies by feature')),
  /** The end that the clamp is toward, by feature; the program proposes the others. */
  clampSideAt: z.record(feature, oneOf(['a', 'b'], 'an end'), say('clamp sides by feature')),
  /** The bends in the order in which they are pulled, by feature; null where the program proposes it. */
  order: z.array(feature, say('the order of the bends by feature')).nullable(),
  springback: springbackChoice,
  growRadius: z.boolean(say('true or false')),
  datum: oneOf(SHEET_DATUMS, 'where the tape is hooked'),
  trimA: extentField('the trim at end A'),
  trimB: extentField('the trim at end B'),
});
/** How a member is bent. */
export type BendingChoice = z.infer<typeof bendingChoice>;
