import { type Evaluation } from '@gyrus/core';
import { tubeToPrint } from './tubeToPrint.ts';

const piece = (id: string, hasSheet: boolean) => ({ piece: id, sheet: hasSheet ? { piece: id } : null });
const member = (id: string, hasSheet: boolean, isHoop = false) => ({
  member: id,
  hoop: isHoop ? { none: { why: 'missing', missing: [] } } : null,
  gaps: [],
  pieces: [piece(id, hasSheet)],
});
const of = (...members: object[]) => ({ members }) as unknown as Evaluation;

test('the tube that is worked on, else the hoop, else the first that has a sheet', () => {
  const cage = of(member('bar', true), member('hoop', true, true), member('other', true));
  expect(tubeToPrint(cage, 'other')).toBe('other');
  expect(tubeToPrint(cage, null)).toBe('hoop');
  expect(tubeToPrint(of(member('bar', true), member('hoop', false, true)), null)).toBe('bar');
});

test('a tube without a sheet is not printed, and without any sheet nothing is', () => {
  expect(tubeToPrint(of(member('bar', true), member('old', false)), 'old')).toBe('bar');
  expect(tubeToPrint(of(member('old', false)), 'old')).toBeNull();
  expect(tubeToPrint(of(), null)).toBeNull();
});
