import { formatAngle, radians } from '../../measure/index.ts';
import { type Sight } from '../../occupant/index.ts';
import { type Drawing, type Point, type Shape } from '../drawing.ts';

const STEPS = 24;

/** What the cage hides of a driver's level view: the eye below, straight ahead up, left to the left. */
export function sightView({ level }: Sight, width: number): Drawing {
  const reach = width / 2 - 50;
  const eye: Point = [width / 2, reach + 40];
  const at = (azimuth: number, share: number): Point => [
    eye[0] - reach * share * Math.sin(radians(azimuth)),
    eye[1] - reach * share * Math.cos(radians(azimuth)),
  ];
  const arcOf = (from: number, to: number): Point[] =>
    Array.from({ length: STEPS + 1 }, (_, i) => at(from + ((to - from) * i) / STEPS, 1));
  return {
    width,
    height: reach + 60,
    title: `The level view ahead: ${level.map(({ stamp, arc }) => `${stamp} hides ${formatAngle(arc[1] - arc[0])} degrees`).join(', ') || 'nothing is hidden'}`,
    shapes: [
      { kind: 'polyline', points: arcOf(-90, 90), pen: 'leader' },
      { kind: 'line', from: eye, to: at(0, 1), pen: 'centre' },
      ...level.flatMap(({ arc, stamp }): Shape[] => {
        const [x, y] = at((arc[0] + arc[1]) / 2, 1.07);
        return [
          { kind: 'polygon', points: [eye, ...arcOf(arc[0], arc[1])], pen: 'steel' },
          {
            kind: 'text',
            at: [x, y],
            text: `${stamp} ${formatAngle(arc[1] - arc[0])}°`,
            size: 15,
            anchor: x < eye[0] ? 'end' : 'start',
            voice: 'bend',
          },
        ];
      }),
      { kind: 'text', at: [eye[0], eye[1] + 17], text: 'eye', size: 14, anchor: 'middle', voice: 'quiet' },
      { kind: 'text', at: [eye[0] - 8, 24], text: 'ahead', size: 14, anchor: 'end', voice: 'quiet' },
    ],
  };
}
