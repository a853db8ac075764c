import { readFileSync } from 'node:fs';
import { expect, test } from './test.ts';
import { ruleAt as rule, tried, writeRule as write } from './books.ts';

/** A second program with nothing in it (scripts/test.mjs). */
const EMPTY = process.env.GYRUS_EMPTY_ADDRESS ?? '';

test('a book is written from nothing, exported, taken in by an empty program, and says the same there', async ({
  page,
  browser,
}) => {
  expect(
    EMPTY,
    'GYRUS_EMPTY_ADDRESS: the address of a second, empty program, as scripts/test.mjs starts it',
  ).not.toBe('');
  await page.goto('/rule-books');
  await page.getByRole('link', { name: 'Write a book' }).click();
  const takeIn = page.getByRole('button', { name: 'Take it in' });
  const against = page.getByRole('list', { name: 'What stands against it' });
  await expect(takeIn).toBeDisabled();
  await expect(against.getByText('where its figures come from')).toBeVisible();

  await page.getByLabel('title').fill('Pond hockey cars');
  await page.getByLabel('edition').fill('2027');
  await page.getByLabel('where its figures come from').selectOption({ label: 'published' });
  await expect(page.getByText('missing: published figures name the publication').first()).toBeVisible();
  await page.getByLabel('source: which publication').fill('The pond’s own leaflet');

  await page.getByRole('button', { name: 'Add a row' }).click();
  const row = page.getByRole('listitem', { name: 'Tube row 1' });
  await row.getByLabel('clause').fill('1.1');
  await row.getByLabel('least outside').fill('45 mm');
  await row.getByLabel('least wall').fill('2.5 mm');
  await row.getByLabel('cold-drawn seamless').check();

  await write(page, 1, {
    clause: '2.1',
    text: 'As this book has it.',
    about: 'main hoop',
    check: 'tilt of the hoop',
    blanks: { 'largest tilt': '9' },
  });
  await write(page, 2, {
    clause: '2.2',
    text: 'As this book has it.',
    about: 'backstay',
    check: 'angle with vertical or horizontal',
    blanks: { 'least angle': '', 'largest angle': '' },
  });
  // What it asks is told by clause and field, and nothing typed is lost.
  await expect(against.getByText('rule 2, clause 2.2: what is checked')).toBeVisible();
  await rule(page, 2).getByLabel('least angle').fill('35 1/2');
  await expect(takeIn).toBeEnabled();
  await write(page, 3, {
    clause: '2.3',
    text: 'As this book has it.',
    about: 'diagonal',
    check: 'distance of an end',
    blanks: {
      'which end': 'Its upper end',
      'largest distance': '4 in',
      'taken from': 'a bend of the tube it stands on, taken at',
      'where a bend is taken': 'its tangent',
    },
  });
  await write(page, 4, {
    clause: '3.1',
    text: 'As this book has it.',
    about: 'harness bar',
    check: 'angle of shoulder straps',
    blanks: { 'least angle': '0', 'largest angle': '15' },
  });
  await write(page, 5, {
    clause: '4.1',
    text: 'As this book has it.',
    about: 'main hoop',
    check: 'a question for a person',
    blanks: { question: 'Has the ice been measured?' },
  });
  await write(page, 6, {
    clause: '4.2',
    text: 'As this book has it.',
    about: 'the hoops',
    check: 'weld all round',
    blanks: { 'share of a seam': '25' },
  });
  const here = await tried(page);
  expect(here.some((one) => one.includes('Has the ice been measured?'))).toBe(true);
  expect(here.some((one) => one.includes('2.1') && one.includes('9°'))).toBe(true);

  // A page that is closed loses nothing.
  await page.reload();
  await expect(page.getByLabel('title')).toHaveValue('Pond hockey cars');
  await expect(rule(page, 2).getByLabel('least angle')).toHaveValue('35 1/2');

  await takeIn.click();
  await expect(page.getByRole('heading', { name: 'Pond hockey cars' })).toBeVisible();
  await expect(page.getByText('makes at least 35.5° with vertical')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Keep as a file' }).click();
  const file = readFileSync(await (await download).path());

  const elsewhere = await (await browser.newContext({ baseURL: EMPTY })).newPage();
  await elsewhere.goto('/jobs');
  await expect(elsewhere.getByText('Ptarmigan')).toHaveCount(0);
  await elsewhere.goto('/rule-books');
  await elsewhere
    .getByLabel('rule book as a JSON file')
    .setInputFiles({ name: 'pond.json', mimeType: 'application/json', buffer: file });
  await expect(elsewhere.getByRole('heading', { name: 'Pond hockey cars' })).toBeVisible();
  await elsewhere.getByRole('link', { name: 'Write a new edition' }).click();
  expect((await tried(elsewhere)).sort()).toEqual(here.sort());
  await elsewhere.context().close();
});

test('a new edition starts from the old one, and an edition that is here is never changed', async ({
  page,
}) => {
  await page.goto('/rule-books/gravel-cup');
  await page.getByRole('link', { name: 'Write a new edition' }).click();
  const edition = page.getByLabel('edition', { exact: true });
  await expect(edition).toHaveValue(/, changed$/);
  const old = (await edition.inputValue()).replace(', changed', '');
  await edition.fill(old);
  await page.getByLabel('note', { exact: true }).fill('Another note.');
  await page.getByRole('button', { name: 'Take it in' }).click();
  await expect(page.getByRole('alert')).toContainText('give the changed book an edition of its own');
  await page.getByRole('button', { name: 'Start over' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Start over' }).click();
  await expect(edition).toHaveValue(/, changed$/);
});
