import { z } from 'zod';
import { between, check, fail, oneOf, type Outcome, say } from '../../fault/index.ts';
import { TUBE_KINDS } from '../../tube/index.ts';
import { benderSetting } from './benderSetting.ts';
import { shopBroughtUp } from '../migrations.ts';
import { id, sizeField, title } from '../quantities.ts';
import { die } from '../members/tooling.ts';

/** What a file with a shop says that it is. */
export const SHOP_FORMAT = 'gyrus-shop';
/** The version of shops written today. */
export const SHOP_VERSION = 3;

const machine = z.strictObject({
  id,
  name: title,
  note: title,
  /** Where it stands and what is round it; null where nobody has measured that yet. */
  setting: benderSetting.nullable(),
  dies: z.array(die, say('the dies')),
});

const strength = (what: string) =>
  z.strictObject(
    { mpa: between(0, 5000, what), typed: z.string(say('the text that was typed')).max(60) },
    say(`${what} as {mpa, typed}`),
  );

/** Tube that the shop has or can order: what a stick of it is, and how long. */
const tubeStock = z.strictObject({
  id,
  od: sizeField('the outside diameter'),
  wall: sizeField('the wall thickness'),
  kind: oneOf(TUBE_KINDS, 'how the tube was made'),
  batch: title,
  /** Number of the mill's certificate of this batch; none where it is left out or empty. */
  certificate: title.optional(),
  /** What the certificate says of the steel; none where nobody entered it. */
  tensile: strength('the tensile strength').nullable().optional(),
  yield: strength('the yield strength').nullable().optional(),
  /** In percent. */
  elongation: between(0, 100, 'the elongation in percent').nullable().optional(),
  /** The name of the certificate's file, where one is attached. */
  certificateFile: title.nullable().optional(),
  stickLength: sizeField('the length of a stick'),
  /** Of a stick, in whatever money the shop counts in; none where nobody says. */
  price: between(0, 1e6, 'what a stick costs').nullable().optional(),
});

/** The shop as a calculation needs it: machines with their dies and test bends, and the tube it has. */
export const shopSchema = z.strictObject({
  format: z.literal(SHOP_FORMAT, say(`"${SHOP_FORMAT}"`)),
  version: z.literal(SHOP_VERSION, say(`${SHOP_VERSION}`)),
  machines: z.array(machine, say('the machines')),
  tubes: z.array(tubeStock, say('the tube in stock')),
});
/** What a shop has: machines with their dies and test bends, and the tube it buys. */
export type Shop = z.infer<typeof shopSchema>;

/** A shop that has entered nothing yet. */
export const EMPTY_SHOP: Shop = { format: SHOP_FORMAT, version: SHOP_VERSION, machines: [], tubes: [] };

/** A shop out of unknown data, of this version or an older one. Faults name the field. */
export function readShop(data: unknown): Outcome<Shop> {
  if (data === null || typeof data !== 'object')
    return fail('not-an-object', '', 'a shop is one JSON object');
  return check(shopSchema, shopBroughtUp(data));
}
