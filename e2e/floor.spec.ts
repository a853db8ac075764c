import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page, test } from './test.ts';
import { type IssuedSheet, type MadeBend } from '@gyrus/contract';
import { type Shop } from '@gyrus/core';
import { Devices } from './devices.ts';
import { saved, stage } from './job.ts';

// Bends of parts stay in the log: those of this file are made on a die that no other file looks at.
const JOB = 'Solan 1.6 coupe';

let devices: Devices;
test.beforeAll(() => {
  devices = new Devices();
});
test.afterAll(() => devices.stop());

const button = (page: Page, name: string | RegExp): Locator =>
  page.getByRole('button', { name, exact: typeof name === 'string' });
const press = (page: Page, name: string | RegExp) => button(page, name).click();
/** Of the step on screen: the biggest figure. */
const figureOf = (page: Page) => page.locator('p.figure').first();

/** Opens a demo job at Bend and issues its first tube. */
async function issue(page: Page, job: string): Promise<string> {
  await page.goto('/jobs');
  await page.getByRole('link', { name: job }).click();
  await stage(page, 'Bend');
  await saved(page);
  await page.getByLabel('issued by').fill('Aino');
  await press(page, /^Issue revision/);
  await page.waitForURL(/\/floor\/.+/);
  await expect(page.getByText('works without a network, too')).toBeVisible();
  return page.url();
}

/** A bend's steps up to the pull, which the dial is zeroed before. */
async function toThePull(page: Page): Promise<number> {
  await press(page, 'It lies so');
  await press(page, 'Clamped');
  await devices.type('next');
  await devices.type('zero');
  await press(page, 'Zeroed');
  await expect(page.getByRole('heading', { name: 'Pull to' })).toBeVisible();
  return pullFigure(page);
}

const pullFigure = async (page: Page): Promise<number> =>
  Number((await figureOf(page).innerText()).replace('°', ''));

