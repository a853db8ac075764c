import { itemAt } from '../items/index.ts';
import { assumed } from '../measure/index.ts';
import { inch } from '../testing/index.ts';
import { hoopIssued } from '../testing/twoInchShop.ts';
import { loggedTube, wantedBend } from './loggedBend.ts';

const { sheet, tube } = hoopIssued();

test('a bend of the log says what it was to be, by its die, its tube and the turn from the bend before', () => {
  const [first, second] = [0, 1].map((i) => wantedBend(sheet, itemAt(sheet.bends, i), tube));
  const bend = itemAt(sheet.bends, 1);
  expect(first).toMatchObject({
    stamp: sheet.stamp,
    bend: 1,
    die: 'd-2in',
    machine: 'bender',
    wantedTurn: null,
  });
  expect(second?.target.deg).toBeCloseTo(bend.angle, 3);
  expect(second?.wantedTurn?.deg).toBeCloseTo(bend.rotation, 3);
});

test('what is known of a figure is of the plan and not of the log', () => {
  const guessed = { ...tube, od: assumed(inch('2')) };
  expect(guessed.od).toHaveProperty('known');
  expect(loggedTube(guessed).od).toEqual({ mm: 50.8, typed: guessed.od.typed });
});
