import { expect, type Page, test } from './test.ts';
import { DIALOG, expectSound } from './accessible.ts';
import { newJob, stage } from './job.ts';

async function openOrder(page: Page) {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Build');
  await expect(page.getByRole('heading', { name: /^Step \d+:/ })).toBeVisible();
}

const open = (page: Page, name: RegExp) =>
  page.getByRole('listitem').getByRole('button', { name }).first().click();
const step = (page: Page) => page.getByRole('region', { name: 'The step' });

test('steps are ticked off by somebody, with what was taped; it outlives a reload and can be taken back', async ({
  page,
}) => {
  await openOrder(page);
  // The job is shared: another test may have turned its unit.
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await open(page, /Tape the hoop before it is welded/);
  await expect(step(page).getByRole('button', { name: 'Done', exact: true })).toBeDisabled();
  await step(page).getByLabel('who').fill('Aino');
  const feet = step(page).getByLabel(/^Feet apart, axis to axis: planned/);
  await feet.fill('nine');
  await expect(feet).toHaveAttribute('aria-invalid', 'true');
  await feet.fill('56 1/16 in');
  await step(page).getByLabel('minutes it took').fill('many');
  await expect(step(page).getByText('a number of minutes', { exact: true })).toBeVisible();
  await step(page).getByLabel('minutes it took').fill('25');
  await step(page).getByLabel('note').fill('left leg a touch wide');
  // What is typed is not written down yet, and is not lost either.
  await page.reload();
  await expect(step(page).getByLabel('note')).toHaveValue('left leg a touch wide');
  await step(page).getByRole('button', { name: 'Done, by Aino' }).click();
  const written = step(page).getByRole('list', { name: 'Written down at this step' });
  await expect(written).toContainText('left leg a touch wide — taped 56 1/16 in');
  await expect(step(page).getByText(/done, by Aino/)).toBeVisible();
  await page.reload();
  await expect(step(page).getByText(/done, by Aino/)).toBeVisible();
  await step(page).getByRole('button', { name: 'Take it back' }).click();
  await step(page).getByRole('button', { name: 'It is not done' }).click();
  await expect(step(page).getByRole('button', { name: 'Done, by Aino' })).toBeVisible();
});

test('tubes go where the geometry lets them: refused with the reason, by a press and by the keyboard', async ({
  page,
}) => {
  await openOrder(page);
  await open(page, /^\d+ D1 tacked to/);
  await step(page).getByRole('button', { name: 'Move earlier' }).click();
  await expect(step(page).getByRole('alert')).toContainText('D1 stands on MH: it goes on after it');

  await open(page, /^\d+ HB1, HB2 tacked to/);
  const grip = page.getByRole('button', { name: /^Move “HB1, HB2 tacked/ });
  // The keys go by where things are on the screen: nothing scrolls any more then.
  await grip.scrollIntoViewIfNeeded();
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(/: now at HB1, HB2/)).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/: now at D1 tacked/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(step(page).getByRole('alert')).toContainText('HB1 stands on D1: it goes on after it');
});

test('an order that other copes follow from is asked about first, and nothing changes without a yes', async ({
  page,
}) => {
  await openOrder(page);
  await open(page, /^\d+ RD tacked to/);
  await step(page).getByRole('button', { name: 'Move earlier' }).click();
  const dialog = page.getByRole('dialog', { name: 'Other copes' });
  await expect(dialog).toContainText('WB is coped to RD, where RD is coped to WB now.');
  await expectSound(page, DIALOG);
  await dialog.getByRole('button', { name: 'Leave the order' }).click();
  await expect(step(page).getByRole('heading', { name: /RD tacked to/ })).toBeVisible();
});

test('a better order is taken by one press, and undone by another', async ({ page }) => {
  await openOrder(page);
  const order = page.getByRole('region', { name: 'This order' });
  await order.getByRole('button', { name: 'Take the better order' }).click();
  await expect(order.getByText(/No (other|better) order/)).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(order.getByRole('button', { name: 'Take the better order' })).toBeVisible();
});

test('the list is printed as saved', async ({ page }) => {
  await openOrder(page);
  const [sheet] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Print the list' }).click(),
  ]);
  await sheet.waitForURL(/\/revisions\/\d+\/build\.pdf/);
  const printed = await page.request.get(sheet.url());
  expect([printed.status(), printed.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('a cage without a tube says what comes first', async ({ page }) => {
  await newJob(page, 'No order yet');
  await stage(page, 'Build');
  await expect(page.getByText(/^No tube stands yet\./)).toBeVisible();
});
