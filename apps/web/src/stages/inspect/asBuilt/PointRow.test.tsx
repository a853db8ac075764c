/** @jest-environment jsdom */
import { type Angle, type AsBuiltPoint } from '@gyrus/core';
import { HANDBOOK_CAR, planWith } from '@gyrus/core/testing';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { openJobWith } from '../../../job/store/firstRevision.ts';
import { type DeviceState } from '../../../shared/devices/useDevices.ts';
import { PointRow } from './PointRow.tsx';

const lean: AsBuiltPoint = {
  key: 'hoop:lean-left',
  what: { kind: 'lean', side: 'left' },
  planned: 4.645,
};
const feet: AsBuiltPoint = { key: 'hoop:feet', what: { kind: 'width', at: 'feet', up: 0 }, planned: 1422.4 };

beforeEach(() => openJobWith(planWith(HANDBOOK_CAR)));

/** The row with a gauge that says something, and what was taken of it. */
function rowWith(point: AsBuiltPoint, gauge: DeviceState): (Angle | null)[] {
  const taken: (Angle | null)[] = [];
  render(
    <table>
      <tbody>
        <PointRow
          {...{ point, gauge, taped: null, turned: null, deviation: undefined }}
          onTaped={() => undefined}
          onTurned={(value) => taken.push(value)}
        />
      </tbody>
    </table>,
  );
  return taken;
}
const button = () => screen.queryByRole('button', { name: /take the gauge's reading/ });

test('a steady gauge is taken by a press, to a tenth of a degree, and never by itself', async () => {
  const taken = rowWith(lean, { is: 'reading', deg: 4.5678, steady: true });
  expect(taken).toEqual([]);
  expect(button()?.textContent).toBe('Take 4.6°');
  await userEvent.click(button()!);
  expect(taken).toEqual([{ deg: 4.6, typed: '4.6' }]);
});

test('one that still moves is not taken', async () => {
  const taken = rowWith(lean, { is: 'reading', deg: 4.5678, steady: false });
  expect(button()).toHaveProperty('disabled', true);
  await userEvent.click(button()!);
  expect(taken).toEqual([]);
});

test.each([
  [{ is: 'none' }],
  [{ is: 'silent' }],
  [{ is: 'idle' }],
  [{ is: 'trouble', why: 'babble' }],
] as const)('a gauge that %j offers nothing', (gauge) => {
  rowWith(lean, gauge);
  expect(button()).toBeNull();
  expect(screen.getByText('not measured')).toBeTruthy();
});

test('a width is taped: no gauge is asked for it', () => {
  rowWith(feet, { is: 'reading', deg: 4.5, steady: true });
  expect(button()).toBeNull();
  expect(screen.getByRole('textbox', { name: /^Feet apart/ })).toBeTruthy();
});
