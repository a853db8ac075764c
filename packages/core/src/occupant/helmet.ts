import { helmetGap, type Tube } from '../cage/index.ts';
import { highestOf } from '../centreline/index.ts';
import { type Vec3 } from '../space/index.ts';

/** How a helmet, by its top, stands under and behind the hoop that protects it. mm */
export interface UnderHoop {
  /** Below the line from the hoop's top to the front hoop's; null without a front hoop. */
  belowLine: number | null;
  /** Below the hoop's top. */
  belowTop: number;
  /** Surface to surface. */
  toHoop: number;
}

/** The highest place of a tube's surface. */
function topOf({ axis, od }: Tube): Vec3 {
  const [x, y, z] = highestOf(axis);
  return [x, y, z + od / 2];
}

/** front: the tubes of the front hoop. Car's frame, mm. */
export function underHoop(helmetTop: Vec3, hoop: Tube, front: Tube[]): UnderHoop {
  const top = topOf(hoop);
  const frontTop = front.map(topOf).sort((a, b) => b[2] - a[2])[0];
  const lineAt = (ahead: Vec3) => {
    const share = (helmetTop[0] - top[0]) / (ahead[0] - top[0]);
    return top[2] + share * (ahead[2] - top[2]);
  };
  return {
    belowLine: frontTop ? lineAt(frontTop) - helmetTop[2] : null,
    belowTop: top[2] - helmetTop[2],
    toHoop: helmetGap(helmetTop, hoop),
  };
}

/** Roles whose tubes make the front hoop. */
export const FRONT_HOOP = ['windscreen-bar', 'front-leg'] as const;
