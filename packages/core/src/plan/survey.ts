import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { type Angle, type Length } from '../measure/index.ts';
import { placeField, side } from './attachment.ts';
import { type AngleKey, isAngleKey, type LengthKey, MEASURE_KEYS, type MeasureKey } from './measures.ts';
import { angleField, extentField, id, sizeField, title } from './quantities.ts';

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
  /** Which of two measures that contradict each other the builder trusts; null until told. */
  trust: oneOf(['widths', 'protractor'], 'which measure is trusted').nullable(),
  points: z.array(
    z.strictObject({ id, name: title, side: side.nullable(), at: placeField }),
    say('the points'),
  ),
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
export type Measures = Survey['measures'];
