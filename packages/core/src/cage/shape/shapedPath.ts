import { andThen, type Outcome, succeed } from '../../fault/index.ts';
import { type BarShape } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { placeOf } from '../placing/place.ts';
import { arcPath } from './arc.ts';
import { bowPath } from './bow.ts';
import { type BendRoom, type Chord, chordOf, type ShapePath } from './chord.ts';
import { offsetPath } from './offset.ts';
import { standOffPath } from './standOff.ts';
import { stationsPath } from './stations.ts';
import { takeOffPath } from './takeOff.ts';

/** The whole of a bar's path: ends and corners, a name and a radius for each corner. */
export interface WholePath {
  points: Vec3[];
  features: string[];
  /** The roller's radius; null where the member's die makes the bend. */
  radii: (number | null)[];
  /** Radii by the tube that a sample bend took; they hold where no die is chosen. */
  bySample?: (number | null)[];
}

/** The shapes that run between two ends; a hoop finds its own feet. */
export type ChordShape = Exclude<BarShape, { kind: 'hoop' }>;

/** The path of a shape between two ends. Car's frame, mm. Faults say which number would fit. */
export function shapedPath(shape: ChordShape, a: Vec3, b: Vec3, room: BendRoom): Outcome<WholePath> {
  if (shape.kind === 'through')
    return succeed({
      points: [a, ...shape.via.map(({ at }) => placeOf(at)), b],
      features: shape.via.map(({ feature }) => feature),
      radii: shape.via.map(() => null),
    });
  if (shape.kind === 'take-off')
    return andThen(takeOffPath(a, placeOf(shape.aim), shape, room), ({ points, features, bySample, end }) =>
      succeed({ points: [a, ...points, end], features, radii: features.map(() => null), bySample }),
    );
  return andThen(chordOf(a, b, shape.towards), (chord) =>
    andThen(alongChord(shape, chord, room), ({ points, features, radii }) =>
      succeed({ points: [a, ...points, b], features, radii }),
    ),
  );
}

function alongChord(
  shape: Exclude<ChordShape, { kind: 'through' | 'take-off' }>,
  chord: Chord,
  room: BendRoom,
): Outcome<ShapePath> {
  switch (shape.kind) {
    case 'bow':
      return bowPath(chord, shape, room);
    case 'offset':
      return offsetPath(chord, shape, room);
    case 'stand-off':
      return standOffPath(chord, shape, room);
    case 'arc':
      return arcPath(chord, shape);
    case 'stations':
      return stationsPath(chord, shape);
  }
}
