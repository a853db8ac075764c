import { springbackFrom } from '@gyrus/core';
import { commandOf } from './command.ts';
import { SimulatedDevices } from './simulatedDevices.ts';

const degIn = (lines: string[], device: string): number | null | undefined =>
  lines
    .filter((line) => line.startsWith('{') && line.endsWith('}'))
    .map((line) => JSON.parse(line) as { device: string; deg: number | null })
    .find((one) => one.device === device)?.deg;

/** Zeroes, pulls to a reading and releases; the dial at full pull and the gauge after it. */
function bend(devices: SimulatedDevices, to: number, zeroed = true) {
  devices.do({ do: 'next' });
  if (zeroed) devices.do({ do: 'zero' });
  devices.do({ do: 'pull', to, rate: 500 });
  const dial = degIn(devices.tick(1000), 'dial');
  devices.do({ do: 'release' });
  return { dial, gauge: degIn(devices.tick(100), 'gauge') };
}

test('the dial goes where it is pulled, at its rate, and the gauge has nothing to say before a release', () => {
  const devices = new SimulatedDevices(7);
  devices.do({ do: 'zero' });
  devices.do({ do: 'pull', to: 60, rate: 15 });
  const lines = devices.tick(2000);
  expect(degIn(lines, 'dial')).toBeGreaterThan(29);
  expect(degIn(lines, 'dial')).toBeLessThan(31);
  expect(degIn(lines, 'gauge')).toBeNull();
  expect(degIn(devices.tick(4000), 'dial')).toBeCloseTo(60, 0);
});

test('a bend opens when it is released, by a springback that three bends find out', () => {
  const devices = new SimulatedDevices(3);
  const tests = [30, 45, 60, 75, 90].map((to) => {
    const { dial, gauge } = bend(devices, to);
    if (typeof dial !== 'number' || typeof gauge !== 'number') throw new Error('both devices speak');
    expect(gauge).toBeLessThan(dial);
    return { reading: dial, released: gauge };
  });
  const fit = springbackFrom({ tests, target: 70 });
  if (!fit.ok) throw new Error(fit.fault.message);
  expect(fit.value.b).toBeGreaterThan(0.92);
  expect(fit.value.b).toBeLessThan(1);
  const { gauge } = bend(devices, fit.value.reading);
  expect(Math.abs((gauge ?? 0) - 70)).toBeLessThan(1.2);
});

test('a dial that is not zeroed under preload shows a pull that was not there', () => {
  const [right, wrong] = [true, false].map((zeroed) => bend(new SimulatedDevices(5), 60, zeroed).gauge ?? 0);
  expect((right ?? 0) - (wrong ?? 0)).toBeGreaterThan(0.5);
});

test('silent, babbling and straying devices say nothing, rubbish, and what cannot be, and get well again', () => {
  const devices = new SimulatedDevices(1);
  const ail = (what: 'silent' | 'babble' | 'stray') => {
    devices.do({ do: 'ail', device: 'dial', with: what, seconds: 0.2 });
    return devices.tick(200);
  };
  expect(ail('silent')).toHaveLength(1);
  expect(() => JSON.parse(ail('babble')[0] ?? '') as unknown).toThrow();
  expect(degIn(ail('stray'), 'dial')).toBe(999.9);
  expect(degIn(devices.tick(100), 'dial')).toBeLessThan(10);
});

test.each([
  ['zero', { do: 'zero' }],
  ['pull 88.4', { do: 'pull', to: 88.4, rate: 15 }],
  ['pull 88.4 200', { do: 'pull', to: 88.4, rate: 200 }],
  ['silent gauge', { do: 'ail', device: 'gauge', with: 'silent', seconds: 3 }],
  ['babble dial 1.5', { do: 'ail', device: 'dial', with: 'babble', seconds: 1.5 }],
  ['pull', null],
  ['pull -3', null],
  ['pull 999', null],
  ['silent drill', null],
  ['release now', null],
  ['dance', null],
])('typed: %s', (line, command) => expect(commandOf(line)).toEqual(command));
