import { expect, type Locator, type Page, test } from './test.ts';
import { DIALOG, expectSound, expectSoundForced } from './accessible.ts';
import { newJob, stage } from './job.ts';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';

const button = (name: string | RegExp) => (page: Page) => page.getByRole('button', { name }).first();

/** Where each is opened, by which control, and its title. */
const DIALOGS: [where: string, opener: (page: Page) => Locator, title: string | RegExp][] = [
  ['/jobs', button('New job'), 'New job'],
  ['/jobs', button(/^Copy Ptarmigan/), /^Copy Ptarmigan/],
  [`${DEMO}/bend`, button('Print sheet'), 'Print'],
  [`${DEMO}/cope`, button('Notcher and limits'), 'Notcher and limits'],
  ['/shop', button('Add a machine'), 'New machine'],
  ['/shop', button('Change Long-arm bender'), 'Machine'],
  ['/shop', button('Add a die'), 'New die'],
  ['/shop', button('Change 1 3/4 in, 6 in radius'), 'Die'],
  ['/shop', button('Remove Ram bender'), 'Remove Ram bender?'],
  ['/shop', button('5 test bends'), /^Test bends/],
  ['/shop', button('Add tube'), 'Add tube'],
  ['/shop/rack', button('Put tube on the rack'), 'Put tube on the rack'],
  ['/shop/welding', button('Write a procedure down'), 'Write a procedure down'],
  ['/shop/welding', button('A sample was cut open'), /^Sample of/],
];

// Each looks at a page of its own and writes nothing.
test.describe.configure({ mode: 'parallel' });

for (const [where, openerOn, title] of DIALOGS)
  test(`${String(title)} at ${where.replace(DEMO, '/demo')}: begins at its first field, is accessible at every size, and gives the focus back`, async ({
    shown,
  }) => {
    const { page } = await shown.visit(where);
    const opener = openerOn(page);
    await opener.click();
    const dialog = page.getByRole('dialog', { name: title });
    await expect(dialog).toBeVisible();
    const fields = dialog.locator('input, select, textarea, [role="radio"]');
    if ((await fields.count()) > 0)
      await expect(
        dialog.locator('input:focus, select:focus, textarea:focus, [role="radio"]:focus'),
      ).toHaveCount(1);
    await expectSound(page, DIALOG);
    await expectSoundForced(page, DIALOG);
    await page.keyboard.press('Escape');
    await expect(dialog).toBeHidden();
    await expect(opener).toBeFocused();
  });

test('the palette and the list of keys are accessible at every size', async ({ page }) => {
  await page.goto(`${DEMO}/survey`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectSound(page, DIALOG);
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await expectSound(page, DIALOG);
});

test('a list of bends, a traced shape and a term’s help are accessible at every size', async ({ page }) => {
  await newJob(page, 'Its dialogs');
  await stage(page, 'Design');
  await page.getByLabel('add, in the usual order of work').selectOption('frame-tube');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'from a traced shape' }).click();
  const traced = page.getByRole('dialog', { name: 'A traced shape' });
  await expect(traced).toBeVisible();
  await expectSound(page, DIALOG);
  await traced.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'paste or read a list' }).click();
  await expect(page.getByRole('dialog', { name: 'A list of bends' })).toBeVisible();
  await expectSound(page, DIALOG);
});
