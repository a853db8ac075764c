import { formatAngle } from '@gyrus/core';

/** How a reading was found, for the step and the sheet. */
export function schoolWords(bend: {
  school: string;
  testCount: number;
  pull: { fit: string; released: [number, number] | null };
}): string {
  switch (bend.school) {
    case 'tests':
      if (bend.testCount === 1)
        return `one test bend on this die, taken as a ${bend.pull.fit === 'share' ? 'share' : 'constant'}`;
      return `${bend.testCount} test bends on this die`;
    case 'constant':
      return 'a fixed number of degrees';
    case 'share':
      return 'a share of the angle';
    case 'theory':
      return 'theory: usually too low';
    case 'rolled':
      return 'rolled until the rise is right; try it on the template';
    default:
      return 'theory, for want of a test bend: usually too low';
  }
}

/** The released angle to expect: with its interval where the tests give one. */
export function releaseWords(bend: { angle: number; pull: { released: [number, number] | null } }): string {
  const { released } = bend.pull;
  const range = released
    ? ` (${formatAngle(released[0])}° to ${formatAngle(released[1])}° in nine of ten)`
    : '';
  return `Springs back to ${formatAngle(bend.angle)}°${range}`;
}
