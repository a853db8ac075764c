import { readFileSync } from 'node:fs';
import { expect, test } from './test.ts';
import { HANDBOOK_CAR, measure, newJob, saved, stage } from './job.ts';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';

test('a book is kept as a file, comes back as a new edition, and a job that is tied to the old one is told what changes', async ({
  page,
}) => {
  await newJob(page, 'Strip car');
  await page.getByLabel(/^Quarter-mile strip/).check();
  await saved(page);
  const job = page.url();

  await page.goto('/rule-books/quarter-strip');
  const kept = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Keep as a file' }).click();
  const file = await (await kept).path();
  const book = JSON.parse(readFileSync(file, 'utf8')) as {
    edition: string;
    rules: { id: string; check: { kind: string; most?: number } }[];
  };
  const upload = (document: object) =>
    page.getByLabel('rule book as a JSON file').setInputFiles({
      name: 'book.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(document)),
    });
  await upload({ ...book, rules: [{ ...book.rules[0], check: { kind: 'guess' } }] });
  await expect(page.getByRole('alert')).toContainText('At /rules/0/check');
  await upload({ ...book, edition: book.edition, rules: [] });
  await expect(page.getByRole('alert')).toContainText('give the changed book an edition of its own');
  const bends = book.rules.map((rule) =>
    rule.id === 'bends' ? { ...rule, check: { ...rule.check, most: 2 } } : rule,
  );
  await upload({ ...book, edition: '5', rules: bends });
  await expect(page.getByRole('heading', { name: /^Quarter-mile strip/ })).toBeVisible();
  await expect(page.getByText('has at most 2 bends')).toBeVisible();

  await page.goto(job);
  await expect(page.getByText('This job is tied to edition 4; edition 5 is newer.')).toBeVisible();
  await expect(page.getByText(/^changed: S 2/)).toBeVisible();
  await page.getByRole('button', { name: 'What it does to this job' }).click();
  await expect(page.getByText(/to answer under it$/)).toBeVisible();
  await page.getByRole('button', { name: 'Take the newer edition' }).click();
  await expect(page.getByText(/This job is tied to edition/)).toHaveCount(0);
  await saved(page);
});

test('what would mend a finding is done by a press, and undone; the tape counts what Inspect shows', async ({
  page,
}) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c04/inspect');
  const hands = page.getByRole('region', { name: 'What needs hands' });
  const size = hands.getByRole('listitem').filter({ hasText: 'Kind of tube' });
  await expect(size).toBeVisible();
  const open = await hands.locator('[data-finding]').count();
  await expect(page.getByRole('radio', { name: `needs hands ${open}` })).toBeVisible();
  const tape = page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: /^Inspect/ });
  await expect(tape).toContainText(/\d+ out, \d+ look, \d+ ask/);
  await size.getByRole('button', { name: /^Do this/ }).click();
  await expect(size).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(size).toHaveCount(1);
  await saved(page);
});

test('a finding leads to the field that settles it, which is lit', async ({ page }) => {
  await newJob(page, 'Led to the field');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await page.getByLabel(/^Frozen-lake/).check();
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await stage(page, 'Inspect');
  const weight = page.getByRole('listitem').filter({ hasText: 'Weight of the car' });
  await weight.getByRole('link', { name: 'Change it at Brief' }).click();
  const box = page.getByLabel(/^car's weight, ready to race/);
  await expect(box).toBeFocused();
  await expect(box).toHaveAttribute('data-sought', '');
  await page.keyboard.type('1980 lb');
  await stage(page, 'Inspect');
  await expect(page.getByRole('listitem').filter({ hasText: 'Weight of the car' })).toHaveCount(0);
});

test('the heights that suit everybody: the bar is put to its aim, and back', async ({ page }) => {
  await page.goto(`${DEMO}/harness`);
  const bar = page.getByRole('region', { name: 'Harness bar HB' });
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await expect(bar.getByText(/^The lowest is set by E. Lindqvist/)).toBeVisible();
  await expect(bar.getByText(/^holds at all 20 places/)).toBeVisible();
  await page.getByLabel('slot 1 above the shoulder').fill('120 mm');
  await expect(bar.getByText(/seat changes break it$/)).toBeVisible();
  await bar.getByRole('button', { name: /^Raise the bar by .* to its aim$/ }).click();
  await expect(bar.getByText(/^holds at all 20 places/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bar.getByText(/seat changes break it$/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bar.getByText(/^holds at all 20 places/)).toBeVisible();
  await bar.getByRole('slider', { name: 'driver and notch of the seat' }).press('End');
  await expect(bar.getByText('slide +20 mm', { exact: false }).first()).toBeVisible();
  await saved(page);
});

test('two drivers whom no height suits are told what helps instead, and what it costs', async ({ page }) => {
  await page.goto(`${DEMO}/harness`);
  const bar = page.getByRole('region', { name: 'Harness bar HB' });
  await expect(bar.getByText(/^holds at all/)).toBeVisible();
  await page.getByRole('button', { name: 'Another slot' }).click();
  await page.getByLabel('slot 2 above the shoulder').fill('260 mm');
  await expect(bar.getByText(/No height suits all/)).toBeVisible();
  const ways = bar.getByRole('table', { name: 'What helps instead, the least first' });
  await expect(ways.getByRole('row', { name: /the seat stopped short of/ })).toContainText('no tube');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(bar.getByText(/^holds at all 20 places/)).toBeVisible();
  await saved(page);
});
