import { pieceAnswerOf } from '../../evaluation.ts';
import { bar, cageOf, mm, placeAt, point, stationOn } from '../../testing/index.ts';
import { answersOf, tubeOf, saysOf } from '../../testing/placed.ts';

test('an existing tube is a header like others and is neither ordered nor bent', () => {
  const old = bar('ol', 'rear-cross', point(-500, 500, 400), point(-500, -500, 400), { existing: true });
  const strut = bar('st', 'strut', stationOn('m-ol', 'end-a', 300), point(-200, 200, 50));
  const answers = answersOf(cageOf(old, strut));
  expect(answers.joints.map(({ header }) => header)).toEqual(['p-ol']);
  expect(pieceAnswerOf(answers, 'p-ol')?.answer.sheet).toBeNull();
  expect(answers.totals.tubes).toBe(2);
  expect(answers.findings.filter(({ code }) => code === 'no-die' || code === 'does-not-bend')).toHaveLength(
    1,
  );
});

test('an end that is cut back shortens the tube by as much; more than its straight is refused', () => {
  const cut = (a: number) =>
    cageOf(
      bar('ol', 'rear-cross', point(-500, 500, 400), point(-500, -500, 400), { cut: { a: mm(a), b: mm(0) } }),
    );
  expect(tubeOf(cut(120), 'p-ol').developed).toBeCloseTo(880, 9);
  expect(saysOf(cut(1000))[0]).toContain('its straight there is 1000 mm');
});

test('an offset moves the bar off its node, and the joint says by how much', () => {
  const stays = bar('bs', 'backstay', stationOn('m-hoop', 'crown-left'), point(-800, 420, 250), {
    offset: placeAt(0, 0, 20),
  });
  const [joint] = answersOf(cageOf(stays)).joints;
  expect(joint?.eccentricity).toBeGreaterThan(10);
  expect(answersOf(cageOf(stays)).findings.map(({ code }) => code)).toContain('off-node');
});