/** Pulls by the dial, and takes the gauge's angle over by a tap. */
async function pullAndMeasure(page: Page, to: number): Promise<number> {
  await devices.type(`pull ${to} 300`);
  await expect(page.getByText(/^STOP/)).toBeVisible();
  await press(page, /Release and measure/);
  await devices.type('release');
  await press(page, /^Take the gauge's/);
  const released = Number((await button(page, /^It has/).innerText()).replace(/[^\d.]/g, ''));
  await press(page, /^It has/);
  return released;
}

/** The reading that the first bend asks for, by least squares over its die's test bends (handbook §5, definition). */
async function readingBySheet(page: Page, sheet: string): Promise<number> {
  const { answers } = (await (
    await page.request.get(sheet.replace('/floor/', '/api/issued/'))
  ).json()) as IssuedSheet;
  const { bends, steps } = answers.sheet;
  const bend = bends[(steps[0]?.bend ?? 0) - 1];
  if (!bend) throw new Error('a hoop has bends');
  const tests = bend.die.tests.map(({ reading, released }) => ({ x: reading.deg, y: released.deg }));
  const mean = (of: (test: { x: number; y: number }) => number) =>
    tests.reduce((sum, test) => sum + of(test), 0) / tests.length;
  const [x, y] = [mean((test) => test.x), mean((test) => test.y)];
  const slope = mean((test) => (test.x - x) * (test.y - y)) / mean((test) => (test.x - x) ** 2);
  return x + (bend.angle - y) / slope;
}

const bendsOf = async (page: Page, sheet: string): Promise<MadeBend[]> => {
  const all = (await (await page.request.get('/api/log/bends')).json()) as MadeBend[];
  return all.filter(({ issued }) => sheet.endsWith(issued ?? '-')).reverse();
};

test('a hoop is bent by the sheet with dial and gauge, one bend corrected, the network cut in the middle: nothing lost, nothing twice', async ({
  page,
  context,
}) => {
  const url = await issue(page, JOB);
  await press(page, 'It is marked');
  const first = await toThePull(page);
  // The pull is shown to a tenth of a degree.
  expect(Math.abs(first - (await readingBySheet(page, url)))).toBeLessThan(0.06);
  await expect(page.getByText(/° to go$/)).toBeVisible();
  // Stopped early, it falls short, and is pulled on by what was measured.
  await devices.type(`pull ${first - 4} 300`);
  await expect(page.getByText(/^(4(\.[0-2])?|3\.[89])° to go/)).toBeVisible();
  await press(page, /Release and measure/);
  await devices.type('release');
  await press(page, /^Take the gauge's/);
  await press(page, /^It has/);
  await expect(page.getByRole('status').getByText(/short\. Pull to/)).toBeVisible();

  await context.setOffline(true);
  await press(page, /^Pull on to/);
  await expect(page.getByText(/no network: \d steps? kept here/)).toBeVisible();
  // Without a network no device is heard: what was read is typed.
  const again = await pullFigure(page);
  await press(page, 'Type the dial');
  await page.getByLabel('degrees').fill(String(again));
  await press(page, /^Take it/);
  await page.getByLabel('released angle').fill('83.6');
  await page.reload();
  await expect(page.getByLabel('released angle')).toHaveValue('83.6');
  await press(page, /^It has/);
  await press(page, 'Go on');
  await expect(page.getByText(/pull 2 of 2/)).toBeVisible();
  await press(page, 'It lies so');
  expect(
    await (await page.request.get(`${url.replace('/floor/', '/api/issued/')}/state`)).json(),
  ).toMatchObject({
    ticks: { length: 6 },
  });

  await context.setOffline(false);
  await expect(page.getByText('works without a network, too')).toBeVisible();
  await press(page, 'Clamped');
  await devices.type('next');
  await devices.type('zero');
  await press(page, 'Zeroed');
  const second = await pullFigure(page);
  await pullAndMeasure(page, second);
  await page.getByRole('heading', { name: /what now\?$/ }).waitFor();
  await expect.poll(async () => (await bendsOf(page, url)).length).toBe(3);
  const bends = await bendsOf(page, url);
  expect(bends[1]).toMatchObject({ bend: bends[0]?.bend, released: { deg: 83.6 }, reading: { deg: again } });
  // The springback line has the new points.
  const shop = (await (await page.request.get('/api/shop')).json()) as Shop;
  const tests = shop.machines.flatMap(({ dies }) => dies).flatMap((die) => die.tests);
  for (const { id } of bends)
    expect(tests.filter((one) => one.id === id)).toMatchObject([{ made: 'production', sound: true }]);
});

test('two tablets tick one step: the second is told who did, and its own measure is not in the log', async ({
  page,
  browser,
}) => {
  const url = await issue(page, JOB);
  const other = await (await browser.newContext()).newPage();
  await other.goto(url);
  await other.getByLabel(/your name/).fill('Ben');
  await press(other, 'That is me');
  await expect(button(other, 'It is marked')).toBeVisible();
  await other.context().setOffline(true);
  await press(other, 'It is marked');
  await press(page, 'It is marked');
  await expect(button(page, 'It lies so')).toBeVisible();
  await expect(page.getByText('works without a network, too')).toBeVisible();
  await other.context().setOffline(false);
  const told = other.getByRole('alert').filter({ hasText: 'was ticked by Aino on another tablet' });
  await expect(told).toBeVisible();
  await press(other, 'Seen');
  await expect(told).toBeHidden();
  // What the one ticks, the other sees.
  await press(page, 'It lies so');
  await expect(button(other, 'Clamped')).toBeVisible();
  await other.context().close();
});

test('devices that babble, stray or die are told, and fill nothing in', async ({ page }) => {
  await issue(page, JOB);
  await press(page, 'It is marked');
  await toThePull(page);
  await devices.type('babble dial 1.5');
  await expect(page.getByText('The dial babbles')).toBeVisible();
  await expect(page.getByText('The dial babbles')).toBeHidden();
  await devices.type('stray dial 1.5');
  await expect(page.getByText('The dial says what no bend can be')).toBeVisible();
  await expect(page.getByText('The dial says what no bend can be')).toBeHidden();
  await devices.type('silent dial 3');
  await expect(page.getByText('The dial is silent')).toBeVisible();
  await press(page, 'Type the dial');
  await page.getByLabel('degrees').fill('half a turn');
  await expect(button(page, /^Take it/)).toBeDisabled();
  await page.getByLabel('degrees').fill('86');
  await press(page, /^Take it/);
  await devices.type('stray gauge 2');
  await expect(page.getByText('The angle gauge says what no bend can be')).toBeVisible();
  await expect(page.getByLabel('released angle')).toHaveValue('');
  await expect(button(page, 'Measure it first')).toBeDisabled();
});

test('a sheet whose plan moves on is stale at once, and says what changed; a spoiled piece is written down', async ({
  page,
  context,
}) => {
  await issue(page, JOB);
  const desk = await context.newPage();
  await desk.goto('/jobs');
  await desk.getByRole('link', { name: JOB }).click();
  await stage(desk, 'Bend');
  const trim = desk.getByLabel(/^trim at A/);
  const was = await trim.inputValue();
  await trim.fill('100 mm');
  await saved(desk);
  const stale = page.getByRole('alert', { name: 'What has changed' });
  await expect(stale).toContainText('STALE');
  await expect(stale).toContainText(/the blank is .* mm and not/);
  await press(page, 'The piece is scrap');
  await page.getByRole('radio', { name: 'wrong plane' }).click();
  await page.getByLabel(/what it cost/).fill('much');
  await expect(page.getByText('a cost is a number')).toBeVisible();
  await page.getByLabel(/what it cost/).fill('31,50');
  await page.getByLabel(/it goes on the rack, at/).fill('under the bender');
  await press(page, 'Write it down as scrap');
  await expect(page.getByText('MH is scrap: wrong plane.')).toBeVisible();
  await expect
    .poll(async () => (await page.request.get('/api/log/scrap.csv')).text())
    .toContain('wrong plane');
  // Nothing was bent of it yet: it lies on the rack as long as it was cut.
  await desk.goto('/shop/rack');
  const piece = desk.getByRole('row').filter({ hasText: 'under the bender' });
  await expect(piece).toContainText('spoiled MH: wrong plane');
  await expect(piece).toContainText('offcut');
  await piece.getByRole('button', { name: /^Take .* off the rack/ }).click();
  await expect(piece).toHaveCount(0);
  await desk.goBack();
  await trim.fill(was);
  await saved(desk);
});

test('a second tap that comes too soon ticks nothing', async ({ page }) => {
  await issue(page, JOB);
  await press(page, 'It is marked');
  await button(page, 'It lies so').dblclick();
  await expect(button(page, 'Clamped')).toBeEnabled();
  await expect(page.getByText(/step 2 of 6/)).toBeVisible();
});

test('a step at the bender is accessible, at the size of a desk and of a tablet', async ({ page }) => {
  await issue(page, JOB);
  await press(page, 'It is marked');
  await toThePull(page);
  for (const size of [
    { width: 1280, height: 800 },
    { width: 800, height: 1280 },
    { width: 1024, height: 768 },
  ]) {
    await page.setViewportSize(size);
    const { violations } = await new AxeBuilder({ page })
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' | ')}`)).toEqual(
      [],
    );
    const small = await page
      .getByRole('button')
      .evaluateAll((buttons) => buttons.filter((one) => one.getBoundingClientRect().height < 64).length);
    expect(small).toBe(0);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wide).toBeLessThanOrEqual(0);
    // The way on is on the screen without scrolling.
    await expect(button(page, /Release and measure/)).toBeInViewport({ ratio: 1 });
  }
});
