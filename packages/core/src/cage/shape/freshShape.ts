import { assumed, inDegrees, wholeMillimetres } from '../../measure/index.ts';
import { type TakeOffRow } from '../../plan/index.ts';
import { distance, type Vec3 } from '../../space/index.ts';
import { type ChordShape } from './shapedPath.ts';

/** A bend to start a list from, so far after what is before it. mm */
export const freshBend = (straight: number): TakeOffRow => ({
  straight: wholeMillimetres(straight),
  turn: { kind: 'degrees', angle: inDegrees(0) },
  angle: inDegrees(30),
  takes: null,
});

/** A shape to start from between two ends, so that the picture shows something at once. Car's frame, mm */
export function freshShape(kind: ChordShape['kind'], a: Vec3, b: Vec3): ChordShape {
  const chord = distance(a, b);
  const aside = Math.abs(b[1] - a[1]) > Math.abs(b[0] - a[0]) ? 'rear' : 'out';
  switch (kind) {
    case 'through':
      return { kind, via: [] };
    case 'bow':
      return {
        kind,
        towards: aside,
        rise: wholeMillimetres(chord * 0.08),
        angle: null,
        flat: wholeMillimetres(chord * 0.3),
      };
    case 'offset':
      return {
        kind,
        towards: aside,
        offset: wholeMillimetres(100),
        flat: wholeMillimetres(chord * 0.2),
        centre: wholeMillimetres(0),
        angle: null,
      };
    case 'stand-off':
      return { kind, towards: aside, offset: wholeMillimetres(200) };
    case 'arc':
      return { kind, towards: aside, rise: wholeMillimetres(chord * 0.05), lead: wholeMillimetres(0) };
    case 'stations':
      return {
        kind,
        towards: aside,
        stations: assumed([
          { along: wholeMillimetres(chord * 0.25), offset: wholeMillimetres(chord * 0.03) },
          { along: wholeMillimetres(chord * 0.5), offset: wholeMillimetres(chord * 0.04) },
          { along: wholeMillimetres(chord * 0.75), offset: wholeMillimetres(chord * 0.03) },
        ]),
        tolerance: wholeMillimetres(3),
      };
    case 'take-off':
      return assumed({
        kind,
        aim: [wholeMillimetres(b[0]), wholeMillimetres(b[1]), wholeMillimetres(b[2])],
        roll: inDegrees(0),
        sample: null,
        rows: [freshBend(chord / 2)],
        tail: wholeMillimetres(chord / 2),
      });
  }
}
