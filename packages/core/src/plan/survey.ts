import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { type Angle, type Length } from '../measure/index.ts';
import { placeField, side } from './members/attachment.ts';
import { type AngleKey, isAngleKey, type LengthKey, MEASURE_KEYS, type MeasureKey } from './measures.ts';
import { angleField, extentField, id, moment, offsetField, sizeField, title } from './quantities.ts';

/** Readings of a leaning wall of which one must be wrong: its lean, the half width where it starts, the half width at the roof. */
export const DISTRUSTED = ['protractor', 'lower-width', 'roof-width'] as const;
/** A reading that is not trusted where two contradict each other. */
export type Distrusted = (typeof DISTRUSTED)[number];

const corners = z
  .array(z.strictObject({ at: placeField }), say('the corners of the body, from the foot up'))
  .min(2, 'give the landing, and the corner at the head of the screen')
  .max(5, 'give 5 corners at most');

/** What a car stands on while it is measured and welded. */
const STANDS = ['wheels', 'stands', 'jig'] as const;

/** Zones that have a gap school of their own. */
export const ZONES = ['roof', 'a-pillar', 'b-pillar', 'sill', 'door', 'rear'] as const;

type MeasureFields = { [Key in LengthKey]: z.ZodOptional<z.ZodType<Length>> } & {
  [Key in AngleKey]: z.ZodOptional<z.ZodType<Angle>>;
};

/** A landing may lie on the floor; every other length is one that something has. */
function measureField(key: MeasureKey): z.ZodOptional {
  if (isAngleKey(key)) return angleField(-60, 60, key).optional();
  return (key.startsWith('landing') ? extentField(key) : sizeField(key)).optional();
}

const measureFields = Object.fromEntries(
  MEASURE_KEYS.map((key) => [key, measureField(key)]),
) as MeasureFields;

/** The stripped car as measured: known measures, and the builder's own points, planes and keep-outs. */
export const survey = z.strictObject({
  measures: z.strictObject(measureFields, say('the measures by key')),
  /** The other reading of what was taken twice; the cage goes by the one among the measures. */
  again: z.strictObject(measureFields, say('the measures that were taken again, by key')),
  /** Which reading of those that contradict each other the builder does not trust; null until told. */
  distrusted: oneOf(DISTRUSTED, 'which reading is not trusted').nullable(),
  /** How the car stood when it was measured; null until somebody says. */
  stance: z
    .strictObject({
      on: oneOf(STANDS, 'what the car stood on'),
      /** The floor under it by two readings, positive where it falls to the right and to the front. */
      fallsRight: angleField(-20, 20, 'how the floor falls to the right'),
      fallsForward: angleField(-20, 20, 'how the floor falls to the front'),
      by: title,
      measuredOn: moment,
    })
    .nullable(),
  points: z.array(
    z.strictObject({
      id,
      name: title,
      side: side.nullable(),
      at: placeField,
      /** Which gap school holds there; null where the point is only a mark. */
      zone: oneOf(ZONES, 'a zone of the car').nullable(),
    }),
    say('the points'),
  ),
  planes: z.array(
    z.strictObject({
      id,
      name: title,
      at: placeField,
      normal: placeField,
      /** How far the panel reaches from its point; everywhere when null. */
      reach: sizeField('the reach of the panel').nullable(),
    }),
    say('panels, each by a point and its normal'),
  ),
  keepOuts: z.array(
    z.strictObject({
      id,
      name: title,
      from: placeField,
      to: placeField,
      clearance: extentField('the clearance'),
    }),
    say('keep-outs: boxes by two corners'),
  ),
  /** How tight the cage stands to the body, zone by zone. */
  gaps: z.array(
    z.strictObject({
      zone: oneOf(ZONES, 'a zone of the car'),
      school: oneOf(['touching', 'gap', 'more'], 'how tight the bars stand'),
      gap: extentField('the gap'),
    }),
    say('the gap schools by zone'),
  ),
  /** The body where a front hoop stands: from each landing up to the corner at the head of the screen. null where nobody measured it. */
  frontSection: z
    .strictObject({
      left: corners,
      /** As the left where null. */
      right: corners.nullable(),
    })
    .nullable(),
  /** Lines of sight of one's own: from an eye, in the car or outside, to a pillar that tubes are to run along. */
  sights: z.array(
    z.strictObject({
      id,
      name: title,
      eye: placeField,
      /** The middle of the pillar, at both of its ends. */
      from: placeField,
      to: placeField,
      width: sizeField('the width of the pillar'),
      /** A tube beside it is to look parallel within so much. */
      within: angleField(0, 45, 'how far off parallel a tube may look'),
    }),
    say('the lines of sight'),
  ),
  /** Sections of the car's inside, from the centre line outward; both sides alike. They draw the envelope. */
  ribs: z.array(
    z.strictObject({
      id,
      name: title,
      forward: offsetField('how far ahead of the hoop'),
      points: z
        .array(z.strictObject({ out: extentField('half the width'), up: offsetField('the height') }))
        .min(2)
        .max(12),
    }),
    say("sections of the car's inside"),
  ),
});
/** What was measured of the stripped car. Car's frame, mm and degrees */
export type Survey = z.infer<typeof survey>;
/** The body where a front hoop stands. Car's frame, mm */
export type FrontSection = NonNullable<Survey['frontSection']>;
/** The measures of the car, as far as they were taken. */
export type Measures = Survey['measures'];
