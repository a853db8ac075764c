import { type Type } from '@nestjs/common';
import { plainToInstance } from 'class-transformer';
import { getMetadataStorage } from 'class-validator';
import fc from 'fast-check';

/** Texts that have broken programs before: NUL, half a surrogate pair, the prototype, very long ones, directions, markup. */
const TEXTS = [
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud800',
  '\udc00 end',
  '__proto__',
  'constructor',
  'x'.repeat(5000),
  '\u202eabc',
  "'; DROP TABLE job; --",
  '<script>alert(1)</script>',
  '../../etc/passwd',
  '%00',
  'ÅÄÖ 41½',
  '💥',
];
const NUMBERS = [0, -0, -1, 1e-320, 1e308, -1e308, 2 ** 31, 2 ** 53, 0.1 + 0.2, 17_000, 100_000];

/** Stands for arrays in arrays: what writes JSON has no end of stack to go down into them. */
const DEEP = '@deep/';

/** A body as the text that goes over the wire. */
export const wireText = (body: unknown): string =>
  (JSON.stringify(body) ?? '').replace(
    new RegExp(`"${DEEP}(\\d+)"`, 'g'),
    (_, depth: string) => '['.repeat(Number(depth)) + ']'.repeat(Number(depth)),
  );

/** Any JSON value, with a liking for those that break things. */
export const junk: fc.Arbitrary<unknown> = fc.oneof(
  fc.constantFrom(...TEXTS),
  fc.constantFrom(...NUMBERS),
  fc.constantFrom(null, true, false, [], {}, [[]], [null], [{}], { mm: null }, { toString: 1 }),
  fc.constantFrom(50, 1000, 100_000).map((depth) => `${DEEP}${depth}`),
  fc.jsonValue({ maxDepth: 3 }),
);

/** The text of an address's part. */
export const junkText: fc.Arbitrary<string> = fc.oneof(
  fc.constantFrom(...TEXTS, '99999999999999999999', '2147483648', '-1', '1e3', '0x10', 'NaN'),
  fc.string({ unit: 'binary', maxLength: 30 }),
);

interface Check {
  name?: string;
  propertyName: string;
  constraints?: unknown[];
}

/** Bodies for a class, from its own checks: mostly right values, some of them spoilt, keys left out and added. */
export function bodiesFor(type: Type): fc.Arbitrary<unknown> {
  const checks = getMetadataStorage().getTargetValidationMetadatas(type, '', false, false) as Check[];
  const names = [...new Set(checks.map(({ propertyName }) => propertyName))];
  const fields = Object.fromEntries(
    names.map((name) => {
      const own = checks.filter(({ propertyName }) => propertyName === name);
      const right = rightFor(type, name, own);
      return [name, fc.oneof({ weight: 5, arbitrary: right }, { weight: 1, arbitrary: junk })];
    }),
  );
  const record = fc.record(fields, { requiredKeys: [] });
  return fc.oneof(
    { weight: 6, arbitrary: fc.record(fields) },
    { weight: 2, arbitrary: record },
    {
      weight: 1,
      arbitrary: fc.tuple(record, fc.string(), junk).map(([one, key, more]) => ({ ...one, [key]: more })),
    },
    { weight: 1, arbitrary: junk },
  );
}

/** Values that the checks of one property let through, as far as they can be told. */
function rightFor(type: Type, property: string, checks: Check[]): fc.Arbitrary<unknown> {
  const of = (name: string) => checks.find((check) => check.name === name)?.constraints;
  const nestedType = nestedIn(type, property);
  if (nestedType) return bodiesFor(nestedType);
  const choices = of('isIn')?.[0] as unknown[] | undefined;
  if (choices) return fc.constantFrom(...choices);
  if (of('isBoolean')) return fc.boolean();
  if (of('isUuid')) return fc.uuid();
  if (of('isNumber'))
    return fc.double({
      min: (of('min')?.[0] as number | undefined) ?? -1e6,
      max: (of('max')?.[0] as number | undefined) ?? 1e6,
      noNaN: true,
    });
  const most = (of('maxLength')?.[0] as number | undefined) ?? 60;
  return fc.oneof(
    fc.string({ unit: 'grapheme', minLength: 1, maxLength: most }),
    fc.stringMatching(/^[\w -]{1,60}$/),
  );
}

/** The class that an object at a property becomes; null where it stays what it is. */
function nestedIn(type: Type, property: string): Type | null {
  const made = plainToInstance(type, { [property]: {} }) as Record<string, object>;
  const { constructor } = made[property] ?? {};
  return constructor === undefined || constructor === Object ? null : (constructor as Type);
}

/** A document with one or two of its values, wherever they stand, put in place of by junk, taken out or doubled. */
export function spoilt(document: object): fc.Arbitrary<object> {
  const paths = pathsIn(document);
  const spoil = fc.record({
    path: fc.constantFrom(...paths),
    how: fc.constantFrom('replace', 'remove', 'double'),
    by: junk,
  });
  return fc.array(spoil, { minLength: 0, maxLength: 2 }).map((spoils) => {
    const copy = structuredClone(document);
    for (const { path, how, by } of spoils) spoilAt(copy, path, how, by);
    return copy;
  });
}

type Holder = Record<string | number, unknown>;

function spoilAt(document: object, path: (string | number)[], how: string, by: unknown): void {
  const holder = path
    .slice(0, -1)
    .reduce<Holder | undefined>((at, key) => at?.[key] as Holder, document as Holder);
  const key = path.at(-1);
  if (typeof holder !== 'object' || holder === null || key === undefined) return;
  if (how === 'remove') delete holder[key];
  else if (how === 'double' && Array.isArray(holder)) (holder as unknown[]).push(holder[Number(key)]);
  else holder[key] = by;
}

function pathsIn(value: unknown, path: (string | number)[] = []): (string | number)[][] {
  if (typeof value !== 'object' || value === null) return [path];
  const below = Object.entries(value).flatMap(([key, one]) =>
    pathsIn(one, [...path, Array.isArray(value) ? Number(key) : key]),
  );
  return path.length === 0 ? below : [path, ...below];
}
