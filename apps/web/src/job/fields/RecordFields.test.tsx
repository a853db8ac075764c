/** @jest-environment jsdom */
import { EMPTY_SHOP, evaluate, millimetres, type Occupant, type Plan } from '@gyrus/core';
import { bar, cageOf, mm, personOf, plateOf, point } from '@gyrus/core/testing';
import { act, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { EvaluationContext } from '../../answers/useAnswers.ts';
import { gussetFields } from '../../stages/design/parts/gussetFields.ts';
import { plateFields } from '../../stages/design/parts/plateFields.ts';
import { into, PLAN_PATH } from '../store/planPath.ts';
import { openJobWith } from '../store/firstRevision.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { fieldsOf } from './recordField.ts';
import { RecordFields } from './RecordFields.tsx';

const stay = bar('stay', 'backstay', point(0, 450, 900), point(-900, 450, 200), { pair: 'mirrored' });
const base = cageOf(stay);
const start: Plan = {
  ...base,
  units: { length: 'mm', fraction: 16 },
  plates: [plateOf({})],
  gussets: [
    {
      id: 'gusset',
      stamp: 'GP1',
      kind: 'flat',
      between: [{ member: 'm-hoop' }, { member: 'm-stay', side: 'left' }],
      legs: [mm(100), mm(100)],
      thickness: mm(2),
      holes: [],
      twin: false,
    },
  ],
  occupants: [personOf('driver')],
};
const plan = (): Plan => usePlanStore.getState().history?.present ?? start;
beforeEach(() => openJobWith(start));

const PLATE = into(into(PLAN_PATH, 'plates'), 0);
function Plate() {
  const { plates, members } = usePlan();
  return plates[0] ? <RecordFields path={PLATE} fields={plateFields(plates[0], members)} /> : null;
}

test('a length goes into the plan as it was typed, and half of one stays beside it', async () => {
  render(<Plate />);
  const box = screen.getByRole('textbox', { name: 'thickness' });
  await userEvent.clear(box);
  await userEvent.type(box, '1/8 in');
  expect(plan().plates[0]?.thickness).toEqual({ mm: 3.175, typed: '1/8 in' });
  await userEvent.type(box, ' or');
  expect(Object.values(usePlanStore.getState().typing)).toEqual(['1/8 in or']);
});

test('a stamp is what the steel takes: four capitals or digits, and never nothing', async () => {
  render(<Plate />);
  const box = screen.getByRole('textbox', { name: 'stamp' });
  await userEvent.type(box, '-ab c9x');
  expect(plan().plates[0]?.stamp).toBe('P1AB');
  await userEvent.clear(box);
  expect(plan().plates[0]?.stamp).not.toBe('');
});

test('one of whole records: another outline brings its own fields, and undo brings back the one before', async () => {
  render(<Plate />);
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'outline' }), 'parallelogram');
  expect(plan().plates[0]?.outline.kind).toBe('parallelogram');
  expect(screen.getByRole('textbox', { name: /angle between/ })).toBeTruthy();
  act(() => usePlanStore.getState().undo());
  expect(plan().plates[0]).toEqual(start.plates[0]);
});

test('a whole record that is none of those offered is shown as it is', () => {
  render(<Plate />);
  act(() =>
    usePlanStore
      .getState()
      .change('x', (draft) => void (draft.plates[0]!.under = { member: 'gone', end: 'a' })),
  );
  expect(screen.getByRole('combobox', { name: 'under' })).toHaveProperty('value', '-1');
});

test('an own place is three boxes, and a choice that is neither yes nor no is the empty one', async () => {
  render(<Plate />);
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'its place' }), 'is its own');
  await userEvent.click(screen.getByRole('button', { name: 'Write down: where' }));
  const place = screen.getByRole('group', { name: 'where' });
  const left = within(place).getByRole('textbox', { name: /to the left/ });
  await userEvent.clear(left);
  await userEvent.type(left, '310');
  expect(plan().plates[0]?.at?.map((one) => one.mm)).toEqual([0, 310, 0]);
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'stands on' }), 'what the brief says');
  expect(plan().plates[0]?.on).toBeNull();
});

test('a count is whole and within its limits, and says so where it is not', async () => {
  act(() =>
    usePlanStore.getState().change('bolts', (draft) => {
      draft.plates[0]!.bolts = { count: 3, size: millimetres(8), grade: '8.8', backing: null };
    }),
  );
  render(<Plate />);
  const box = screen.getByRole('textbox', { name: 'how many' });
  await userEvent.clear(box);
  await userEvent.type(box, '400');
  expect(screen.getByText('a number from 1 to 40')).toBeTruthy();
  expect(plan().plates[0]?.bolts?.count).toBe(40);
});

test('a tube is chosen among those that stand, each of twins by itself', async () => {
  const evaluation = evaluate(start, EMPTY_SHOP, []);
  render(
    <EvaluationContext value={evaluation}>
      <RecordFields path={into(into(PLAN_PATH, 'gussets'), 0)} fields={gussetFields(start.gussets[0]!)} />
    </EvaluationContext>,
  );
  const second = screen.getByRole('combobox', { name: 'and this one' });
  const options = within(second)
    .getAllByRole('option')
    .map((one) => one.textContent);
  expect(options).toHaveLength(3);
  await userEvent.selectOptions(second, options.find((one) => one?.includes('right')) ?? '');
  expect(plan().gussets[0]?.between[1]).toEqual({ member: 'm-stay', side: 'right' });
});

test('a place that may be missing is written down where it starts, and taken out again', async () => {
  const fields = [fieldsOf<Occupant>().place('helmetTop', 'top of the helmet', [10.4, -350, 980.6])];
  render(<RecordFields path={into(into(PLAN_PATH, 'occupants'), 0)} fields={fields} />);
  await userEvent.click(screen.getByRole('button', { name: 'Write down: top of the helmet' }));
  expect(plan().occupants[0]?.helmetTop?.map((one) => one.mm)).toEqual([10, -350, 981]);
  await userEvent.click(screen.getByRole('button', { name: 'take out: top of the helmet' }));
  expect(plan().occupants[0]?.helmetTop).toBeNull();
});
