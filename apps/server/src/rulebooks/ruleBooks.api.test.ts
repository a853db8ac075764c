import { type Fault, type RuleBook } from '@gyrus/core';
import { demoBooks } from '@gyrus/demo';
import request from 'supertest';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const faultIn = (body: unknown) => (body as { error: Fault }).error;
const [book] = demoBooks as [RuleBook];
const list = async () => (await http().get('/api/rule-books').expect(200)).body as RuleBook[];

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

test('a new edition is taken in beside the old one, and comes first', async () => {
  const before = await list();
  await http()
    .post('/api/rule-books')
    .send({ ...book, edition: '2027', title: 'Zz: renamed' })
    .expect(201);
  const after = await list();
  expect(after).toHaveLength(before.length + 1);
  expect(after.filter(({ id }) => id === book.id).map(({ edition }) => edition)).toEqual([
    '2027',
    book.edition,
  ]);
});

test('the same book twice is one; another under an edition that is there is refused', async () => {
  await http().post('/api/rule-books').send(book).expect(201);
  const changed = await http()
    .post('/api/rule-books')
    .send({ ...book, note: 'changed' })
    .expect(422);
  expect(faultIn(changed.body)).toMatchObject({ code: 'edition-there', path: '/edition' });
  expect((await list()).find(({ edition, id }) => id === book.id && edition === book.edition)?.note).toBe(
    book.note,
  );
});

test('what is no rule book is refused with the field at fault', async () => {
  const without = { ...book, edition: 'x', provenance: undefined };
  const none = await http().post('/api/rule-books').send(without).expect(422);
  expect(faultIn(none.body).path).toBe('/provenance');
  const [rule] = book.rules;
  const wrong = await http()
    .post('/api/rule-books')
    .send({
      ...book,
      edition: 'x',
      rules: [{ ...rule, check: { kind: 'angle', from: 'vertical', least: null, most: 'x' } }],
    })
    .expect(422);
  expect(faultIn(wrong.body).path).toMatch(/^\/rules\/0\/check\/most/);
});

test('a book of version 1 comes in as one of today’s; what it says against itself keeps it out', async () => {
  const old = { ...book, version: 1, edition: 'of version 1' };
  const taken = (await http().post('/api/rule-books').send(old).expect(201)).body as RuleBook;
  expect(taken.version).toBe(2);
  await http().post('/api/rule-books').send(old).expect(201);
  const [rule] = book.rules;
  const turned = {
    kind: 'angle',
    from: 'vertical',
    least: { deg: 30, typed: '30' },
    most: { deg: 20, typed: '20' },
  };
  const rules = [{ ...rule, check: turned }];
  const refused = await http()
    .post('/api/rule-books')
    .send({ ...old, edition: 'turned', rules })
    .expect(422);
  expect(faultIn(refused.body)).toMatchObject({ code: 'contradiction', path: '/rules/0/check/most' });
});
