import { expect, test } from './test.ts';
import { newJob, saved, stage } from './job.ts';

test('the next car of a model starts from the last, is measured, compared with it, and closed', async ({
  page,
}) => {
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'Copy Solan 1.6 coupe for the next car' }).click();
  const dialog = page.getByRole('dialog', { name: /^Copy Solan/ });
  await dialog.getByRole('button', { name: 'Start the next car' }).click();
  await expect(dialog.getByText('give the job a name')).toBeVisible();
  await dialog.getByLabel('name of the new job').fill('Solan, the second');
  await dialog.getByRole('button', { name: 'Start the next car' }).click();

  // Nothing of it was measured on this car.
  await expect(page.getByText(/figures that nobody measured or chose/)).toBeVisible();
  const headliner = page.getByLabel('headliner at the centre', { exact: true });
  await headliner.fill('960 mm');
  await saved(page);

  await page.getByRole('link', { name: 'Variants' }).click();
  const beside = page.getByRole('region', { name: 'Beside another job' });
  await expect(beside.getByLabel('the job')).toHaveValue(/-9c02$|9c02$/);
  const row = (name: RegExp) => beside.getByRole('row', { name });
  await expect(row(/^headliner at the centre/)).toContainText('−25 mm');
  await expect(row(/^headliner at the centre/)).not.toContainText('not measured');
  await expect(row(/^half width at the floor, left/)).toContainText('not measured on this car');
  await expect(row(/^MH/)).toContainText('−');
  await expect(beside.getByRole('row', { name: /^cost of that tube/ })).toBeVisible();

  await stage(page, 'Inspect');
  await page.getByRole('link', { name: 'History' }).click();
  const close = page.getByRole('region', { name: 'Close the job' });
  await close.getByLabel('closed by').fill('Aino');
  await close.getByRole('button', { name: 'Close the job' }).click();
  const band = page.getByRole('status', { name: 'Closed' });
  await expect(band).toContainText('Aino closed this job');
  await expect(close).toHaveCount(0);

  // Nothing changes in it, at any door.
  await stage(page, 'Survey');
  await headliner.fill('955 mm');
  await expect(page.getByText('This job is closed: open it again to change it.')).toBeVisible();
  await page.reload();
  await expect(headliner).toHaveValue('960 mm');
  await page.goto('/jobs');
  await expect(page.getByRole('row', { name: /Solan, the second/ })).toContainText('closed by Aino');
  await page.getByRole('link', { name: /Solan, the second/ }).click();
  await band.getByRole('button', { name: 'Open it again' }).click();
  await expect(band).toHaveCount(0);
  await stage(page, 'Survey');
  await headliner.fill('955 mm');
  await saved(page);
});

test('a job goes out as one file and comes in again as a job of its own; another file is told', async ({
  page,
}) => {
  await newJob(page, 'To another shop');
  await page.getByLabel('car', { exact: true }).fill('Whimbrel 1100');
  await saved(page);
  await page.goto('/jobs');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Save To another shop as a file/ }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('To another shop.gyrus.zip');
  const file = await download.path();
  await page.getByLabel('file of a job').setInputFiles({
    ...{ name: 'letter.zip', mimeType: 'application/zip' },
    buffer: Buffer.from('not a job'),
  });
  await expect(page.getByText('this is no file of a job: choose one that Gyrus has written')).toBeVisible();
  await page.getByLabel('file of a job').setInputFiles(file);
  await expect(page.getByText(/^To another shop is here, to revision \d+/)).toBeVisible();
  await stage(page, 'Brief');
  await expect(page.getByLabel('car', { exact: true })).toHaveValue('Whimbrel 1100');
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'To another shop', exact: true })).toHaveCount(2);
});
