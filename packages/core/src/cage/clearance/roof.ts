import { itemAt, pairOf } from '../../items/index.ts';
import { kept } from '../../kept/index.ts';
import { halve, radians } from '../../measure/index.ts';
import { type MainHoop, mainHoopOf, type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { readSection } from '../../survey/index.ts';
import { sectionsAt } from './sections.ts';

type Flat = readonly [out: number, up: number];

interface Section {
  x: number;
  points: Flat[];
}

/** Beyond the first and the last section the roof is taken to run on this far. mm, common practice */
const RUNS_ON = 150;

/** What is known of the roof over a cage. Car's frame, mm. */
export type Roof =
  /** Nothing is over it. */
  | { kind: 'open' }
  /** How far a place lies from its inside; null where no section is near enough to tell. */
  | { kind: 'closed'; gap: (at: Vec3) => number | null };

const OPEN: Roof = { kind: 'open' };

/**
 * The inside of the roof by the surveyed sections, between two of them in proportion. The main hoop's section is one of them, by
 * its half widths at the roof and its headliner, as soon as it is measured.
 */
export const roofOf = ({ survey, brief, members }: Plan): Roof =>
  brief.roof === 'open' ? OPEN : closedRoof(survey, mainHoopOf({ members }) ?? null);

const closedRoof = kept((survey: Plan['survey'], hoop: MainHoop | null): Roof => {
  const sections = [
    ...survey.ribs.map(({ forward, points }): Section => ({
      x: forward.mm,
      points: points.map(({ out, up }): Flat => [out.mm, up.mm]),
    })),
    ...mainSection(survey, hoop),
  ].sort((a, b) => a.x - b.x);
  return {
    kind: 'closed',
    gap: ([x, y, z]) => {
      const between = sectionsAt(sections, x, RUNS_ON);
      if (!between) return null;
      const { rear, front, share } = between;
      const [fromRear, fromFront] = pairOf([rear, front], (one) => toRoof(one.points, [Math.abs(y), z]));
      return fromRear + share * (fromFront - fromRear);
    },
  };
});

/** No cage is let down further. mm */
const LOWEST = 2000;

/** How far a place has to be let down for the roof to be so far from it: near a side that slopes that is more than what is missing. gap: of the roof. mm */
export function dropToClear(gap: (at: Vec3) => number | null, [x, y, z]: Vec3, room: number): number {
  const missing = (down: number) => (gap([x, y, z - down]) ?? Infinity) - room;
  return missing(0) >= 0 ? 0 : halve(0, LOWEST, missing);
}

/** The section that the main hoop was measured at, where its plane meets the roof; the lower of both sides. */
function mainSection(survey: Plan['survey'], hoop: MainHoop | null): Section[] {
  const reading = readSection(survey);
  if ('missing' in reading || !hoop) return [];
  const { left, right, headliner, tilt } = reading.section;
  const lean = Math.tan(radians(hoop.tilt?.deg ?? tilt));
  const corner = Math.min(left.corner ?? headliner, right.corner ?? headliner);
  const out = Math.min(left.roof, right.roof);
  return [
    {
      x: -headliner * lean + 0,
      points: [
        [Math.min(left.floor, right.floor), 0],
        [out, corner],
        [0, headliner],
      ],
    },
  ];
}

/** To the roof's line of a section: its uppermost slope and from there level to the middle. */
function toRoof(points: Flat[], at: Flat): number {
  const [below, top] = [itemAt(points, -2), itemAt(points, -1)];
  return Math.min(toLine(below, top, at), toLine(top, [0, top[1]], at));
}

function toLine(from: Flat, to: Flat, at: Flat): number {
  const along: Flat = [to[0] - from[0], to[1] - from[1]];
  const off: Flat = [at[0] - from[0], at[1] - from[1]];
  const square = along[0] ** 2 + along[1] ** 2;
  const share = square === 0 ? 0 : Math.min(1, Math.max(0, (off[0] * along[0] + off[1] * along[1]) / square));
  return Math.hypot(off[0] - share * along[0], off[1] - share * along[1]);
}
