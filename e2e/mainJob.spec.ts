import { expect, test } from './test.ts';
import { HANDBOOK_CAR, measure, newJob, saved, stage } from './job.ts';

test('a hoop for a car of one’s own: brief, survey, design, marks, sheet; it is there after a reload', async ({
  page,
}) => {
  await newJob(page, 'Own car');
  await page.getByLabel('car', { exact: true }).fill('Wheatear 1200');
  await page.getByLabel("car's weight", { exact: false }).fill('2100 lb');
  await page.getByLabel('Frozen-lake and hill-climb series: cages').click();

  await stage(page, 'Survey');
  await expect(page.getByText('Still wanted before there is a hoop')).toBeVisible();
  await measure(page, HANDBOOK_CAR);
  await expect(page.getByText('Still wanted before there is a hoop')).toBeHidden();

  await stage(page, 'Design');
  await page
    .getByLabel('tube', { exact: true })
    .selectOption({ label: '2 in × 0.095 in drawn over mandrel, batch 7702' });
  await expect(page.getByText(/^Proposed: two bends/)).toBeVisible();
  // Axis 40 in high, feet 56 1/2 apart, corners 50 [handbook §4, common practice]
  await expect(
    page.getByRole('img', { name: 'Main hoop from behind: feet 56 1/2, corners 50 between axes' }),
  ).toBeVisible();

  await stage(page, 'Bend');
  await page
    .getByLabel('die')
    .selectOption({ label: 'Long-arm bender: 2 in, 6 in radius (2 in tube, radius 6 in)' });
  // Bends of 85.355°, blank 128.01 in [handbook §4, definition]
  await expect(page.getByRole('img', { name: /blank 128 in/ })).toBeVisible();
  const first = page.locator('[data-bend="1"]');
  await expect(first).toContainText('85.4°');
  await expect(first).toContainText('inside 94.6°');
  await expect(first).toContainText('3 test bends on this die');

  await page.getByRole('radio', { name: 'end A' }).click();
  // Start of the first bend at 35.600 in, its arc 8.938, and the clamp's edge 6 in beyond its far tangent
  await expect(first).toContainText('50 9⁄16');
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await expect(first).toContainText('1284');

  await saved(page);
  await page.reload();
  await expect(page.getByRole('img', { name: /blank 3251 mm/ })).toBeVisible();

  await page.getByRole('button', { name: 'Print sheet' }).click();
  await page.getByRole('radio', { name: 'A4' }).click();
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Open the sheet' }).click(),
  ]);
  await expect.poll(() => popup.url()).toContain('bend-sheet.pdf?paper=a4&unit=mm&datum=a');
  const answer = await page.request.get(popup.url());
  expect(answer.headers()['content-type']).toBe('application/pdf');
  expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('the rules are held against the hoop, and what cannot be computed is asked', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'If it goes abroad' }).click();
  await stage(page, 'Inspect');
  await page.getByRole('radio', { name: 'book by book' }).click();
  const book = page.getByRole('region', { name: 'International safety cage figures' });
  await expect(book).toContainText('from memory, check against the current edition');
  const tilt = book.getByRole('row', { name: /within ten degrees/ });
  await expect(tilt).toContainText('look');
  await expect(tilt).toContainText("within the instrument's error");
  const hole = page.getByRole('row', { name: /Inspection hole/ });
  await expect(hole).toContainText('ask');
  await hole.getByRole('radio', { name: 'yes' }).click();
  await hole.getByLabel('who checked').fill('E. L.');
  await expect(hole).toContainText('clear');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('row', { name: /Inspection hole/ })).toContainText('says E. L.');
});

test('a show bar is told, at the brief and on the stage tape', async ({ page }) => {
  await newJob(page, 'Show');
  await page.getByRole('radio', { name: 'floor sheet' }).click();
  await expect(page.getByText(/the load reaches no frame/)).toBeVisible();
  await expect(page.getByRole('link', { name: /Brief a show bar/ })).toBeVisible();
});

test('a job is found by words of its name, car or series; that none has them is said', async ({ page }) => {
  await newJob(page, 'Amber coupé for one');
  await page.goto('/jobs');
  const search = page.getByLabel('search by job, car and series');
  await search.fill('coupe amber');
  await expect(page.getByRole('link', { name: 'Amber coupé for one' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Ptarmigan 1300' })).toHaveCount(0);
  await search.fill('nowhere at all');
  await expect(page.getByRole('status')).toContainText('has all of “nowhere at all”');
  await search.fill('');
  await expect(page.getByRole('link', { name: 'Ptarmigan 1300' })).toBeVisible();
});
