import path from 'node:path';
import { expect, test } from './test.ts';
import { saved } from './job.ts';

const JOB = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
const DEMO = `/jobs/${JOB}`;

test('a driver in the cage: room to each tube, padding by stretch, what is hidden, getting in', async ({
  page,
}) => {
  await page.goto(`${DEMO}/driver`);
  // Every setting of the seat against every tube: some seconds where two browsers share two cores.
  await expect(
    page.getByRole('img', { name: /E. Lindqvist in the cage, seen from the left side/ }),
  ).toBeVisible();
  // Both pages of the people are one stage of the tape, between Design and Bend.
  const people = page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: /^People/ });
  await expect(people).toHaveAttribute('aria-current', 'page');
  const rooms = page.getByRole('region', { name: 'Room to the tubes' });
  const rail = rooms.getByRole('row', { name: /^SL helmet of E. Lindqvist/ });
  await expect(rail).toBeVisible();
  const padding = page.getByRole('region', { name: 'Padding' });
  await expect(padding.getByRole('row', { name: /^SL .* helmet of E. Lindqvist/ })).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Sight of E. Lindqvist' }).getByText(/^Straight ahead DA hides/),
  ).toBeVisible();
  await expect(
    page.getByRole('region', { name: 'Doors' }).getByText('enough', { exact: true }).first(),
  ).toBeVisible();

  // A taller helmet runs into the roof: told, with the tube.
  await page.getByLabel('up', { exact: true }).first().fill('1100 mm');
  await expect(page.getByText(/^The helmet of E. Lindqvist runs .* into/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^The helmet of E. Lindqvist runs .* into/)).toHaveCount(0);
  // Nothing is thrown anywhere: nothing to pad.
  await page.getByLabel('a helmet is thrown').fill('0');
  await page.getByLabel('a limb is thrown').fill('0');
  await expect(padding.getByText('Neither helmet nor limbs reach a tube.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(padding.getByRole('row', { name: /^SL / })).toBeVisible();
  await saved(page);
});

test('a place of the body starts from what the height says, and can be taken out again', async ({ page }) => {
  await page.goto(`${DEMO}/driver`);
  await page.getByRole('button', { name: 'Write down: eye' }).click();
  const eye = page.getByRole('group', { name: 'eye' });
  await expect(eye.getByLabel('forward')).toHaveValue('345 mm');
  await page.getByRole('button', { name: 'take out: eye' }).click();
  await expect(page.getByRole('button', { name: 'Write down: eye' })).toBeVisible();
  await saved(page);
});

test('a lap anchor that leaves its window is moved to where every setting of the seat keeps it', async ({
  page,
}) => {
  await page.goto(`${DEMO}/harness`);
  const belts = page.getByRole('region', { name: 'Lap belts' });
  const left = belts.getByRole('row', { name: /^E. Lindqvist, left/ });
  await expect(left.getByText('holds at every setting')).toBeVisible();
  await page.getByRole('group', { name: 'lap anchor, left' }).getByLabel('forward').fill('60 mm');
  await expect(left.getByText('leaves the window')).toBeVisible();
  await left.getByRole('button', { name: /^Move it .* forward$/ }).click();
  await expect(left.getByText('holds at every setting')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(left.getByText('holds at every setting')).toBeVisible();
  await saved(page);
});

test('a question is answered with a name, a note and a photo, which the inspector’s sheet shows', async ({
  page,
}) => {
  await page.goto(`${DEMO}/inspect`);
  const hole = page.getByRole('listitem').filter({ hasText: 'Inspection hole of' });
  await hole.getByRole('radio', { name: 'yes' }).click();
  await hole.getByLabel('who checked').fill('E. L.');
  await hole.getByLabel('note').fill('behind the seat');
  const photo = hole.getByLabel('photo for this answer');
  await photo.setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(
    page.getByText('"notes.txt" is no picture that can be opened here: choose a photo'),
  ).toBeVisible();
  await photo.setInputFiles(path.join(import.meta.dirname, '../docs/screenshots/survey.png'));
  await expect(hole.getByRole('img', { name: 'survey.jpg' })).toBeVisible();
  const today = new Date().toISOString().slice(0, 10);
  await expect(hole).toContainText(`Yes, says E. L. on ${today}, 1 photo. behind the seat`);
  await saved(page);
  await page.reload();
  // What is answered is clear by now, and folded away with what is.
  await page.getByRole('button', { name: /^clear \d+ findings/ }).click();
  await expect(hole.getByRole('img', { name: 'survey.jpg' })).toBeVisible();

  const job = (await (await page.request.get(`/api/jobs/${JOB}`)).json()) as { head: { number: number } };
  const sheet = await page.request.get(
    `/api/jobs/${JOB}/revisions/${job.head.number}/inspection.pdf?unit=mm&paper=a4`,
  );
  expect((await sheet.body()).toString('latin1')).toContain('/Subtype /Image');
  await hole.getByRole('button', { name: 'Take out survey.jpg' }).click();
  await hole.getByRole('radio', { name: 'not yet' }).click();
  await saved(page);
});

test('the tube that a rule is about is lit in the cage', async ({ page }) => {
  await page.goto(`${DEMO}/inspect`);
  const aside = page.getByRole('complementary', { name: 'The tube in the cage' });
  await expect(aside.getByText('Press a stamp')).toBeVisible();
  await page.getByRole('button', { name: 'Light DBL' }).first().click();
  await expect(aside.getByText(/^DB: \d+ out, \d+ to look at/)).toBeVisible();
});

test('places stand on a picture of the car, each with its boxes; the one in hand says how it is taken', async ({
  page,
}) => {
  await page.goto(`${DEMO}/survey?view=places`);
  const car = page.getByRole('region', { name: 'The car and its places' });
  const up = car.getByLabel('windscreen pillar, left: up');
  await up.focus();
  const hand = page.getByRole('complementary', { name: 'The place in hand' });
  await expect(hand).toContainText('Straight up from the floor');
  await expect(hand).toContainText('windscreen pillar, right');
  await up.fill('861 mm');
  await expect(hand).toContainText('861 mm');
  await car.getByRole('radio', { name: 'from above' }).click();
  await expect(car.getByLabel('windscreen pillar, left: to the left')).toHaveValue('636 mm');
  await expect(hand.getByLabel('up, not seen from here')).toHaveValue('861 mm');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(hand.getByLabel('up, not seen from here')).toHaveValue('860 mm');
  await saved(page);
});

test('the driver is drawn at the setting that is chosen, with the nearest tubes by their distance', async ({
  page,
}) => {
  await page.goto(`${DEMO}/driver`);
  const picture = page.getByRole('img', { name: /in the cage, seen from the left side/ });
  await expect(picture).toContainText(/helmet .* to RDX2/);
  const scale = page.getByRole('slider', { name: 'setting of the seat' });
  await expect(scale).toHaveAttribute('aria-valuetext', 'as measured');
  const before = await picture.textContent();
  await scale.press('End');
  await expect(scale).toHaveAttribute('aria-valuetext', /slide \+/);
  await expect(picture).not.toHaveText(before ?? '');
});
