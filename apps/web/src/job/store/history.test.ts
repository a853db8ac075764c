import fc from 'fast-check';
import { begin, edit, type History, redo, seal, undo } from './history.ts';

test('edits of one key in a row are one step, so that typing a number is one undo', () => {
  let history = begin('');
  for (const text of ['2', '23', '23 3', '23 3/8']) history = edit(history, 'roof', text);
  expect(undo(history).present).toBe('');
  expect(redo(undo(history)).present).toBe('23 3/8');
});

test('another key, or a seal, begins a new step', () => {
  const history = edit(seal(edit(edit(begin(0), 'a', 1), 'b', 2)), 'b', 3);
  expect(undo(history).present).toBe(2);
  expect(undo(undo(history)).present).toBe(1);
});

test('an edit after an undo ends what could be redone', () => {
  const history = edit(undo(edit(begin(0), 'a', 1)), 'b', 2);
  expect(redo(history)).toBe(history);
});

test('undo to the bottom and redo to the top come back to the same', () => {
  fc.assert(
    fc.property(fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.nat()), { maxLength: 30 }), (edits) => {
      const done = edits.reduce<History<number>>(
        (history, [key, value]) => edit(history, key, value),
        begin(-1),
      );
      let history = done;
      for (let i = 0; i < 40; i++) history = undo(history);
      expect(history.present).toBe(-1);
      for (let i = 0; i < 40; i++) history = redo(history);
      expect(history.present).toBe(done.present);
    }),
    { seed: 1 },
  );
});
