import { z } from 'zod';
import { above, between, oneOf, say } from '../../fault/index.ts';
import { BAR_ROLES, note, stated, title } from '../../plan/index.ts';

const { angle: angleField, extent: extentField, size: sizeField } = stated;

/** Check of the role that a rule is about. */
export const role = oneOf(['main-hoop', ...BAR_ROLES], 'a role');

/** Where a tube's place is read: on its axis, at the edge that is nearer, or at the one farther off. */
export const READINGS = ['axis', 'near', 'far'] as const;
/** The edge of a tube that a distance is read to. */
export type Reading = (typeof READINGS)[number];

/** The edge that the book means; null or left out where it does not say, and the strictest is taken. */
const reading = oneOf(READINGS, 'the edge that the book means').nullable().optional();

/** What bars are counted in: the whole cage, each side of it or each that has any, each hoop, each bay between two tubes. */
export const COUNTED_IN = ['cage', 'side', 'side-with-any', 'hoop', 'bay'] as const;
/** What is counted within: the cage, a side, a hoop, a bay. */
export type CountedIn = (typeof COUNTED_IN)[number];

const count = (what: string) =>
  z
    .int(say(`a whole number of ${what}`))
    .gte(0)
    .lte(100);

/** Every kind of check, with its parameters. A limit that is null is not asked for. */
export const checkKind = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({ kind: z.literal('least-clr-ratio'), ratio: above(0, 100, 'the least CLR over OD') }),
    z.strictObject({
      kind: z.literal('bends'),
      most: count('bends').nullable(),
      largestAngle: angleField(0, 360, 'the largest angle of a bend').nullable(),
    }),
    z.strictObject({
      kind: z.literal('continuous-tube'),
      /** So many of the role's bars; every one of them where it is left out or null. */
      least: count('tubes').gte(1, 'one at least').nullable().optional(),
      /** Where so many of them are asked for; on each side that has any where it is left out. */
      per: oneOf(['cage', 'side', 'side-with-any'], 'where they are counted').optional(),
    }),
    z.strictObject({ kind: z.literal('tilt-from-vertical'), most: angleField(0, 90, 'the largest tilt') }),
    /** Straight as seen from one side, or altogether. */
    z.strictObject({
      kind: z.literal('straight'),
      view: oneOf(['front', 'side', 'top', 'any'], 'the view that it is straight in'),
    }),
    /** Of the line between its ends. */
    z.strictObject({
      kind: z.literal('angle'),
      from: oneOf(['vertical', 'horizontal'], 'what the angle is taken from'),
      least: angleField(0, 90, 'the least angle').nullable(),
      most: angleField(0, 90, 'the largest angle').nullable(),
    }),
    /** How far an end may lie from the nearest joint of a role, foot of a role, or bend of the tube that it stands on. */
    z.strictObject({
      kind: z.literal('end-distance'),
      end: oneOf(['upper', 'lower', 'each'], 'the end'),
      from: oneOf(['joint', 'foot', 'bend'], 'what the distance is taken from'),
      /** Of the joint or the foot; not used for a bend. */
      of: role.nullable(),
      /** What "the bend" means. */
      edge: oneOf(['tangent', 'middle', 'pi'], 'where a bend is taken'),
      most: sizeField('the largest distance'),
      reading,
    }),
    /** The plate under every foot of the member. */
    z.strictObject({
      kind: z.literal('plate'),
      /** cm² */
      area: above(0, 10_000, 'the least area in cm²').nullable(),
      thickness: sizeField('the least thickness').nullable(),
      narrowest: sizeField('the least width').nullable(),
      bolts: count('bolts').nullable(),
      boltSize: sizeField("the bolt's least diameter").nullable(),
      /** Property class as 8.8, or grade as grade 5: the least. */
      boltGrade: title.nullable().optional(),
    }),
    /** The front end not above a share of the door opening's height. */
    z.strictObject({
      kind: z.literal('opening-height'),
      share: between(0, 1, "the share of the opening's height"),
      /** Far is the tube's upper edge. */
      reading,
    }),
    /**
     * Room of every helmet: below the line from hoop top to front hoop top, below the hoop's top, how far in front of the hoop at most,
     * and how far from it at least, all round.
     */
    z.strictObject({
      kind: z.literal('helmet'),
      belowLine: extentField('how far below the line').nullable(),
      belowTop: extentField("how far below the hoop's top").nullable(),
      within: sizeField('the largest distance to the hoop').nullable(),
      gap: sizeField('the least gap all round').nullable().optional(),
    }),
    /** Angle of the shoulder straps to this bar, positive down toward the rear. */
    z.strictObject({
      kind: z.literal('harness-window'),
      least: angleField(-45, 90, 'the least angle'),
      most: angleField(-45, 90, 'the largest angle'),
    }),
    /** Angle of the lap belts to their anchors, positive down toward the rear. */
    z.strictObject({
      kind: z.literal('lap-window'),
      least: angleField(0, 180, 'the least angle'),
      most: angleField(0, 180, 'the largest angle'),
    }),
    /** Shoulder straps seen from above, from straight back. */
    z.strictObject({ kind: z.literal('strap-spread'), most: angleField(0, 90, 'the largest angle') }),
    /** Welded all round; so much of a seam may be bridged by gussets where the torch cannot reach. */
    z.strictObject({
      kind: z.literal('weld-all-round'),
      gussetShare: between(0, 1, 'the share of a seam that gussets may replace'),
    }),
    /** Sheet gussets that touch this member. */
    z.strictObject({
      kind: z.literal('gusset'),
      /** So many of them are asked for; null or left out where the book says only how they are made. */
      least: count('gussets').gte(1, 'one at least').nullable().optional(),
      /** Their sheet is as thick as the wall of the member's tube, or thicker. */
      asWall: z.boolean(say('true or false')).optional(),
      leg: sizeField('the least leg').nullable(),
      thickness: sizeField('the least thickness').nullable(),
    }),
    /** Splices of this member. */
    z.strictObject({
      kind: z.literal('splice'),
      sleeve: sizeField('the least length of the sleeve').nullable(),
      rosettes: count('rosettes').nullable(),
    }),
    /** What the feet may stand on. */
    z.strictObject({
      kind: z.literal('feet-on'),
      allowed: z
        .array(oneOf(['frame', 'sill', 'floor-sheet'], 'what feet stand on'))
        .min(1, 'say what feet may stand on'),
    }),
    /** So many bars of the role, a split one counted once. */
    z.strictObject({
      kind: z.literal('count'),
      least: count('tubes'),
      per: oneOf(COUNTED_IN, 'where they are counted'),
      /** The hoop that both ends stand on, or the first of the two tubes of a bay; not used for the others. */
      of: role.nullable().optional(),
      /** The second tube of a bay. */
      and: role.nullable().optional(),
    }),
    /** Padding is asked for where a helmet comes nearer than this. */
    z.strictObject({ kind: z.literal('padding'), within: sizeField('the distance') }),
    z.strictObject({ kind: z.literal('ask'), question: note }),
  ],
  say('a check of a known kind'),
);
/** How a rule is checked. */
export type RuleCheck = z.infer<typeof checkKind>;
/** A check of a kind. */
export type CheckOf<K extends RuleCheck['kind']> = Extract<RuleCheck, { kind: K }>;
