import { judgeCatalogue, judgeMeasured } from './index.ts';

test.each([
  [-0.001, 'out'],
  [0, 'look'],
  [-4e-7, 'look'],
  [2.999, 'look'],
  [3, 'clear'],
  [2.9999996, 'clear'],
  [50, 'clear'],
])('a measured margin of %d mm with 3 mm of error: %s', (margin, status) => {
  expect(judgeMeasured(margin, 3)).toBe(status);
});

test.each([
  [0, 'clear'],
  [-0.009, 'clear'],
  [-0.01, 'clear'],
  [-0.011, 'out'],
])('a catalogue margin of %d mm: %s', (margin, status) => {
  expect(judgeCatalogue(margin)).toBe(status);
});
