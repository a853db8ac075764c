import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Point, type Shape } from '../drawing.ts';
import { type PeopleView } from '../people/seen.ts';
import { bodyOutline, outlinePoints } from './bodyOutline.ts';

/** The body by its sections: each one from behind, what they reach to from the side and from above. mm on the drawing */
export function outlinesOf({ ribs, measures }: Plan['survey'], view: PeopleView): Point[][] {
  if (view === 'behind') {
    const measured = Object.keys(measures).length > 0 ? [outlinePoints(bodyOutline(measures))] : [];
    return [
      ...ribs.map(({ points }) => bothSides(points.map(({ out, up }) => [out.mm, up.mm]))),
      ...measured,
    ];
  }
  if (ribs.length < 2) return [];
  const along = [...ribs].sort((a, b) => a.forward.mm - b.forward.mm);
  const edge = ({ forward }: Rib, other: number): Point =>
    view === 'side' ? [-forward.mm, other] : [other, forward.mm];
  const reach = (rib: Rib): [least: number, most: number] => {
    const figures = rib.points.map(({ out, up }) => (view === 'side' ? up.mm : out.mm));
    const most = Math.max(...figures);
    return [view === 'side' ? Math.min(...figures) : -most, most];
  };
  return [
    [
      ...along.map((rib) => edge(rib, reach(rib)[1])),
      ...[...along].reverse().map((rib) => edge(rib, reach(rib)[0])),
    ],
  ];
}

type Rib = Plan['survey']['ribs'][number];

const bothSides = (half: Point[]): Point[] => [
  ...half,
  ...half.map(([out, up]): Point => [-out, up]).reverse(),
];

type Box = Plan['survey']['keepOuts'][number];

/** The rectangle that a box between two corners is seen as. */
export function boxOf({ from, to }: Box, see: (point: Vec3) => Point): Point[] {
  const [a, b] = [from, to].map((corner) => see([corner[0].mm, corner[1].mm, corner[2].mm]));
  if (!a || !b) return [];
  return [a, [b[0], a[1]], b, [a[0], b[1]]];
}

/** A keep-out on a drawing, with its name. corners: on the drawing */
export function boxShapes(corners: Point[], name: string): Shape[] {
  const [x, y] = [Math.min(...corners.map(([at]) => at)), Math.min(...corners.map(([, at]) => at))];
  return [
    { kind: 'polygon', points: corners, pen: 'keep-out', hatched: true },
    { kind: 'text', at: [x, y - 5], text: name, size: 13, anchor: 'start', voice: 'quiet' },
  ];
}
