import { expect, type Page, test } from './test.ts';
import { byKeys, byMouse, byTaps, type Hands } from './hands.ts';
import { HANDBOOK_CAR } from './job.ts';

/** A second program with nothing in it (scripts/test.mjs). */
const EMPTY = process.env.GYRUS_EMPTY_ADDRESS ?? '';

/** The screens that were seen, by their addresses without ids. */
function screensOf(page: Page): () => number {
  const seen: string[] = [];
  page.on('framenavigated', (frame) => {
    if (frame !== page.mainFrame()) return;
    const { pathname } = new URL(frame.url());
    if (seen.at(-1) !== pathname) seen.push(pathname);
  });
  return () => seen.length;
}

const stage = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: new RegExp(`^${name}`) });

/** From a shop with nothing in it to the sheet of a hoop, by what stands on the pages alone. */
async function firstSheet(page: Page, hands: Hands, name: string): Promise<void> {
  await page.goto(`${EMPTY}/jobs`);
  await hands.press(page.getByRole('link', { name: 'Shop', exact: true }));
  await hands.press(page.getByRole('button', { name: 'Add a machine' }));
  await hands.type(page.getByLabel('name of the machine'), name);
  await hands.press(page.getByRole('button', { name: 'Keep the machine' }));
  const card = page.getByRole('region', { name, exact: true });
  await hands.press(card.getByRole('button', { name: 'Add a die' }));
  await hands.type(page.getByLabel('name of the die'), `die of ${name}`);
  await hands.type(page.getByLabel('tube diameter it takes'), '1 3/4');
  await hands.type(page.getByLabel('centreline radius'), '6');
  await hands.type(page.getByLabel('straight the clamp needs'), '3 1/2');
  await hands.press(page.getByRole('button', { name: 'Keep the die' }));
  await expect(card).toContainText(`die of ${name}`);

  await hands.press(page.getByRole('link', { name: 'Jobs', exact: true }));
  await hands.press(page.getByRole('button', { name: 'New job' }));
  await hands.type(page.getByLabel('name of the job'), `car of ${name}`);
  await hands.press(page.getByRole('button', { name: 'Start the job' }));
  await hands.type(page.getByLabel('car', { exact: true }), 'Wheatear 1200');
  await hands.type(page.getByLabel(/^car's weight/), '1980 lb');
  await hands.press(page.getByLabel('International safety cage figures'));

  await hands.press(stage(page, 'Survey'));
  for (const [label, text] of Object.entries(HANDBOOK_CAR))
    await hands.type(page.getByLabel(label, { exact: true }), text);
  await hands.press(stage(page, 'Bend'));
  await hands.choose(page.getByLabel('die', { exact: true }), `die of ${name}`);
  await expect(page.getByRole('img', { name: /blank 1\d\d/ })).toBeVisible();
  await expect(page.getByText(/^saved, revision \d+/)).toBeVisible();
  await hands.press(page.getByRole('button', { name: 'Print sheet' }));
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    hands.press(page.getByRole('button', { name: 'Open the sheet' })),
  ]);
  await expect.poll(() => popup.url()).toContain('bend-sheet.pdf');
  const sheet = await page.request.get(popup.url());
  expect((await sheet.body()).subarray(0, 5).toString()).toBe('%PDF-');
}

test('an empty program says what comes first, why, and what is there; an example is opened and put away', async ({
  page,
}) => {
  await page.goto(`${EMPTY}/jobs`);
  const steps = page.getByRole('region', { name: 'First steps' });
  // No other file gives this program a die, and this is the first test of its file.
  await expect(steps.getByRole('listitem')).toHaveCount(3);
  await steps.getByRole('link', { name: 'Add the bender' }).click();
  const band = page.getByRole('navigation', { name: 'First steps' });
  await expect(band).toContainText('The bender and its die –');
  await band.getByRole('link', { name: 'Back to the first steps' }).click();
  await page.getByRole('button', { name: 'Open the example' }).click();
  await expect(page.getByRole('heading', { name: 'Cage' })).toBeVisible();
  await page.goto(`${EMPTY}/jobs`);
  await page.getByRole('button', { name: 'Put Example: an invented hatchback away' }).click();
  await expect(page.getByRole('link', { name: 'Example: an invented hatchback' })).toHaveCount(0);
});

test('by mouse: from an empty program to a printed bend sheet in 12 screens and 25 entries at most', async ({
  page,
}) => {
  const screens = screensOf(page);
  const hands = byMouse();
  await firstSheet(page, hands, 'mouse bender');
  expect(screens()).toBeLessThanOrEqual(12);
  expect(hands.entries()).toBeLessThanOrEqual(25);
});

test('the same by keyboard alone, shop and printing with it', async ({ page }) => {
  await firstSheet(page, byKeys(page), 'keys bender');
});

test.describe('on a tablet', () => {
  test.use({ hasTouch: true, viewport: { width: 1024, height: 768 } });
  test('the same by taps', async ({ page }) => {
    await firstSheet(page, byTaps(), 'taps bender');
  });
});

test('a size that no die has is asked back at its box, in the shop’s own unit, which a new job takes over', async ({
  page,
}) => {
  await page.goto(`${EMPTY}/shop`);
  await page.getByRole('button', { name: 'Add a machine' }).click();
  await page.getByLabel('name of the machine').fill('doubtful bender');
  await page.getByRole('button', { name: 'Keep the machine' }).click();
  await page
    .getByRole('region', { name: 'doubtful bender' })
    .getByRole('button', { name: 'Add a die' })
    .click();
  await page.getByLabel('tube diameter it takes').fill('45');
  await expect(page.getByText(/^45 in · 1143 mm: is that right\? This is mostly from 9.16 in/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Throw it away' }).click();
  await page.getByRole('radio', { name: 'millimetres' }).click();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'millimetres' })).toBeChecked();
  await page.goto(`${EMPTY}/jobs?new`);
  await expect(page.getByRole('radio', { name: 'millimetres' })).toBeChecked();
});
