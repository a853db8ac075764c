import { outside, type Seam } from '../../cope/index.ts';
import { type Plan } from '../../plan/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { roofOf } from '../clearance/roof.ts';
import { areApart, type Tube } from '../tube.ts';
import { cornerAt, isFree, leansAt, lookedAt, stationsTo } from './nozzle.ts';
import { boxOfSeam, type Other } from './torch.ts';

/** How far a cage is moved to be welded: slid forward, let down. mm */
export interface Moved {
  forward: number;
  drop: number;
}

/** What closes leans of the nozzle at one place of a seam: a bit for each lean. */
export interface TorchPlace {
  at: Vec3;
  /** Round the tube from its face line. Degrees */
  round: number;
  /** By the roof, for each of the positions asked for. */
  roof: number[];
  /** By each tube that stands near; one that lies over the place closes them all. */
  tubes: { piece: string; closed: number; over: boolean }[];
  roofKnown: boolean[];
  /** Which point of the seam's line it is. */
  point: number;
}

/** Every lean closed. */
export const NO_WAY = (1 << 9) - 1;

/**
 * The nozzle's leans at each place of a seam, and what closes each of them, whatever stands already: who asks for a moment of the build puts
 * together what stands then. The same nozzle as in `torchIn`, which answers for the order of fitting and the one position of the plan.
 */
export function torchPlaces(
  plan: Plan,
  { tube, headers, seam }: { tube: Tube; headers: Tube[]; seam: Seam },
  others: Other[],
  positions: Moved[],
): TorchPlace[] {
  const { torchRoom, bodyRoom } = plan.coping;
  const radius = torchRoom.mm / 2;
  const reach = bodyRoom.mm + radius;
  const stations = stationsTo(bodyRoom.mm);
  const roof = roofOf(plan);
  const box = boxOfSeam(seam);
  const near = others.filter(
    (other) =>
      other.tube.piece !== tube.piece &&
      !headers.some(({ piece }) => piece === other.tube.piece) &&
      !areApart(box, other.box, reach + other.tube.od / 2),
  );
  return lookedAt(seam).map(({ at, i }) => {
    const leans = leansAt(cornerAt(seam.line, i, at, tube, headers));
    const closedBy = (around: Pick<Parameters<typeof isFree>[2], 'toRoof' | 'near'>): number =>
      leans.reduce(
        (bits, toward, k) => (isFree(at, toward, { radius, stations, ...around }) ? bits : bits | (1 << k)),
        0,
      );
    const overhead = positions.map(({ forward, drop }) => {
      if (roof.kind === 'open') return { closed: 0, known: true };
      const toRoof = ([x, y, z]: Vec3) => roof.gap([x + forward, y, z - drop]);
      const gap = toRoof(at);
      return {
        closed: gap !== null && gap >= reach ? 0 : closedBy({ toRoof, near: [] }),
        known: gap !== null,
      };
    });
    return {
      at,
      point: i,
      round: (360 * i) / seam.line.length,
      roof: overhead.map(({ closed }) => closed),
      roofKnown: overhead.map(({ known }) => known),
      tubes: near.flatMap(({ tube: { piece }, surface }) => {
        const over = outside(surface, ...at) < 0;
        const closed = over ? NO_WAY : closedBy({ toRoof: null, near: [surface] });
        return closed === 0 ? [] : [{ piece, closed, over }];
      }),
    };
  });
}
