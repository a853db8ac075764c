import { expect, type Page, test } from './test.ts';
import { stage } from './job.ts';

const card = (page: Page) => page.getByRole('region', { name: 'TIG .095, overhead' });

async function writeProcedure(page: Page) {
  await page.goto('/shop');
  await page.getByRole('link', { name: /^Welding/ }).click();
  await page.getByRole('button', { name: 'Write a procedure down' }).click();
  const dialog = page.getByRole('dialog', { name: 'Write a procedure down' });
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(dialog.getByText('give the procedure a name')).toBeVisible();
  await expect(dialog.getByText('say which positions it is for')).toBeVisible();
  await expect(dialog.getByText('how many passes, a whole number')).toBeVisible();
  await dialog.getByLabel(/^name/).fill('TIG .095, overhead');
  await dialog.getByLabel('wall of the tube').fill('.095 in');
  await dialog.getByLabel('overhead').check();
  await dialog.getByLabel('vertical').check();
  await dialog.getByLabel('amperes, from').fill('90');
  await dialog.getByLabel('to', { exact: true }).fill('60');
  await dialog.getByLabel(/^filler/).fill('ER80S-D2, 1/16');
  await dialog.getByLabel('passes').fill('1');
  await dialog.getByLabel('written by').fill('Aino');
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  // Refused by the server, and nothing of it lost.
  await expect(page.getByText(/the least is more than the most/)).toBeVisible();
  await dialog.getByLabel('amperes, from').fill('60');
  await dialog.getByLabel('to', { exact: true }).fill('90');
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(dialog).toBeHidden();
}

test('a procedure with a sample that was cut open, and a seam that was welded by it', async ({ page }) => {
  await writeProcedure(page);
  await expect(card(page).getByText('No sample was cut open: vertical, overhead.')).toBeVisible();
  await card(page).getByRole('button', { name: 'A sample was cut open' }).click();
  const dialog = page.getByRole('dialog', { name: /^Sample of/ });
  await dialog.getByLabel('it was welded').selectOption('overhead');
  await dialog.getByLabel('welded by').fill('Eero');
  await expect(dialog.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await dialog.getByRole('radio', { name: 'sound', exact: true }).click();
  await dialog.getByLabel(/^what was seen/).fill('root through');
  await dialog.getByRole('button', { name: 'Write it down' }).click();
  await expect(dialog).toBeHidden();
  await expect(card(page).getByText('“root through”')).toBeVisible();

  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Build');
  await page
    .getByRole('button', { name: /Weld .* of WB before/ })
    .first()
    .click();
  const step = page.getByRole('region', { name: 'The step' });
  await expect(step.getByText(/It lies .* overhead, .* vertical/)).toBeVisible();
  await step.getByLabel('welded by procedure').selectOption('TIG .095, overhead');
  await expect(step.getByText('overhead: sample of Eero, sound')).toBeVisible();
  await expect(step.getByText('vertical: no sample of it was cut open')).toBeVisible();
  await step.getByLabel('who', { exact: true }).fill('Eero');
  await step.getByRole('button', { name: 'Done, by Eero' }).click();
  await expect(step.getByText(/done, by Eero/)).toBeVisible();

  await stage(page, 'Inspect');
  await page.getByRole('link', { name: 'History' }).click();
  const seam = page.getByRole('region', { name: 'Seams' }).getByRole('row', { name: /^WB, end/ });
  await expect(seam.first()).toContainText('TIG .095, overhead');
  await expect(seam.first()).toContainText('overhead sound (Eero)');

  // As it was before.
  await stage(page, 'Build');
  await page
    .getByRole('button', { name: /Weld .* of WB before/ })
    .first()
    .click();
  await step.getByRole('button', { name: 'Take it back' }).click();
  await step.getByRole('button', { name: 'It is not done' }).click();
  await expect(step.getByLabel('welded by procedure')).toBeVisible();
  await page.goto('/shop/welding');
  await card(page).getByRole('button', { name: 'Set it aside' }).click();
  await expect(card(page).getByRole('button', { name: 'Take it up again' })).toBeVisible();
});
