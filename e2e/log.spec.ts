import { expect, test } from './test.ts';

test('a batch has what its certificate says, and the file itself', async ({ page }) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Add tube' }).click();
  const dialog = page.getByRole('dialog', { name: 'Add tube' });
  await dialog.getByLabel('outside diameter').fill('1 7/8 in');
  await dialog.getByLabel('wall', { exact: true }).fill('.109 in');
  await dialog.getByLabel('batch or heat number').fill('Z-9');
  await dialog.getByLabel("number of the mill's certificate").fill('C-909');
  await dialog.getByLabel('tensile strength (may be empty)').fill('strong');
  await expect(dialog.getByText(/is no strength: write 540 MPa or 78 ksi/)).toBeVisible();
  await dialog.getByLabel('tensile strength (may be empty)').fill('78 ksi');
  await dialog.getByLabel('elongation in percent (may be empty)').fill('14');
  await dialog.getByLabel(/^length of a stick/).fill('20 ft');
  await dialog.getByRole('button', { name: 'Add the tube' }).click();
  await expect(dialog).toBeHidden();
  const row = page.getByRole('row').filter({ hasText: 'C-909' });
  await expect(row).toContainText('tensile 538 MPa · 78 ksi; elongation 14 %');
  const file = { name: 'C-909.pdf', mimeType: 'application/pdf', buffer: Buffer.from('%PDF-1.4\n') };
  await row.getByLabel(/^the certificate of/).setInputFiles({ ...file, buffer: Buffer.from('no pdf') });
  await expect(page.getByText(/neither a PDF nor a JPEG picture/)).toBeVisible();
  await row.getByLabel(/^the certificate of/).setInputFiles(file);
  const link = row.getByRole('link', { name: 'C-909.pdf' });
  await expect(link).toBeVisible();
  const kept = await page.request.get((await link.getAttribute('href')) ?? '');
  expect([kept.status(), kept.headers()['content-type']]).toEqual([200, 'application/pdf']);
});

test('the log is searched over all jobs; what is not there is said', async ({ page }) => {
  const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
  const scrap = {
    ...{
      job: '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01',
      issued: null,
      stamp: 'QX',
      reason: 'kinked at the knee',
    },
    tube: { od: mm(45), wall: mm(2.5), kind: 'cold-drawn-seamless', batch: 'E-1' },
    ...{ length: mm(900), cost: null, who: 'Aino', at: '2026-11-27T09:00:00.000Z', note: '' },
  };
  const sent = await page.request.put(`/api/log/scrap/${crypto.randomUUID()}`, { data: scrap });
  expect(sent.status()).toBe(200);
  await page.goto('/log');
  const search = page.getByLabel(/^search all jobs/);
  await search.fill('ptarmigan kinked');
  const row = page.getByRole('row').filter({ hasText: 'kinked at the knee' });
  await expect(row.first()).toBeVisible();
  await expect(page.getByRole('row', { name: /^QX 0 1 100/ })).toBeVisible();
  await search.fill('kinked nowhere');
  await expect(page.getByText('Nothing in the log has all of these words.')).toBeVisible();
  await search.fill('');
  await expect(row.first()).toBeVisible();
  await expect(page.getByRole('region', { name: 'The last cars of a model' })).toBeVisible();
});
