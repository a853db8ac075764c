import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { type Angle, type Length } from '../measure/index.ts';
import { placeField, side } from './attachment.ts';
import { MEASURE_KEYS, isAngleKey, type AngleKey, type LengthKey } from './measures.ts';
import { angleField, extentField, id, sizeField, title } from './quantities.ts';

/** Measures that may be nothing; the others are sizes. */
const MAY_BE_ZERO: readonly string[] = ['landingLeft', 'landingRight'];

const measureFields = Object.fromEntries(
  MEASURE_KEYS.map((key) => {
    if (isAngleKey(key)) return [key, angleField(-60, 60, key).optional()];
    return [key, (MAY_BE_ZERO.includes(key) ? extentField(key) : sizeField(key)).optional()];
  }),
);

export type Measures = { [Key in LengthKey]?: Length } & { [Key in AngleKey]?: Angle };

/** The stripped car as measured: known measures, and the builder's own points, planes and keep-outs. */
export const survey = z.strictObject({
  measures: z.strictObject(measureFields) as unknown as z.ZodType<Measures>,
  /** Which of two measures that contradict each other the builder trusts; null until told. */
  trust: oneOf(['widths', 'protractor'], 'which measure is trusted').nullable(),
  points: z.array(z.strictObject({ id, name: title, side: side.nullable(), at: placeField }), say('points')),
  planes: z.array(
    z.strictObject({ id, name: title, at: placeField, normal: placeField }),
    say('planes, each by a point and its normal'),
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
});
export type Survey = z.infer<typeof survey>;
