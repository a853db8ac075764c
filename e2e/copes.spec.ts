import { expect, test } from './test.ts';
import { pdfLines } from '../packages/formats/src/testing/pdfLines.ts';
import { saved } from './job.ts';

const COPE = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01/cope';
const ends = 'Ends';

test('a printed template is to scale: read back from the file and laid on the table for marking by hand', async ({
  page,
  context,
}) => {
  await page.goto(COPE);
  await page.getByRole('list', { name: ends }).getByRole('button', { name: /^D1 B/ }).click();
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await page.getByRole('radio', { name: 'outer', exact: true }).click();
  const table = page.getByRole('list', { name: 'Setbacks round the tube' }).getByRole('listitem');
  await expect(table).toHaveCount(12);
  const marked = (await table.allInnerTexts()).map((row) => Number(row.split('°')[1]?.trim()));

  const opened = context.waitForEvent('page');
  await page.getByRole('button', { name: 'Print at true size' }).click();
  const sheet = await opened;
  await expect.poll(() => sheet.url()).toContain('/copes.pdf?');
  const pdf = await (await page.request.get(sheet.url())).body();
  const [lines = []] = pdfLines(pdf);
  const mm = (points: number) => (points * 25.4) / 72;
  const chords = lines.slice(0, 180);
  const low = Math.min(...chords.map(({ from }) => from[1]));
  // Every 30° of the table, which is rounded to a millimetre.
  for (const [i, setback] of marked.entries())
    expect(Math.abs(mm((chords[i * 15]?.from[1] ?? NaN) - low) - setback)).toBeLessThan(0.51);
  const round = mm((chords[179]?.to[0] ?? 0) - (chords[0]?.from[0] ?? 0));
  // 1 3/4 in tube and paper of 0.1 mm.
  expect(Math.abs(round - Math.PI * (44.45 + 0.1))).toBeLessThan(0.1);
});

test('ends are ticked off, and told when their cut has changed since', async ({ page }) => {
  await page.goto(COPE);
  await page
    .getByRole('list', { name: ends })
    .getByRole('button', { name: /^HB1 A/ })
    .click();
  await expect(
    page.getByRole('region', { name: 'The cope' }).getByText('HB1', { exact: true }),
  ).toBeVisible();
  const tick = page.getByRole('radiogroup', { name: 'how far this end is' });
  await tick.getByRole('radio', { name: 'cut', exact: true }).click();
  await expect(
    page.getByRole('list', { name: ends }).getByRole('button', { name: /^HB1 A.*cut$/ }),
  ).toBeVisible();
  await saved(page);
  await page.goto(COPE.replace('/cope', '/design'));
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^HB1 / }).click();
  const height = page.getByLabel('above the floor').first();
  const before = await height.inputValue();
  await height.fill('22');
  await saved(page);
  await page.goto(COPE);
  await page
    .getByRole('list', { name: ends })
    .getByRole('button', { name: /^HB1 A/ })
    .click();
  await expect(page.getByText(/the cut has changed since it was cut/)).toBeVisible();
  await page.goto(COPE.replace('/cope', '/design'));
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^HB1 / }).click();
  await page.getByLabel('above the floor').first().fill(before);
  await saved(page);
  await page.goto(COPE);
  await page
    .getByRole('list', { name: ends })
    .getByRole('button', { name: /^HB1 A/ })
    .click();
  await expect(page.getByText(/the cut has changed/)).toHaveCount(0);
  await tick.getByRole('radio', { name: 'to do' }).click();
  await saved(page);
});

test('saw card, straight cuts, length and seam of an end; the notcher’s limit is a setting', async ({
  page,
}) => {
  await page.goto(COPE);
  await page.getByRole('list', { name: ends }).getByRole('button', { name: /^D1 B/ }).click();
  const card = page.getByRole('region', { name: 'Saw card' });
  await expect(card.getByText("notcher's dial")).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Straight cuts' }).getByText('Two straight cuts'),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Seam' }).getByText(/^Seam .* round MH\.$/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: 'End B of D1 on MH, cut open' }).locator('canvas'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Notcher and limits' }).click();
  const limit = page.getByLabel("notcher's largest dial");
  await limit.fill('20');
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(card.getByText(/The notcher stops at 20°, 15.7° short/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card.getByText(/The notcher stops/)).toHaveCount(0);
});

test('a tube that the fit order makes cut an end is left out, and taken again', async ({ page }) => {
  await page.goto(COPE);
  await page.getByRole('list', { name: ends }).getByRole('button', { name: /^BL A/ }).click();
  await expect(page.getByText('coped to MH, D1', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Not cut by D1' }).click();
  await expect(page.getByText('coped to MH', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'D1 left out: take it again' }).click();
  await expect(page.getByText('coped to MH, D1', { exact: true })).toBeVisible();
  await saved(page);
});
