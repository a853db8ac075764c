import { expect, type Page, test } from './test.ts';
import { DIALOG, expectSound } from './accessible.ts';
import { newJob, stage } from './job.ts';

async function openBuild(page: Page) {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Build');
  await page.getByRole('link', { name: 'Cut plan', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Cut plan' })).toBeVisible();
}

/** An offcut of the demo cage's tube, long enough for one bar of it. */
async function putOffcut(page: Page) {
  await page.goto('/shop/rack');
  await page.getByRole('button', { name: 'Put tube on the rack' }).click();
  const dialog = page.getByRole('dialog', { name: 'Put tube on the rack' });
  await dialog.getByLabel('outside diameter').fill('1 3/4 in');
  await dialog.getByLabel('wall').fill('.095 in');
  await dialog.getByLabel('length', { exact: true }).fill('66 in');
  await dialog.getByLabel('what it is').selectOption('an offcut');
  await dialog.getByLabel(/^place/).fill('by the saw');
  await dialog.getByLabel('how many of them').fill('many');
  await expect(dialog.getByText('a whole number from 1 to 100')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Put it on the rack' })).toBeDisabled();
  await dialog.getByLabel('how many of them').fill('1');
  await dialog.getByRole('button', { name: 'Put it on the rack' }).click();
  await expect(dialog).toBeHidden();
}

const onRack = (page: Page, text: string) => page.getByRole('row').filter({ hasText: text });

/** One bend into it SL is spoiled. */
async function spoil(page: Page) {
  await page.getByRole('button', { name: 'SL is spoiled' }).click();
  const spoiled = page.getByRole('dialog', { name: 'SL is spoiled' });
  await expectSound(page, DIALOG);
  await spoiled.getByLabel('how far it was bent').selectOption({ index: 1 });
  await spoiled.getByLabel('why it is spoiled').fill('second bend would hit the die');
  await spoiled.getByLabel('where it lies now').fill('rack 2 left');
  await spoiled.getByRole('button', { name: 'Into the log, and onto the rack' }).click();
  await expect(spoiled).toBeHidden();
}

test('from the cage to a cut plan that is printed, tubes sawn, one spoiled and found again for another bar', async ({
  page,
}) => {
  await putOffcut(page);
  await expect(onRack(page, 'by the saw')).toContainText('offcut');
  await expect(onRack(page, 'by the saw')).toContainText('nobody');

  await openBuild(page);
  await expect(page.getByText('Nothing is laid out yet.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lay it out' })).toBeDisabled();
  await page.getByLabel('laid out by').fill('Aino');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(
    page.getByText(/sticks, \d+ of them bought: nothing holds them for less \(proven\)/),
  ).toBeVisible();
  const own = page.getByRole('listitem', { name: /^stick/ }).filter({ hasText: 'from the rack, by the saw' });
  await expect(own).toHaveCount(1);

  const print = await page.getByRole('link', { name: 'Print the cut plan' }).getAttribute('href');
  const sheet = await page.request.get(print ?? '');
  expect([sheet.status(), sheet.headers()['content-type']]).toEqual([200, 'application/pdf']);

  // Nothing is sawn of tube that somebody else may take.
  const sawn = (stamp: string) => page.getByRole('checkbox', { name: `${stamp} is sawn`, exact: true });
  await expect(sawn('SL')).toBeDisabled();
  await page.getByRole('button', { name: 'Reserve its tube' }).click();
  for (const stamp of ['SL', 'MH']) {
    await sawn(stamp).click();
    await expect(sawn(stamp)).toBeChecked();
  }
  for (const box of await own.getByRole('checkbox').all()) {
    await box.click();
    await expect(box).toBeChecked();
  }
  await own.getByRole('button', { name: 'Nothing of it is kept' }).click();
  await expect(own.getByText('Done with, says Aino; nothing of it was kept.')).toBeVisible();
  await page.reload();
  await expect(sawn('SL')).toBeChecked();
  await expect(page.getByRole('button', { name: 'Let its tube go' })).toBeDisabled();

  await spoil(page);

  // Another blank for it, and nothing else.
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByText(/Sawn already, or reserved for an earlier plan: .*MH/)).toBeVisible();
  await expect(sawn('SL')).toHaveCount(2);

  const bent = page.getByRole('region', { name: 'Bent pieces on the rack' });
  await expect(bent.getByText(/SL lies in it: bends .+ still to be made; cut .+ off end A/)).toBeVisible();
  // One bend lies in a plane: the other hand can still be made of it.
  await expect(bent.getByText(/SR lies in it/)).toBeVisible();

  await page.goto('/shop/rack');
  await expect(onRack(page, 'rack 2 left')).toContainText('bent, 1 bend');
  await expect(onRack(page, 'rack 2 left')).toContainText('spoiled SL');
  await expect(onRack(page, 'by the saw')).toHaveCount(0);
  await page.goto('/log');
  await expect(onRack(page, 'second bend would hit the die').first()).toBeVisible();
});

test('a cage without a tube says what comes first, and nothing can be promised to it', async ({ page }) => {
  await newJob(page, 'Nothing yet');
  await stage(page, 'Build');
  await page.getByRole('link', { name: 'Cut plan', exact: true }).click();
  await page.getByLabel('laid out by').fill('Aino');
  await page.getByRole('button', { name: 'Lay it out' }).click();
  await expect(page.getByText(/^No tube of this cage can be cut yet/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Reserve its tube' })).toBeDisabled();
});
