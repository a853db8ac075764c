import { expect, test } from './test.ts';
import { saved } from './job.ts';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('on a phone the marks of a hoop are read, a box of the survey is lit, and an end is ticked off', async ({
  page,
}) => {
  await page.goto(`${DEMO}/survey`);
  const box = page.getByLabel('half width at the roof rail, left', { exact: true });
  await box.tap();
  await expect(page.getByText(/^From the centre line to the inside of the left roof rail/)).toBeVisible();
  await page.goto(`${DEMO}/bend`);
  await expect(page.locator('[data-bend="1"]')).toContainText('16.1°');
  await page.locator('[data-bend="1"]').scrollIntoViewIfNeeded();
  await expect(page.locator('[data-bend="1"]')).toBeInViewport();
  await page.goto(`${DEMO}/cope`);
  await page.getByRole('button', { name: /^HB1 A/ }).tap();
  const tick = page.getByRole('radiogroup', { name: 'how far this end is' });
  await tick.getByRole('radio', { name: 'cut', exact: true }).tap();
  await expect(page.getByRole('button', { name: /^HB1 A.*cut$/ })).toBeVisible();
  await tick.getByRole('radio', { name: 'to do' }).tap();
  await saved(page);
});
