import { parseStrength, strengthInBoth } from './strength.ts';

const mpaOf = (text: string, unit: 'MPa' | 'ksi' = 'MPa') => {
  const read = parseStrength(text, unit);
  return read.ok ? read.value.mpa : read.fault.code;
};

test('strengths are read in the units of certificates; a bare number is of the reader’s', () => {
  // 1 ksi is 6.894 757 MPa (NIST SP 811, appendix B).
  expect(mpaOf('78 ksi')).toBeCloseTo(537.79, 2);
  expect(mpaOf('78', 'ksi')).toBeCloseTo(537.79, 2);
  for (const text of ['540 MPa', '540', '540 N/mm2', ' 540 n/mm² ']) expect(mpaOf(text)).toBe(540);
  expect(strengthInBoth({ mpa: 540, typed: '' })).toBe('540 MPa · 78 ksi');
});

test.each(['', 'strong', '540 bar', '78 MPa', '540 ksi', '-1'])('“%s” is none', (text) => {
  expect(parseStrength(text, 'MPa').ok).toBe(false);
});
