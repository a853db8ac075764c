import { freshBend, practiceIn, pulledTo } from './practised.ts';

const practice = practiceIn({ seed: 5 });
const zeroed = { ...freshBend(1), zeroed: true };

test('a pull is the same after a reload, and another on another piece', () => {
  const pull = pulledTo(practice, zeroed, 80);
  expect(pulledTo(practiceIn(JSON.parse(JSON.stringify(practice))), zeroed, 80)).toEqual(pull);
  const others = [1, 2, 3, 4].map(
    (pieces) => pulledTo({ ...practice, pieces }, zeroed, 80).pulls[0]?.released,
  );
  expect(new Set([...others, pull.pulls[0]?.released]).size).toBeGreaterThan(1);
});

test('pulled farther a bend never opens', () => {
  let made = zeroed;
  for (let reading = 60; reading < 70; reading += 0.2) made = pulledTo(practice, made, reading);
  const released = made.pulls.map((pull) => pull.released);
  expect(released).toEqual([...released].sort((a, b) => a - b));
  expect(released.at(-1)).toBeLessThan(70);
});

test('whatever was kept opens as practice', () => {
  for (const kept of [null, 'x', { bends: [null, { pulls: 'x' }], seed: 'y' }])
    expect(practiceIn(kept)).toMatchObject({ pieces: 0, wasted: 0 });
});
