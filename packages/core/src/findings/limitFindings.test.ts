import { releasedWidths } from '../cage/index.ts';
import { evaluate } from '../evaluate.ts';
import { hoopAnswerOf } from '../evaluation.ts';
import { millimetres } from '../measure/index.ts';
import { newOccupant, type JobLimit, type Plan } from '../plan/index.ts';
import { HANDBOOK_CAR, planWith } from '../testing/index.ts';
import { releasedLimits } from './bender/releasedLimits.ts';
import { die, bending, shop } from '../testing/twoInchShop.ts';

const base = planWith(HANDBOOK_CAR);
const [hoop] = base.members;
if (!hoop) throw new Error('the plan has a hoop');
const plan = { ...base, dies: [die], members: [{ ...hoop, bending: bending() }] } as Plan;
const figures = () => {
  const answer = hoopAnswerOf(evaluate(plan, shop, []));
  if (!answer || !('hoop' in answer.hoop)) throw new Error('the hoop stands');
  return answer.hoop.hoop.figures;
};
const limit = (figure: JobLimit['figure'], bound: JobLimit['bound'], mm: number): JobLimit => ({
  id: 'limit',
  figure,
  bound,
  length: millimetres(mm),
  note: '',
});
const found = (one: JobLimit, changes: Partial<Plan> = {}) =>
  evaluate({ ...plan, ...changes, limits: [one] }, shop, []).findings.find(
    ({ code }) => code === 'job-limit',
  );

test('a width at the feet is held against the most that the job wants, and the tape is not trusted beyond its error', () => {
  const outside = figures().feetOutside.value;
  const error = plan.measuringError.mm;
  const at = (over: number) => found(limit('feet-outside', 'most', outside + over));
  expect([at(error + 1)?.status, at(error / 2)?.status, at(-1)?.status]).toEqual(['clear', 'look', 'out']);
  expect(at(-1)).toMatchObject({
    measured: { mm: outside },
    margin: { mm: expect.closeTo(-1, 9) as number },
  });
});

test('the least that the job wants, of every figure that the hoop has', () => {
  const { feetApart, cornersApart, crownHeight } = figures();
  for (const [figure, { value }] of [
    ['feet-apart', feetApart],
    ['corners-apart', cornersApart],
    ['crown-height', crownHeight],
  ] as const) {
    expect(found(limit(figure, 'least', value - 50))).toMatchObject({
      status: 'clear',
      measured: { mm: value },
    });
    expect(found(limit(figure, 'least', value + 50))?.status).toBe('out');
  }
});

test('without a helmet, or without a hoop, a limit asks', () => {
  const over = limit('crown-over-helmet', 'least', 50);
  expect(found(over)).toMatchObject({ status: 'ask', measured: null, limit: { mm: 50 } });
  expect(found(over, { members: [] })?.status).toBe('ask');
  expect(found(limit('feet-apart', 'most', 1), { survey: { ...plan.survey, measures: {} } })?.status).toBe(
    'ask',
  );
});

test('the crown over the helmet is the top of the tube less the top of the helmet', () => {
  const top = figures().crownHeight.value + 25.4;
  const at = [millimetres(0), millimetres(0), millimetres(top - 70)] as [
    ReturnType<typeof millimetres>,
    ReturnType<typeof millimetres>,
    ReturnType<typeof millimetres>,
  ];
  const occupants = [{ ...newOccupant('o'), helmetTop: at }];
  const measured = found(limit('crown-over-helmet', 'least', 50), { occupants })?.measured;
  expect(measured).toEqual({ mm: expect.closeTo(70, 6) as number });
});

test('a helmet that nobody measured leaves the limit asking, whatever it would be', () => {
  const place = (mm: number) => ({ ...millimetres(mm), known: { how: 'assumed' as const } });
  const helmetTop: Plan['occupants'][number]['helmetTop'] = [place(0), place(0), place(900)];
  const occupants = [{ ...newOccupant('o'), helmetTop }];
  const asked = found(limit('crown-over-helmet', 'least', 1), { occupants, proposalsMarked: true });
  expect(asked).toMatchObject({ status: 'ask', would: 'clear' });
  expect(asked?.restsOn.length).toBeGreaterThan(0);
});

test('a limit of the feet is held against the worse end of what the bends may release to', () => {
  const evaluated = (one: JobLimit) => evaluate({ ...plan, limits: [one] }, shop, []);
  const at = (one: JobLimit) => {
    const { findings } = evaluated(one);
    const sheet = hoopAnswerOf(evaluated(one))?.sheet;
    if (!sheet) throw new Error('the hoop has a sheet');
    const [ends] = releasedWidths(sheet)?.widths ?? [];
    if (!ends) throw new Error('its die has test bends enough');
    return { ends, found: releasedLimits([one], findings, sheet)[0] };
  };
  const outside = figures().feetOutside.value;
  const { ends, found: wide } = at(limit('feet-outside', 'most', outside + 1));
  // Short bends stand the feet apart; the width over the tubes grows by as much as that between their axes.
  expect(wide?.worst).toBeCloseTo(outside + ends.short - ends.planned, 6);
  expect(wide?.status).toBe('look');
  expect(at(limit('feet-outside', 'most', outside + ends.short - ends.planned + 1)).found?.status).toBe(
    'clear',
  );
  expect(at(limit('feet-apart', 'least', ends.over + 1)).found).toMatchObject({ status: 'look' });
  expect(at(limit('feet-apart', 'least', ends.over - 1)).found).toMatchObject({ status: 'clear' });
  expect(at(limit('crown-height', 'most', 1)).found).toBeUndefined();
});
