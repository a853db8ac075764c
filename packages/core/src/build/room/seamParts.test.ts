import { copeSettingOf, copesIn, evaluate } from '../../evaluate.ts';
import { EMPTY_SHOP, type Plan } from '../../plan/index.ts';
import { bar, cageOf, point, stationOn } from '../../testing/index.ts';
import { CLOSED } from '../order/index.ts';
import { buildRoomOf } from './buildRoom.ts';

const post = bar('p', 'frame-tube', point(2000, 0, 0), point(2000, 0, 1000));
const rail = bar('r', 'frame-tube', stationOn('m-p', 'end-a', 500), point(2600, 0, 500));
const brace = bar('b', 'frame-tube', stationOn('m-p', 'end-a', 500), point(2500, 0, 900));
const below = bar('n', 'frame-tube', stationOn('m-p', 'end-a', 443), point(2500, 0, 443));
const plan: Plan = {
  ...cageOf(post, rail, brace, below),
  fitOrder: ['p-p', 'p-r', 'p-b', 'p-n'],
};
const evaluation = evaluate(plan, EMPTY_SHOP, []);
const room = buildRoomOf(copeSettingOf(plan, evaluation, []));
const { seams } = copesIn(plan, evaluation, []);

test('what another tube covers of a seam is as long as it is told at Cope', () => {
  const numberOf = (stamp: string) => room.tubes.findIndex((tube) => tube.stamp === stamp);
  const told = seams.find(({ stamp }) => stamp === 'R')?.covered.find(({ stamp }) => stamp === 'B');
  const part = room.parts.find(
    ({ seam, coveredBy }) => room.seams[seam]?.tube === numberOf('R') && coveredBy === numberOf('B'),
  );
  // The places of a seam that a torch is looked at stand every 12° round the tube.
  const step = (room.seams[part?.seam ?? 0]?.length ?? 0) / 30;
  expect(Math.abs((part?.length ?? 0) - (told?.length ?? 0))).toBeLessThan(2 * step);
});

test('the parts of a seam are all of it', () => {
  for (const [i, { length, places }] of room.seams.entries()) {
    const own = room.parts.filter(({ seam }) => seam === i);
    expect(own.reduce((sum, part) => sum + part.length, 0)).toBeCloseTo(length, 6);
    expect(own.flatMap((part) => part.places).sort((a, b) => a - b)).toEqual(places.map((_, k) => k));
  }
});

test('in the order of fitting, what the torch does not reach is what is told at Cope', () => {
  const at = (piece: string) => plan.fitOrder.indexOf(piece);
  for (const [i, { tube, end, length, places }] of room.seams.entries()) {
    const piece = room.tubes[tube]?.piece ?? '';
    const told = seams.find((one) => one.piece === piece && one.end === end.cut.end);
    const parts = room.parts.flatMap((part, k) => (part.seam === i ? [room.problem.parts[k]!] : []));
    const hidden = parts
      .flatMap((part) => part.places)
      .filter(
        ({ roof, tubes }) =>
          tubes
            .filter((one) => at(room.tubes[one.tube]?.piece ?? '') < at(piece))
            .reduce((bits, { closed }) => bits | closed, roof.dropped) === CLOSED,
      );
    expect((hidden.length / places.length) * length).toBeCloseTo(told?.reach.hidden ?? 0, 6);
  }
});
