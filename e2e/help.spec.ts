import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from './test.ts';
import { newJob, stage } from './job.ts';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';

const palette = async (page: Page, words: string): Promise<void> => {
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder(/a stage, a stamp/).fill(words);
  await page.keyboard.press('Enter');
};

test('a word of the trade says what it means by hover, by focus and by touch', async ({ page, browser }) => {
  await page.goto(`${DEMO}/bend`);
  const words = page.getByRole('complementary', { name: 'Words of this page' });
  const word = words.getByRole('button', { name: 'springback', exact: true });
  const help = page.getByText(/^How far a bend opens again/);
  await word.hover();
  await expect(help).toBeVisible();
  await expect(page.getByRole('img', { name: 'springback' })).toBeVisible();
  await page.mouse.move(5, 700);
  await expect(help).toHaveCount(0);
  await words.getByRole('button', { name: 'turn', exact: true }).focus();
  await page.keyboard.press('Tab');
  await expect(help).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(help).toHaveCount(0);

  const glass = await browser.newContext({ hasTouch: true, viewport: { width: 1024, height: 768 } });
  const tablet = await glass.newPage();
  await tablet.goto(new URL(page.url()).href);
  await tablet.getByRole('button', { name: 'clamp', exact: true }).tap();
  await expect(tablet.getByText(/^The block that holds the tube/)).toBeVisible();
  await glass.close();
});

test('the palette finds fields, findings, jobs and words; a field is lit where it is', async ({ page }) => {
  await page.goto(`${DEMO}/cope`);
  await expect(page.getByRole('button', { name: 'Everything that can be done' })).toBeVisible();
  await palette(page, 'headliner at the centre');
  const box = page.getByLabel('headliner at the centre', { exact: true });
  await expect(box).toBeFocused();
  await expect(box).toHaveAttribute('data-sought', '');
  await palette(page, 'windscreen pillar, left');
  await expect(page.getByLabel('windscreen pillar, left: forward')).toBeFocused();
  await palette(page, 'look: gap that holds a finger');
  await expect(page).toHaveURL(/\/design/);
  await palette(page, 'word: throat');
  await expect(page).toHaveURL(/\/about#word-throat$/);
  await expect(page.getByText('The deepest place of a cope, between its ears.')).toBeInViewport();
});

test('a question mark lists the keys; a skip link leads past head and stages; undo says what it undoes', async ({
  page,
}) => {
  await newJob(page, 'By keys');
  await stage(page, 'Survey');
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('everything that can be done, by name');
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(violations.map(({ id }) => id)).toEqual([]);
  await page.keyboard.press('Escape');
  await expect(keys).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Main hoop section' })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  await page.getByLabel('headliner at the centre', { exact: true }).fill('41 3/8');
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute(
    'title',
    'Undo: headliner at the centre 41 3/8 in (Ctrl+Z)',
  );
});

test('the page about the program says what it does not know, and shows a first cage', async ({ page }) => {
  await page.goto('/about');
  await expect(
    page.getByText('Whether a cage is strong. It computes no loads, and approves nothing.'),
  ).toBeVisible();
  await expect(page.getByText(/^Version \d+\.\d+\.\d+$/)).toBeVisible();
  const pictures = page.getByRole('region', { name: 'A first cage' }).getByRole('img');
  await expect(pictures).toHaveCount(10);
  for (const picture of await pictures.all()) {
    await picture.scrollIntoViewIfNeeded();
    await expect
      .poll(() => picture.evaluate((image: HTMLImageElement) => image.naturalWidth))
      .toBeGreaterThan(600);
  }
});

test('the brief tells the least tube of a book; who is named there sits in the car, unmeasured', async ({
  page,
}) => {
  await newJob(page, 'Least tube');
  await page.getByLabel(/^car's weight/).fill('1980 lb');
  await expect(
    page.getByText(/^least main hoop: 1 3.4 in × 0\.095 in drawn over mandrel/).first(),
  ).toBeVisible();
  await page.getByLabel('drivers, with commas between').fill('A. Holm, B. Rask');
  await stage(page, 'Survey');
  await page.getByRole('radio', { name: 'places in the car' }).click();
  const people = page.getByRole('region', { name: 'Who sits in it' });
  await expect(people.getByRole('listitem')).toHaveText([
    /^A. Holm\s*shoulder and helmet not measured yet/,
    /^B. Rask\s*shoulder and helmet not measured yet/,
  ]);
  const [list] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Print the list for the car' }).click(),
  ]);
  await expect.poll(() => list.url()).toContain('measuring.pdf');
  const answer = await page.request.get(list.url());
  expect((await answer.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('a plate is put under every foot that has none in one press, and taken out again', async ({ page }) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c03/design?tab=parts');
  const plates = page.getByRole('region', { name: 'Base plates' }).getByRole('listitem');
  const all = page.getByRole('button', { name: /^plates under all \d+ feet that have none$/ });
  await expect(all).toBeVisible();
  const before = await plates.count();
  const feet = Number(/\d+/.exec((await all.textContent()) ?? '')?.[0]);
  await all.click();
  await expect(plates).toHaveCount(before + feet);
  await expect(all).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(plates).toHaveCount(before);
});
