import { emptyPlan, type Plan } from '../plan/index.ts';
import { beyondFindings } from './beyondFindings.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const plan = (changes: Partial<Plan['survey']>): Plan => {
  const empty = emptyPlan({ member: 'm', piece: 'p' }, 'mm');
  return { ...empty, survey: { ...empty.survey, ...changes } };
};
const point = (id: string, ...at: [number, number, number]) => ({
  id,
  name: id,
  side: null,
  zone: null,
  at: at.map(mm) as Plan['survey']['points'][number]['at'],
});

test('what a car can have is not told', () => {
  expect(
    beyondFindings(
      plan({ measures: { headlinerCentre: mm(1080) }, points: [point('a', -14_999, 0, 15_000)] }),
    ),
  ).toEqual([]);
});

test('a figure that no car has is asked, by what it is of, with the farthest of a place', () => {
  const found = beyondFindings(
    plan({ measures: { halfWidthFloorLeft: mm(17_068.8) }, points: [point('pillar', 20_000, -30_000, 0)] }),
  );
  expect(found).toMatchObject([
    {
      code: 'beyond-any-car',
      status: 'ask',
      measured: { mm: -30_000 },
      restsOn: [{ of: 'point', name: 'pillar' }],
    },
    {
      measured: { mm: 17_068.8 },
      limit: { mm: 15_000 },
      restsOn: [{ of: 'measure', name: 'halfWidthFloorLeft' }],
    },
  ]);
});

test('one of a member is told of the member', () => {
  const { members, ...rest } = emptyPlan({ member: 'm', piece: 'p' }, 'mm');
  const [hoop] = members;
  if (hoop?.role !== 'main-hoop') throw new Error('a new plan has its hoop');
  const found = beyondFindings({ ...rest, members: [{ ...hoop, footLift: mm(50_000) }] });
  expect(found).toMatchObject([{ member: 'm', measured: { mm: 50_000 } }]);
});
