import { z } from 'zod';
import { oneOf, say } from '../../fault/index.ts';
import { angleField } from '../quantities.ts';

const feature = z
  .string(say('a bend such as "crown-left"'))
  .regex(/^[a-z]+(-[a-z]+)*$/, 'a bend is named like "crown-left"');

/** A bend never opens: it is pulled further. */
const by = angleField(0.1, 120, 'how much further the bend is pulled');

/** Bends of a hoop that came with the car, pulled further: the foot beyond it swings. */
export const hoopAgain = z
  .array(z.strictObject({ feature, by }), say('the bends that are pulled further'))
  .max(12, '12 bends at most');

/** Bends of a bar that came with the car, pulled further; and which of its ends swings. */
export const barAgain = z
  .array(
    z.strictObject({ feature, by, moves: oneOf(['a', 'b'], 'the end that swings') }),
    say('the bends that are pulled further'),
  )
  .max(12, '12 bends at most');
