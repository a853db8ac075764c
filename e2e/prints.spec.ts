import { expect, test } from './test.ts';
import { stage } from './job.ts';

const FIRST_JOB = 'Ptarmigan 1300';

test('every print of a job says how many pages it takes before it is opened, and takes as many', async ({
  page,
}) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: FIRST_JOB }).first().click();
  await stage(page, 'Bend');
  await page.getByRole('button', { name: 'Print sheet' }).click();
  const dialog = page.getByRole('dialog', { name: 'Print' });
  await expect(dialog.getByText('one page, a PDF in a new window')).toBeVisible();
  await dialog.getByRole('radio', { name: /^all of MH/ }).check();
  const told = dialog.getByText(/^\d+ pages, a PDF in a new window$/);
  await expect(told).toBeVisible();
  const pages = Number.parseInt((await told.textContent()) ?? '', 10);
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    dialog.getByRole('button', { name: 'Open the sheet' }).click(),
  ]);
  // In whichever unit the job is by now.
  await expect.poll(() => popup.url()).toMatch(/tubes\.pdf\?paper=\w+&unit=\w+&what=all/);
  const pdf = (await (await page.request.get(popup.url())).body()).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(pages);
});

test('what cannot be printed yet is said in place of its pages', async ({ page }) => {
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'New job' }).first().click();
  await page.getByLabel('name of the job').fill('Nothing to print');
  await page.getByRole('button', { name: 'Start the job' }).click();
  await page.getByRole('button', { name: 'Print sheet' }).click();
  const dialog = page.getByRole('dialog', { name: 'Print' });
  await dialog.getByRole('radio', { name: 'all bend sheets' }).check();
  await expect(dialog.getByText('There is nothing of it to print yet.')).toBeVisible();
  await dialog.getByRole('radio', { name: 'what is still to be measured' }).check();
  await expect(dialog.getByText(/pages?, a PDF in a new window/)).toBeVisible();
});

test('the unit and the clock of the shop are the shop’s: another device has them, too', async ({
  page,
  browser,
  baseURL,
}) => {
  await page.goto('/shop');
  await page.getByRole('radio', { name: 'millimetres' }).click();
  await page.getByLabel('clock on sheets').selectOption('Europe/Vienna');
  const settled = () =>
    page.request.get('/api/shop/settings').then((answer) => answer.json() as Promise<object>);
  await expect.poll(settled).toEqual({ unit: 'mm', zone: 'Europe/Vienna', chosen: true });
  const other = await browser.newContext({ baseURL: baseURL ?? '' });
  const tablet = await other.newPage();
  await tablet.goto('/shop');
  await expect(tablet.getByRole('radio', { name: 'millimetres' })).toBeChecked();
  await expect(tablet.getByLabel('clock on sheets')).toHaveValue('Europe/Vienna');
  await tablet.getByRole('radio', { name: 'inches' }).click();
  await tablet.getByLabel('clock on sheets').selectOption('');
  await expect.poll(settled).toMatchObject({ unit: 'in', chosen: false });
  await other.close();
});
