import { millimetres } from '../measure/index.ts';
import { z } from 'zod';
import { extentField, sizeField } from './quantities.ts';

/** What the shop keeps between a cage and the people in it. */
export const cockpit = z.strictObject({
  /** Thickness of the padding that is put on tubes. */
  padding: extentField('the thickness of the padding'),
  /** A tube that comes nearer to a helmet than this can be hit by it. */
  helmetReach: extentField('how far a helmet is thrown'),
  /** The same of shoulders, elbows and knees. */
  limbReach: extentField('how far a limb is thrown'),
  /** The least free height above the door bar to get in and out by. */
  entry: sizeField('the least free opening above the door bar'),
  /** Between a door bar and the seat. */
  seatRoom: extentField('the room between door bar and seat'),
  /** Between a door bar and the door's skin. */
  doorRoom: extentField('the room between door bar and door skin'),
});
/** What room the people in the car are to have. mm */
export type Cockpit = z.infer<typeof cockpit>;

/** Common practice: 25 mm of padding; a helmet is thrown about 150 mm, a belted limb further than it seems. */
export const USUAL_COCKPIT: Cockpit = {
  padding: millimetres(25),
  helmetReach: millimetres(150),
  limbReach: millimetres(75),
  entry: millimetres(450),
  seatRoom: millimetres(20),
  doorRoom: millimetres(10),
};
