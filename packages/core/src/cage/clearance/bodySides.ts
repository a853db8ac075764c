import { itemAt } from '../../items/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { sectionsAt } from './sections.ts';

/**
 * How far a place lies inside the side of the body, by its measured sections, between two of them and two heights in proportion; null ahead
 * of the first and behind the last. Car's frame, mm
 */
export function bodySides({ survey }: Pick<Plan, 'survey'>): (at: Vec3) => number | null {
  const sections = survey.ribs
    .map(({ forward, points }) => ({
      x: forward.mm,
      points: points.map(({ out, up }) => [out.mm, up.mm] as const).sort((a, b) => a[1] - b[1]),
    }))
    .sort((a, b) => a.x - b.x);
  return ([x, y, z]) => {
    const between = sectionsAt(sections, x, 0);
    if (!between) return null;
    const [near, far] = [halfAt(between.rear.points, z), halfAt(between.front.points, z)];
    return near + between.share * (far - near) - Math.abs(y);
  };
}

/** The half width of a section at a height. points: from the floor up */
function halfAt(points: readonly (readonly [out: number, up: number])[], z: number): number {
  const above = points.findIndex(([, up]) => up >= z);
  const high = points[above];
  const low = points[above - 1];
  if (!high) return itemAt(points, -1)[0];
  if (!low) return high[0];
  return low[0] + ((z - low[1]) / (high[1] - low[1] || 1)) * (high[0] - low[0]);
}
