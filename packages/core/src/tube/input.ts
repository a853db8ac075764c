import { z } from 'zod';
import { size } from '../fault/index.ts';

/** Check of a section. mm */
export const sectionInput = z.strictObject({
  od: size('the outside diameter'),
  wall: size('the wall thickness'),
});
