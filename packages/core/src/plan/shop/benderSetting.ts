import { z } from 'zod';
import { BENDER_KINDS, SWINGS, WALLS } from '../../bending/index.ts';
import { oneOf, say } from '../../fault/index.ts';
import { angleField, extentField, id, offsetField, sizeField, title } from '../quantities.ts';

const away = (wall: string) => sizeField(`the distance from the die's centre to the wall ${wall}`).nullable();
const corner = z.tuple(
  [offsetField('forward'), offsetField('to the left'), offsetField('up from the floor')],
  say('a corner [forward, left, up] from under the die’s centre'),
);

/** What stands round a die, by two opposite corners. */
const frameBox = z.strictObject({ id, name: title, from: corner, to: corner });

/**
 * A bender where it stands: how it bends, and what the tube could meet there. Machine's frame: the origin on the floor under the die's
 * centre, x the way the tube is fed, y to the left of it, z up. mm
 */
export const benderSetting = z.strictObject({
  kind: oneOf(BENDER_KINDS, 'how the machine bends'),
  /** Seen along the feed: on a bed that lies, to the left or right; on one that stands, up or down. */
  swing: oneOf(SWINGS, 'which way the bent end goes'),
  /** The tube's axis over the floor, in the die. */
  height: sizeField("the height of the tube's axis over the floor").nullable(),
  walls: z.strictObject(
    { ahead: away(WALLS[0]), behind: away(WALLS[1]), left: away(WALLS[2]), right: away(WALLS[3]) },
    say('the walls as {ahead, behind, left, right}'),
  ),
  frame: z.array(frameBox, say("the machine's frame and what stands beside it")),
  /** Where the operator stands. */
  operator: z.strictObject({ forward: offsetField('forward'), left: offsetField('to the left') }).nullable(),
  /** The dial is read in steps of so much, and before a pull it reads so much. */
  dialStep: angleField(0.01, 10, "the dial's step").nullable(),
  dialZero: angleField(-180, 180, 'what the dial reads before the pull').nullable(),
  /** Of a roller: what the rise is measured over, the straight that it leaves at each end, the least radius that it reaches. */
  roller: z
    .strictObject({
      gauge: sizeField('the length that the rise is measured over'),
      lead: extentField('the straight that is left at each end'),
      leastRadius: sizeField('the least radius'),
    })
    .nullable(),
});
/** A bender where it stands: how it bends, and what the tube could meet there. */
export type BenderSetting = z.infer<typeof benderSetting>;

/** A bender where nobody has measured anything yet: a tube meets only its die and itself. */
export const NOTHING_MEASURED: BenderSetting = {
  kind: 'draw-hand',
  swing: 'left',
  height: null,
  walls: { ahead: null, behind: null, left: null, right: null },
  frame: [],
  operator: null,
  dialStep: null,
  dialZero: null,
  roller: null,
};
