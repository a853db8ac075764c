import fc from 'fast-check';
import { lineCutter, newsOf } from './deviceLine.ts';

test.each([
  ['{"device":"dial","deg":62.1}', { kind: 'reading', device: 'dial', deg: 62.1 }],
  ['{"device":"gauge","deg":null,"more":1}', { kind: 'reading', device: 'gauge', deg: null }],
  ['{"device":"gauge","deg":-1}', { kind: 'trouble', device: 'gauge', why: 'impossible' }],
  ['{"device":"dial","deg":999.9}', { kind: 'trouble', device: 'dial', why: 'impossible' }],
  ['{"device":"dial","deg":"62"}', { kind: 'trouble', device: 'dial', why: 'babble' }],
  ['{"device":"dial"}', { kind: 'trouble', device: 'dial', why: 'babble' }],
  ['{"device":"drill","deg":1}', { kind: 'trouble', device: null, why: 'babble' }],
  ['[1]', { kind: 'trouble', device: null, why: 'babble' }],
  ['~dial#', { kind: 'trouble', device: null, why: 'babble' }],
])('%s', (line, news) => expect(newsOf(line)).toEqual(news));

test('whatever comes over the wire, a reading is a possible angle or nothing', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (line) => {
      const news = newsOf(line);
      if (news.kind === 'reading' && news.deg !== null) expect(Math.abs(news.deg)).toBeLessThanOrEqual(220);
    }),
  );
});

test('lines are put together whichever way they are cut, and one without an end is given up', () => {
  fc.assert(
    fc.property(fc.array(fc.stringMatching(/^[a-z]{1,20}$/)), fc.array(fc.nat(200)), (lines, cuts) => {
      const wire = lines.map((line) => `${line}\n`).join('');
      const places = [...new Set([0, ...cuts.filter((at) => at < wire.length), wire.length])].sort(
        (a, b) => a - b,
      );
      const cut = lineCutter();
      const got = places.slice(1).flatMap((to, i) => cut(wire.slice(places[i], to)));
      expect(got).toEqual(lines);
    }),
  );
  const cut = lineCutter();
  expect(cut('x'.repeat(1500))).toHaveLength(1);
  expect(cut('\n{"a":1}\n')).toEqual(['{"a":1}']);
});
