import { millimetres, inDegrees } from '../measure/index.ts';
import { z } from 'zod';
import { oneOf, say } from '../fault/index.ts';
import { angleField, extentField, id, sizeField } from './quantities.ts';

/** How the ends are cut here: what the notcher can do, and what is told as too sharp, too tight or too open. */
export const coping = z.strictObject({
  notcher: z.strictObject(
    {
      largestDial: angleField(0, 90, "the notcher's largest dial"),
      /** How deep its hole saws cut. */
      sawDepth: sizeField('the depth of the hole saw'),
    },
    say('the notcher {largestDial, sawDepth}'),
  ),
  /** How far from square the saw is set that cuts feet. */
  sawSwing: angleField(0, 90, 'how far the saw swings'),
  /** The widest gap that two straight cuts may leave. */
  straightCutGap: extentField('the widest gap of two straight cuts'),
  /** Joints sharper than this are told. */
  sharpest: angleField(0, 90, 'the sharpest angle of a joint'),
  /** Room that the torch needs beside a seam. */
  torchRoom: extentField("the torch's room"),
  /** Room that it needs between a seam and the body, where the cage stands or is let down to weld. */
  bodyRoom: extentField("the torch's room to the body"),
  /** Room that a brush needs to paint a tube once the cage is up. */
  brushRoom: extentField('the room of a brush'),
  /** Thickness of the paper that a template is printed on: the wrap goes round as well. */
  paper: extentField('the thickness of the paper'),
});
/** The shop's notcher and torch, as copes and seams are judged by. mm and degrees */
export type Coping = z.infer<typeof coping>;

/**
 * Common practice: notchers stop near 30° between the axes, a hole saw cuts about 45 mm deep, 1.5 mm of gap is bridged by the
 * weld, the root of a joint under 30° is out of reach; a torch's nozzle is about 20 mm thick
 * and wants 50 mm to the body. A chop saw swings to 45°. A flat brush wants 30 mm beside a tube. Printing paper is 0.1 mm.
 */
export const USUAL_COPING: Coping = {
  notcher: { largestDial: inDegrees(60), sawDepth: millimetres(45) },
  sawSwing: inDegrees(45),
  straightCutGap: millimetres(1.5),
  sharpest: inDegrees(30),
  torchRoom: millimetres(20),
  bodyRoom: millimetres(50),
  brushRoom: millimetres(30),
  paper: millimetres(0.1),
};

/** How far an end has come. */
export const COPE_STATES = ['ready', 'printed', 'cut', 'fitted'] as const;
/** How far the cope of an end is. */
export type CopeState = (typeof COPE_STATES)[number];

/** An end that was ticked off, with the cut that it had then: one that has changed since is told. */
export const copeTick = z.strictObject({
  piece: id,
  end: oneOf(['a', 'b'], 'an end'),
  state: oneOf(COPE_STATES, 'how far the end has come'),
  /** Setbacks round the tube then, in words. */
  cut: z.string(say('the cut that was ticked off')).max(200),
});
/** An end that somebody ticked off, with the cut that it had then. */
export type CopeTick = z.infer<typeof copeTick>;
