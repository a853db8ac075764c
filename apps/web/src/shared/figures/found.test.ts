import { found } from './found.ts';

const JOBS = [
  ['Blue one', 'Ptarmigan 1300', 'frozen lake'],
  ['Éclair', 'Solan coupe', ''],
  ['Bar', '', ''],
];

test.each([
  ['', ['Blue one', 'Éclair', 'Bar']],
  ['ptar', ['Blue one']],
  [' lake  blue ', ['Blue one']],
  ['ECLAIR', ['Éclair']],
  ['solan 1300', []],
])('%j finds %j', (words, names) => {
  expect(found(JOBS, words, (texts) => texts).map(([name]) => name)).toEqual(names);
});

test('all words are looked for, in any of the texts, whatever their case', () => {
  const rows = [
    { stamp: 'MH', who: 'Aino' },
    { stamp: 'SL', who: 'Aino' },
  ];
  const textsOf = ({ stamp, who }: (typeof rows)[number]) => [stamp, who];
  expect(found(rows, ' aino  mh ', textsOf)).toEqual([rows[0]]);
  expect(found(rows, '', textsOf)).toHaveLength(2);
  expect(found(rows, 'eero', textsOf)).toEqual([]);
});
