import { isAssumed } from '../measure/index.ts';
import { type MainHoop, type Plan, readPlan } from '../plan/index.ts';
import { bar, cageOf, mm, point, stationOn } from '../testing/index.ts';
import { assumedIn, nextCarPlan, recordedThings } from './index.ts';

const by = { by: 'Aino', on: '2026-11-27T10:00:00Z' };
const base = cageOf(
  bar('b', 'backstay', stationOn('m-hoop', 'crown-left', -40), point(-700, 500, 200), { pair: 'mirrored' }),
);
const last: Plan = {
  ...base,
  brief: {
    ...base.brief,
    ...{ car: 'Murrelet', customer: 'T. Vik', dueBy: '2027-01-22', drivers: ['T. Vik'], notes: 'tall' },
  },
  survey: {
    ...base.survey,
    stance: {
      on: 'wheels',
      fallsRight: { deg: 0, typed: '0' },
      fallsForward: { deg: 0, typed: '0' },
      by: 'A',
      measuredOn: by.on,
    },
  },
  members: base.members.map((one) => ({
    ...one,
    tube: { ...one.tube, batch: '7731' },
    ...(one.role === 'main-hoop' && {
      asBuilt: { feetApart: mm(1400), crownUp: null, crownLeft: null, ...by },
    }),
  })),
  answers: { 'b/r/m': { answer: 'yes', note: '', photos: [], ...by } },
  copeTicks: [{ piece: 'p', end: 'a', state: 'cut', cut: '' }],
};

test('what was read off the last car is assumed on the next, and what was chosen for the cage stays chosen', () => {
  const next = nextCarPlan(last, 'From Murrelet, revision 7.');
  const all = recordedThings(next, () => true);
  for (const { name, figures } of all)
    for (const { value, path } of figures)
      // Where a backstay leaves the hoop was chosen; where it lands was read off the car.
      expect(isAssumed(value)).toBe(name.standsFor !== 'cage' && !path.includes('station'));
  expect(all.some(({ figures }) => figures.some(({ path }) => path.includes('station')))).toBe(true);
  // Nothing that a book asks is clear by a figure of another car.
  expect(assumedIn(next).things.length).toBeGreaterThan(Object.keys(next.survey.measures).length);
  expect(next.survey.measures.headlinerCentre?.mm).toBe(last.survey.measures.headlinerCentre?.mm);
  expect(readPlan(JSON.parse(JSON.stringify(next)))).toEqual({ ok: true, value: next });
});

test('what belongs to the last car alone stays there', () => {
  const next = nextCarPlan(last, 'From Murrelet, revision 7.');
  expect(next.brief).toMatchObject({ car: 'Murrelet', customer: '', dueBy: null, drivers: [] });
  expect(next.brief.notes).toBe('From Murrelet, revision 7.\ntall');
  expect([next.answers, next.copeTicks, next.survey.stance]).toEqual([{}, [], null]);
  for (const member of next.members) {
    expect(member.tube.batch).toBe('');
    if (member.role === 'main-hoop') expect(member.asBuilt).toBeNull();
  }
  expect(next.members.map(({ id, stamp }) => [id, stamp])).toEqual(
    last.members.map(({ id, stamp }) => [id, stamp]),
  );
  // A long note is cut, and the plan still opens.
  const long = nextCarPlan({ ...last, brief: { ...last.brief, notes: 'x'.repeat(4000) } }, 'From A.');
  expect(readPlan(JSON.parse(JSON.stringify(long))).ok).toBe(true);
});

test('a hoop that was taped or held up in the last car is assumed in the next; one by its own figures stays chosen', () => {
  const length = (value: number) => ({ mm: value, typed: `${value} mm` });
  const withWay = (way: MainHoop['way']): Plan => ({
    ...base,
    members: base.members.map((one) => (one.role === 'main-hoop' ? { ...one, way } : one)),
  });
  const assumedAfter = (way: MainHoop['way']) =>
    assumedIn(nextCarPlan(withWay(way), 'a car')).things.filter(({ name }) => name.what.startsWith('way-'));
  const station = (height: number, width: number) => ({
    ...{ height: length(height), width: length(width), left: null },
  });
  const taped = {
    kind: 'taped',
    top: length(1100),
    stations: [station(0, 1400), station(700, 1300)],
  } as const;
  expect(assumedAfter({ ...taped, stations: [...taped.stations] }).length).toBeGreaterThan(0);
  const leg = { length: length(1000), lean: { deg: 4, typed: '4' } };
  const figures = {
    kind: 'figures',
    crown: length(1200),
    aside: length(0),
    left: [leg],
    right: null,
  } as const;
  expect(assumedAfter({ ...figures, left: [leg] })).toEqual([]);
});
