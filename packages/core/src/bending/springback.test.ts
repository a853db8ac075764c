import { expectValue } from '../fault/index.ts';
import { springbackFrom } from './index.ts';
import { type TestBend } from './input.ts';

const pulled = (reading: number, released: number): TestBend => ({ reading, released });
const faultOf = (tests: TestBend[], target = 60) => {
  const found = springbackFrom({ tests, target });
  return found.ok ? null : found.fault;
};

// A bend opens or stays when it is released, and never closes: a fact of the trade.

test('dead tube that does not spring back at all is pulled to the angle itself, by one test or by more', () => {
  expect(expectValue(springbackFrom({ tests: [pulled(45, 45)], target: 60 })).reading).toBe(60);
  const line = expectValue(springbackFrom({ tests: [pulled(30, 30), pulled(90, 90)], target: 60 }));
  expect(line).toMatchObject({ model: 'line', a: 0, b: 1, reading: 60 });
});

test('one test says the same as share and as constant at its own angle: there the share is taken', () => {
  expect(expectValue(springbackFrom({ tests: [pulled(33, 30)], target: 30 }))).toMatchObject({
    model: 'share',
    reading: 33,
  });
});

test('a test that closes when released is named, with both its angles', () => {
  expect(faultOf([pulled(30, 28), pulled(60, 61.5), pulled(90, 92)])).toEqual({
    code: 'closes-on-release',
    path: '/tests/1/released',
    message: 'a bend opens when released: 61.5° cannot come of a reading of 60°',
  });
});

test('tests at one reading, on a line that does not rise, or that ask for less than the angle, say what to do', () => {
  expect(faultOf([pulled(60, 55), pulled(60, 56)])).toEqual({
    code: 'one-reading',
    path: '/tests',
    message: 'all tests have one reading: pull one at another angle',
  });
  const falling = 'the tests have the angle shrink as the dial grows: measure them again';
  // Level is not rising either: no reading would give the angle.
  expect(faultOf([pulled(60, 50), pulled(90, 50)])).toMatchObject({ code: 'slope', message: falling });
  expect(faultOf([pulled(60, 50), pulled(90, 40)])).toMatchObject({
    code: 'slope',
    path: '/tests',
    message: falling,
  });
  expect(faultOf([pulled(10, 9), pulled(20, 19.9)], 60)).toMatchObject({
    code: 'reading-below-target',
    path: '/target',
    message:
      'the tests would have the dial read 56.79° for 60°, less than the angle itself: test nearer to it',
  });
});
