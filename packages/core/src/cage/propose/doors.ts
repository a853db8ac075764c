import { pairOf } from '../../items/index.ts';
import { type CarSide } from '../../plan/index.ts';
import { crossingsOf, lengthOf, pointOn } from '../../centreline/index.ts';
import { type Vec3 } from '../../space/index.ts';
import { type Draft, pair, type Standing } from './draft.ts';
import { placeAlong, type Row } from '../placing/row.ts';
import { crossingHeight, isClear, middleOf, placeAtHeight, rowIn } from './fitting.ts';
import { height, station } from './write.ts';

/** Where an X of door bars stands to start from. mm above the floor */
const DOOR_X = { through: { hoop: 480, leg: 220 }, split: { hoop: [180, 220, 260, 300, 340], leg: 440 } };

/** An X at the door: the second bar's front end is set so that it crosses the first one's axis, on each side for itself. */
export function doorX(
  { tubes }: Standing,
  hoop: string,
  legs: string,
  one: (hoopAt: number, legAt: number, more?: Partial<Draft>) => Draft,
): Draft[] {
  const { through, split } = DOOR_X;
  const crossing = (side: CarSide, hoopAt: number): number | null => {
    const [post, leg] = pairOf([hoop, legs], (member) => rowIn(tubes, member, side));
    const from = placeAtHeight(post, through.hoop, side);
    const to = placeAtHeight(leg, through.leg, side);
    const low = placeAtHeight(post, hoopAt, side);
    return from && to && low ? crossingHeight([from, to], low, { row: leg, side }, split.leg) : null;
  };
  const found = split.hoop
    .map((at) => ({ at, left: crossing('left', at), right: crossing('right', at) }))
    .find((one) => one.left !== null && one.right !== null);
  const { at, left, right } = found ?? { at: split.hoop[0] ?? 0, left: split.leg, right: split.leg };
  const [own, other] = [left ?? split.leg, right ?? split.leg];
  return [
    one(through.hoop, through.leg),
    one(at, own, {
      splitByFirst: true,
      right: Math.abs(own - other) < 0.5 ? null : { a: null, b: height(legs, 'right', other), shape: null },
    }),
  ];
}

/** Shares of the sill bar at which an upright is tried, from its middle outward. */
const ALONG_SILL = [0.5, 0.4, 0.6, 0.3, 0.7, 0.25, 0.75];

/** An upright from the sill bar to the lowest door bar over it, where nothing is between and neither bar ends or crosses. */
export function uprightOn(standing: Standing, sill: string): Draft {
  const { tubes, od } = standing;
  const sillRow = rowIn(tubes, sill, 'left') as Row;
  const total = middleOf(tubes, sill) * 2;
  const bars = [...new Set(tubes.filter(({ role }) => role === 'door-bar').map(({ member }) => member))];
  const tries = ALONG_SILL.flatMap((share) => {
    const foot = placeAlong(sillRow, total * share)?.point;
    if (!foot) return [];
    return bars.flatMap((member) => {
      const row = rowIn(tubes, member, 'left');
      const top = row && placeAcrossAt(row, foot[0]);
      return top ? [{ share, member, foot, top: top.point, along: top.along }] : [];
    });
  });
  const clear = tries.find(({ foot, top, member }) => isClear(foot, top, od, tubes, new Set([sill, member])));
  const chosen = clear ?? tries[0];
  return pair(
    station({ member: sill, side: 'left' }, 'end-a', total * (chosen?.share ?? 0.5)),
    station({ member: chosen?.member ?? bars[0] ?? '', side: 'left' }, 'end-a', chosen?.along ?? 0),
  );
}

/** Where a bar is so far ahead of the hoop, and how far along it that is from its end A. */
function placeAcrossAt(row: Row, x: number): { point: Vec3; along: number } | null {
  let before = 0;
  for (const tube of row) {
    const [at] = crossingsOf(tube.axis, (point) => point[0] - x);
    if (at !== undefined) return { point: pointOn(tube.axis, at), along: before + at };
    before += lengthOf(tube.axis);
  }
  return null;
}
