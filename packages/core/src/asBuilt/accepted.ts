import { type Tube } from '../cage/index.ts';
import { millimetres } from '../measure/index.ts';
import { type BuiltHoop } from '../plan/index.ts';
import { type BuiltDeviation, evenAndTwisted, hoopRacked } from './deviation.ts';

/**
 * A hoop as it was measured, on top of what the plan took of it before: the width of its feet, its crown's height on both sides alike, and how
 * far the crown stands aside by both diagonals. null where nothing of it is off. error: what a tape is trusted to. mm
 */
export function builtHoop(
  hoop: Tube,
  deviations: readonly BuiltDeviation[],
  before: BuiltHoop | null,
  error: number,
): BuiltHoop | null {
  const find = (key: string) => deviations.find(({ point }) => point.key === `hoop:${key}`);
  const feet = find('feet');
  const [leftHeight, rightHeight] = [find('height-left'), find('height-right')];
  const [leftDiagonal, rightDiagonal] = [find('diagonal-left'), find('diagonal-right')];
  const up = leftHeight && rightHeight ? evenAndTwisted(leftHeight.off, rightHeight.off).even : null;
  const left = leftDiagonal && rightDiagonal ? -hoopRacked(hoop, leftDiagonal, rightDiagonal).by : null;
  const isOff = (by: number | null): by is number => by !== null && Math.abs(by) > error;
  const added = (by: number | null, earlier: BuiltHoop['crownUp'] | undefined) =>
    isOff(by) ? millimetres(by + (earlier?.mm ?? 0), 1) : (earlier ?? null);
  if (!isOff(feet?.off ?? null) && !isOff(up) && !isOff(left)) return null;
  return {
    feetApart: feet && isOff(feet.off) ? millimetres(feet.value, 1) : (before?.feetApart ?? null),
    crownUp: added(up, before?.crownUp),
    crownLeft: added(left, before?.crownLeft),
  };
}
