import { evaluate, MEASURE_KEYS, readPlan, readRuleBook, readShop } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop, internationalBook } from './index.ts';

test('the demo reads as the documents it is', () => {
  const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
  expect(readPlan(plain(demoPlan)).ok).toBe(true);
  expect(readShop(plain(demoShop)).ok).toBe(true);
  for (const book of demoBooks) expect(readRuleBook(plain(book)).ok).toBe(true);
});

test('the demo’s hoop can be marked and bent: no clash, and findings of every kind to learn from', () => {
  const { members, findings } = evaluate(demoPlan, demoShop, demoBooks);
  expect(members[0]?.pieces[0]?.sheet?.clashes).toEqual([]);
  expect(new Set(findings.map((one) => one.status))).toEqual(new Set(['clear', 'look', 'out', 'ask']));
  expect(MEASURE_KEYS.filter((key) => demoPlan.survey.measures[key]).length).toBeGreaterThan(10);
});

test('the international figures say that they are from memory, and name the publication as source alone', () => {
  expect(internationalBook.provenance).toBe('from-memory');
  expect(internationalBook.source).toContain('Art. 253-8');
  expect(internationalBook.title + internationalBook.body).not.toMatch(/FIA/);
});
