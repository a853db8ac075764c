import { expect, test } from './test.ts';
import { HANDBOOK_CAR, measure, newJob, saved, stage } from './job.ts';

test('bars hang on the hoop: added, moved with it, made as twins, taken out with what that leaves', async ({
  page,
}) => {
  await newJob(page, 'Cage');
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await stage(page, 'Design');
  const add = page.getByRole('button', { name: 'Add', exact: true });
  const tubes = page.getByRole('list', { name: 'Tubes' });
  // Diagonal, harness bar, backstays and rear cross come first in the usual order of work.
  for (const stamp of ['D1', 'HB1', 'BL', 'RX']) {
    await add.click();
    await expect(tubes.getByRole('button', { name: new RegExp(`^${stamp} `) })).toBeVisible();
  }
  await expect(page.getByText(/^7 tubes,/)).toBeVisible();
  // What was added is the one that is worked on: until then a press on another is overtaken by it.
  await expect(page.getByRole('heading', { name: /^rear cross$/i })).toBeVisible();

  await tubes.getByRole('button', { name: /^HB1 / }).click();
  await page.getByRole('radio', { name: 'front', exact: true }).click();
  await expect(
    page.getByRole('img', { name: 'The cage, front view: MH, D1, HB1, HB2, BL, BR, RX' }),
  ).toBeVisible();
  await page.getByLabel('above the floor').first().fill('90');
  await expect(page.getByText(/HB1 cannot be placed: MH does not pass/)).toBeVisible();
  await page.getByLabel('above the floor').first().fill('25');
  await expect(page.getByText(/HB1 cannot be placed/)).toHaveCount(0);

  await tubes.getByRole('button', { name: /^BL / }).click();
  await page.getByRole('button', { name: 'Take out the backstay' }).click();
  await expect(page.getByText(/RX stood on it/)).toBeVisible();
  await expect(page.getByText(/RX cannot be placed/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/RX cannot be placed/)).toHaveCount(0);

  await stage(page, 'Bend');
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^BR / }).click();
  await expect(page.getByRole('heading', { name: 'Backstay, right hand of a pair' })).toBeVisible();
  await expect(page.getByText('Straight: cut it to length, no bend.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Backstay, right hand of a pair' })).toBeVisible();
});

test('space is left for another stage without a complaint of the page', async ({ page }) => {
  const complaints: string[] = [];
  page.on('pageerror', (error) => complaints.push(error.message));
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01/design?view=space');
  await expect(page.getByRole('img', { name: /The cage in space: MH/ }).locator('canvas')).toBeVisible();
  // The picked tube has its stamp beside it.
  await expect(page.locator('span', { hasText: /^MH$/ }).first()).toBeVisible();
  await page.getByRole('radio', { name: 'side', exact: true }).click();
  await page.getByRole('radio', { name: 'in space' }).click();
  await stage(page, 'Bend');
  await expect(page.getByRole('heading', { name: /Main hoop/ }).first()).toBeVisible();
  expect(complaints).toEqual([]);
});

test('the cage in space is drawn, and its view says what is in it', async ({ page }) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01/design');
  await page.getByRole('radio', { name: 'in space' }).click();
  await expect(page.getByRole('img', { name: /The cage in space: MH/ }).locator('canvas')).toBeVisible();
});
