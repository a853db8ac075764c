import { expect, type Page, test } from './test.ts';
import { saved, stage } from './job.ts';

async function openAsBuilt(page: Page) {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Solan 1.6' }).click();
  await stage(page, 'Inspect');
  await page.getByRole('link', { name: 'As built' }).click();
  await expect(page.getByRole('heading', { name: 'As built' })).toBeVisible();
}

const row = (page: Page, name: RegExp) => page.getByRole('row', { name });

test('a hoop that is too wide is measured, corrected on paper, left so, and the plan follows', async ({
  page,
}) => {
  await openAsBuilt(page);
  await page.getByRole('radio', { name: 'tacked' }).click();
  const right = page.getByRole('region', { name: 'Putting it right' });
  await expect(right.getByText(/is not measured at this turn/)).toBeVisible();
  await page.getByLabel('measured by').fill('Aino');
  const feet = row(page, /^Feet apart/);
  await expect(feet).toContainText('not measured');
  await feet.getByRole('textbox').fill('wide');
  await expect(feet.getByRole('textbox')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByRole('button', { name: 'Write 0 figures down' })).toBeDisabled();
  await feet.getByRole('textbox').fill('1500 mm');
  await row(page, /^Lean of the left leg/)
    .getByRole('textbox')
    .fill('3.5');
  // Not written down yet, and not lost either.
  await page.reload();
  await page.getByRole('radio', { name: 'tacked' }).click();
  await expect(feet.getByRole('textbox')).not.toHaveValue('');
  await page.getByRole('button', { name: 'Write 2 figures down' }).click();
  await expect(feet).toContainText('look');
  await expect(feet).toContainText('Aino');
  await expect(right.getByText(/wider than planned: the hoop is under-bent/)).toBeVisible();
  await expect(right.getByText(/Pull the crown’s bends further/)).toBeVisible();
  await expect(right.getByText(/nobody welds a spring/)).toBeVisible();

  await right.getByRole('button', { name: 'Leave it so, and build on it' }).click();
  await expect(right.getByText(/as they were built: taken by Aino/)).toBeVisible();
  await saved(page);
  // What is planned is now what was built.
  await expect(feet).toContainText('clear');
  await right.getByRole('button', { name: 'Back to the design' }).click();
  await expect(feet).toContainText('look');
  await saved(page);
});

test('how the car stood is written down, and asked about again', async ({ page }) => {
  await openAsBuilt(page);
  const stands = page.getByRole('region', { name: 'How the car stands' });
  await page.getByLabel('measured by').fill('Aino');
  await stands.getByRole('button', { name: /^Write it down/ }).click();
  await stands.getByRole('radio', { name: 'stands', exact: true }).click();
  await stands.getByLabel('floor falls to the right').fill('0.4');
  await stands.getByRole('button', { name: 'Keep it' }).click();
  await expect(stands).toContainText('on stands, on a floor that falls 0.4° to the right, says Aino');
  await expect(stands).toContainText('Does it stand so now?');
});

test('the history has what was measured and what was put right, and is printed', async ({ page }) => {
  await openAsBuilt(page);
  await page.getByRole('link', { name: 'History' }).click();
  const done = page.getByRole('region', { name: 'What was done' });
  await expect(done.getByRole('row').filter({ hasText: 'Hoop put right' })).toContainText('A. Lind');
  await expect(page.getByRole('region', { name: 'Tubes' }).getByRole('row').nth(1)).toContainText('MH');
  const print = await page.getByRole('link', { name: 'Print the history' }).getAttribute('href');
  const sheet = await page.request.get(print ?? '');
  expect([sheet.status(), sheet.headers()['content-type']]).toEqual([200, 'application/pdf']);
});
