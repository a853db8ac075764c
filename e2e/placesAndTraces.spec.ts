import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from './test.ts';
import { add, measure, newJob, saved, stage } from './job.ts';

/** A metric car of the test's own. */
const CAR = {
  'half width at the floor, left': '690 mm',
  'half width at the floor, right': '690 mm',
  'half width at the roof rail, left': '560 mm',
  'half width at the roof rail, right': '560 mm',
  'headliner at the centre': '1100 mm',
};

async function surveyed(page: Page, name: string): Promise<void> {
  await newJob(page, name);
  await stage(page, 'Survey');
  await measure(page, CAR);
}

/** The three figures of a place, by what is asked there. */
async function place(page: Page, legend: string, figures: [string, string, string], nth = 0): Promise<void> {
  const group = page.getByRole('group', { name: legend }).nth(nth);
  for (const [i, label] of ['forward', 'to the left', 'up'].entries())
    await group.getByLabel(label).fill(figures[i] ?? '');
}

/** Nothing on the page is out of reach of those who cannot see it, or use no mouse. */
const accessible = async (page: Page) =>
  expect(
    (await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze()).violations,
  ).toEqual([]);

test('a front hoop within the section of the body that was measured for it; what was not measured is asked', async ({
  page,
}) => {
  await surveyed(page, 'Front hoop');
  await stage(page, 'Design');
  await page.getByLabel('add, in the usual order of work').selectOption('front-hoop');
  await page.getByLabel('built', { exact: true }).selectOption('within its section of the body');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText("measure the front hoop's section at Survey first");

  await stage(page, 'Survey');
  await page.getByRole('radio', { name: 'front hoop section' }).click();
  await page.getByRole('button', { name: 'Measure it' }).click();
  const corners = page.getByRole('complementary', { name: 'Its corners' });
  await expect(corners.getByRole('group', { name: 'landing', exact: true })).toBeVisible();
  await place(page, 'on the body', ['600 mm', '540 mm', '1060 mm'], 2);
  await expect(page.getByText(/^Between the corners at the head of the screen: 42 1\/2 in/)).toBeVisible();

  await accessible(page);
  await stage(page, 'Design');
  await add(page, 'front-hoop', 'within its section of the body');
  await page.getByLabel('gap to the body').fill('12 mm');
  await expect(page.getByRole('list', { name: 'Tubes' })).toContainText('4 bends');
  await page.getByLabel('the hoop comes about').selectOption('take-off');
  await expect(page.getByLabel('leans back, going up')).toBeVisible();
  await page.getByLabel('distances are').selectOption('to sample marks');
  await expect(page.getByLabel('its mark to its bend')).toBeVisible();
  await saved(page);
});

test('a role that stands on another is added with it in one press', async ({ page }) => {
  await surveyed(page, 'With what it stands on');
  await stage(page, 'Design');
  await page.getByLabel('add, in the usual order of work').selectOption('rear-cross');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('A rear cross stands on a backstay: add that first.');
  await page.getByRole('button', { name: 'Add the backstay first, and this on it' }).click();
  await expect(page.getByRole('heading', { name: 'rear cross' })).toBeVisible();
  const tubes = page.getByRole('list', { name: 'Tubes' });
  for (const stamp of ['BL', 'BR', 'RX'])
    await expect(tubes.getByRole('button', { name: new RegExp(`^${stamp} `) })).toBeVisible();
  // Each is a step of its own to undo.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(tubes.getByRole('button', { name: /^RX / })).toHaveCount(0);
  await expect(tubes.getByRole('button', { name: /^BL / })).toBeVisible();
});

