import { told } from './told.ts';

test('a sentence keeps its lengths as figures, and reads in millimetres where nobody asks for another unit', () => {
  const { message, said } = told`the ends are ${{ mm: 411.2 }} apart, ${3} times`;
  expect(message).toBe('the ends are 411 mm apart, 3 times');
  expect(said).toEqual(['the ends are ', { mm: 411.2 }, ' apart, ', '3', ' times']);
});

test('a least is rounded up and a most down, so that who follows the advice is within it', () => {
  expect(told`${{ mm: 80.1, round: 'up' }} at least, ${{ mm: 99.9, round: 'down' }} at most`.message).toBe(
    '81 mm at least, 99 mm at most',
  );
  expect(told`${{ mm: -80.1, round: 'up' }}, ${{ mm: -80.1, round: 'down' }}`.message).toBe('-80 mm, -81 mm');
});

test('signed and fine lengths, and one sentence inside another', () => {
  const inner = told`moved by ${{ mm: 3.6, signed: true }}`;
  expect(told`${inner}; ${{ mm: -0.4, signed: true }}; ${{ mm: 2.413, fine: true }}`.message).toBe(
    'moved by +4 mm; 0 mm; 2.41 mm',
  );
});
