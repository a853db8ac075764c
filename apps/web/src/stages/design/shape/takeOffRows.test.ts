import { freshShape, type SampleBend, type ShapeOf } from '@gyrus/core';
import { into, narrowed, PLAN_PATH, type PlanPath } from '../../../job/store/planPath.ts';
import { sampleFields, takeOffRows } from './takeOffRows.ts';

const shape = freshShape('take-off', [0, 0, 0], [1000, 0, 0]) as ShapeOf<'take-off'>;
const PATH: PlanPath<ShapeOf<'take-off'>> = narrowed(
  into(into(into(PLAN_PATH, 'members'), 1), 'shape' as never),
);
const SAMPLE: SampleBend = {
  before: { mm: 114.3, typed: '4 1/2 in' },
  after: { mm: 0, typed: '0' },
  takenFrom: 'far-mark',
};

const rowsOf = (rows: ShapeOf<'take-off'>['rows'], sample: SampleBend | null = null) =>
  takeOffRows(rows, sample, into(PATH, 'rows'), (next) => next);
const labels = (fields: readonly { label: string }[]) => fields.map(({ label }) => label);

test('by a sample bend the box asks for the mark, and for a straight without one', () => {
  expect(labels(rowsOf(shape.rows).fields(0))[0]).toBe('straight before');
  expect(labels(rowsOf(shape.rows, SAMPLE).fields(0))[0]).toBe('to its mark');
  expect(sampleFields(null)).toHaveLength(1);
  expect(sampleFields(SAMPLE)).toHaveLength(4);
});

test('the boxes of a turn are those of how it is given: degrees, or two lines and a side', () => {
  const rows = rowsOf(shape.rows).added();
  expect(labels(rowsOf(rows).fields(1))).toContain('turned by, right-handed');
  const [first, second] = rows;
  const lined = [
    first!,
    {
      ...second!,
      turn: { kind: 'lines' as const, round: { mm: 8, typed: '8 mm' }, toward: 'left' as const },
    },
  ];
  expect(labels(rowsOf(lined).fields(1))).toEqual(
    expect.arrayContaining(['lines apart, round the tube', 'last bend up, new line lies']),
  );
});

test('an angle that no bend has is refused where it is typed', () => {
  const bend = rowsOf(shape.rows)
    .fields(0)
    .find(({ type }) => type === 'angle');
  expect(bend).toMatchObject({ least: 0.01, most: 179.98 });
});
