import { angle } from '../testing/index.ts';
import { book, ruled } from '../testing/ruledHoop.ts';

test('tilt: clear, within the protractor’s error, out', () => {
  const limit = [book([{ kind: 'tilt-from-vertical', most: angle('10') }])];
  const status = (tilt: string) => ruled(limit, { car: { pillarTilt: tilt } })[0]?.status;
  expect([status('9.4'), status('9.5'), status('9.7'), status('10'), status('10.1')]).toEqual([
    'clear',
    'clear',
    'look',
    'look',
    'out',
  ]);
  expect(ruled(limit, { car: { pillarTilt: '-9.7' } })[0]).toMatchObject({
    status: 'look',
    measured: { deg: 9.7 },
    limit: { deg: 10 },
    margin: { deg: expect.closeTo(0.3, 9) as number },
    rule: { clause: '0', provenance: 'invented' },
  });
});

test('the measuring error can be set', () => {
  const limit = [book([{ kind: 'tilt-from-vertical', most: angle('10') }])];
  const careful = { plan: { measuringError: { mm: 3, deg: 0.1 } }, car: { pillarTilt: '9.7' } };
  expect(ruled(limit, careful)[0]?.status).toBe('clear');
});

test('radius and bends against the book; the radius is a catalogue size and compares as it is', () => {
  expect(ruled([book([{ kind: 'least-clr-ratio', ratio: 3 }])])[0]).toMatchObject({
    status: 'clear',
    measured: { ratio: expect.closeTo(3, 9) as number },
  });
  expect(ruled([book([{ kind: 'least-clr-ratio', ratio: 3.5 }])])[0]?.status).toBe('out');
  const bends = ruled([book([{ kind: 'bends', most: 1, largestAngle: angle('85.5') }])]);
  expect(bends.map((one) => [one.code, one.status])).toEqual([
    ['bend-count', 'out'],
    ['bend-angle', 'look'],
  ]);
});

test('a continuous tube is one piece', () => {
  const rule = [book([{ kind: 'continuous-tube' }])];
  expect(ruled(rule)[0]?.status).toBe('clear');
  const pieces = [
    { id: 'p-hoop', stamp: 'MH' },
    { id: 'p2', stamp: 'M2' },
  ];
  expect(ruled(rule, { hoop: { pieces } })[0]?.status).toBe('out');
});

test('what cannot be computed is asked, never passed; an answer settles it', () => {
  const rule = [book([{ kind: 'ask', question: 'Inspection hole drilled?' }])];
  expect(ruled(rule)[0]?.status).toBe('ask');
  const answered = (answer: 'yes' | 'no') =>
    ruled(rule, {
      plan: { answers: { 'b/r0/m-hoop': { answer, by: 'E. L.', note: '', on: null, photos: [] } } },
    })[0]?.status;
  expect([answered('yes'), answered('no')]).toEqual(['clear', 'out']);
});

test('rules wait for a hoop, and a book that is not at hand is told', () => {
  expect(
    ruled([book([{ kind: 'tilt-from-vertical', most: angle('10') }])], { car: { headlinerCentre: '1' } })[0],
  ).toMatchObject({ code: 'waiting', status: 'ask' });
  expect(ruled([])[0]).toMatchObject({ code: 'book-missing', status: 'ask' });
});

test('a rule of a class holds for that class alone', () => {
  const ice = book([{ kind: 'continuous-tube' }]);
  const limited = [{ ...ice, rules: ice.rules.map((rule) => ({ ...rule, classes: ['ice'] })) }];
  // While none is chosen it is asked, not passed over.
  expect(ruled(limited)).toMatchObject([{ code: 'class-missing', status: 'ask' }]);
  expect(ruled(limited, { brief: { books: [{ book: 'b', class: 'ice', edition: null }] } })).toHaveLength(1);
});