test('a traced shape becomes a take-off with its radius; what cannot be read says in which row', async ({
  page,
}) => {
  await surveyed(page, 'Traced');
  await stage(page, 'Design');
  await add(page, 'frame-tube');
  await page.getByRole('button', { name: 'from a traced shape' }).click();
  const dialog = page.getByRole('dialog', { name: 'A traced shape' });
  const places = dialog.getByLabel('places along and off the straight edge');
  await places.fill('0 mm, 0\n100 mm, o5 mm');
  await expect(dialog.getByRole('status')).toContainText('row 2: ');
  await expect(dialog.getByRole('button', { name: 'Take it as a take-off' })).toBeDisabled();
  // An arc of 300 mm radius over 60°, a straight of 200 mm before and behind it.
  const rad = Math.PI / 180;
  const arc = [0, 10, 20, 30, 40, 50, 60].map((a) => [
    200 + 300 * Math.sin(a * rad),
    300 * (1 - Math.cos(a * rad)),
  ]);
  const end = [100, 200].map((s) => [
    200 + 300 * Math.sin(60 * rad) + s * Math.cos(60 * rad),
    150 + s * Math.sin(60 * rad),
  ]);
  const trace = [[0, 0], [100, 0], ...arc, ...end];
  await places.fill(trace.map(([x = 0, y = 0]) => `${x.toFixed(1)} mm, ${y.toFixed(1)} mm`).join('\n'));
  await expect(dialog.getByRole('status')).toContainText(/^(59|60)[\d.]*° on a radius of 11 13⁄16 in/);
  await accessible(page);
  await dialog.getByLabel('mirrored').check();
  await dialog.getByRole('button', { name: 'Take it as a take-off' }).click();
  await expect(page.getByLabel('between its ends it runs')).toHaveValue('take-off');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('between its ends it runs')).toHaveValue('through');
});

test('a line of sight says what shows past the pillar; two points of a zone give a bar its gap to the body', async ({
  page,
}) => {
  await surveyed(page, 'Seen');
  await stage(page, 'Design');
  await add(page, 'side-hoop');
  await stage(page, 'Survey');
  await page.getByRole('radio', { name: 'places in the car' }).click();
  const sights = page.getByRole('region', { name: 'Lines of sight' });
  await sights.getByRole('button', { name: 'line of sight' }).click();
  await sights.getByLabel('name').fill('left pillar');
  await place(page, 'middle of the pillar, low', ['1000 mm', '700 mm', '640 mm']);
  await place(page, 'middle of the pillar, high', ['580 mm', '560 mm', '1080 mm']);
  await expect(sights).toContainText(/SL (shows|is hidden by it).*° off/);
  await sights.getByLabel('parallel within').fill('100');
  await expect(sights).toContainText(/45/);
  await sights.getByLabel('parallel within').fill('0');

  const points = page.getByRole('region', { name: 'Points', exact: true });
  for (const [i, at] of (
    [
      ['100 mm', '590 mm', '1075 mm'],
      ['450 mm', '580 mm', '1070 mm'],
    ] as [string, string, string][]
  ).entries()) {
    await points.getByRole('button', { name: 'point', exact: true }).click();
    await points.getByLabel('name').fill(`rail ${i + 1}`);
    await points.getByLabel('zone').selectOption({ label: 'roof' });
    await place(page, 'where', at);
  }
  await stage(page, 'Design');
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^SL / }).click();
  const gaps = page.getByRole('region', { name: 'Gap to the body at the roof, SL' });
  await expect(gaps.getByRole('row')).toHaveCount(3);
  await expect(gaps).toContainText('not measured');
  await expect(page.getByText(/SL looks .* off left pillar/).first()).toBeVisible();
});

test('a panel between bars is drawn as it is cut and comes as a file; an old hoop is bent again', async ({
  page,
}) => {
  await surveyed(page, 'Panel');
  await stage(page, 'Design');
  await add(page, 'backstay', 'straight');
  await add(page, 'rear-cross');
  await page.getByRole('radio', { name: 'plates and parts' }).click();
  await page.getByRole('button', { name: 'panel between 4 bars' }).click();
  const panel = page.getByRole('region', { name: 'Panel PN1' });
  await expect(panel).toContainText(/tabs on RX, from its end A: /);
  await saved(page);
  const opened = page.waitForEvent('popup');
  await panel.getByRole('button', { name: 'SVG' }).click();
  const sheet = await opened;
  await expect.poll(() => sheet.url()).toContain('/outline.svg');
  await sheet.close();

  await page.getByRole('radio', { name: 'tubes', exact: true }).click();
  await page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: /^MH / }).click();
  await page.getByLabel('the hoop comes about').selectOption('taped');
  await page.getByLabel('the hoop', { exact: true }).selectOption({ label: 'came with the car' });
  await page.getByRole('button', { name: 'bend pulled further' }).click();
  await page.getByLabel('further by').fill('3');
  await page.getByLabel('further by').fill('0');
  await expect(page.getByText(/0\.1/).first()).toBeVisible();
  await page.getByLabel('further by').fill('3');
  await saved(page);
  await stage(page, 'Build');
  await expect(page.getByText('Bent again: MH').first()).toBeVisible();
});
