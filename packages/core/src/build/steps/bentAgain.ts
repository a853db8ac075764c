import { type Tube } from '../../cage/index.ts';
import { type Piece } from '../../centreline/index.ts';
import { type Plan } from '../../plan/index.ts';

/** A bend of a tube that came with the car, pulled further. mm and degrees */
export interface BentAgain {
  piece: string;
  stamp: string;
  feature: string;
  by: number;
  /** What it is when it is released again. */
  to: number;
  /** Where it goes on from: so far from this end, along the axis that stays. */
  from: { end: 'a' | 'b'; along: number };
}

/** The old tubes that are bent again, bend by bend. tubes: as they come to be. */
export const bendsAgain = ({ members }: Plan, tubes: readonly Tube[]): BentAgain[] =>
  members.flatMap((member) => {
    if (!member.existing) return [];
    const own = tubes.filter((tube) => tube.member === member.id);
    return member.bentAgain.flatMap(({ feature, by, ...rest }) =>
      own.flatMap((tube): BentAgain[] => {
        const arc = tube.axis.filter((piece) => piece.kind === 'arc')[tube.features.indexOf(feature)];
        if (!arc) return [];
        const moves = 'moves' in rest ? rest.moves : feature.endsWith('-left') ? 'a' : 'b';
        return [
          {
            ...{ piece: tube.piece, stamp: tube.stamp, feature, by: by.deg, to: arc.angle },
            from: goesOnFrom(arc, moves, tube.developed),
          },
        ];
      }),
    );
  });

/** The end that stays keeps its straight: the bend goes on from there. */
const goesOnFrom = ({ start, length }: Piece, moves: 'a' | 'b', whole: number): BentAgain['from'] =>
  moves === 'b' ? { end: 'a', along: start } : { end: 'b', along: whole - start - length };
