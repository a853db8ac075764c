import { expect, type Page, test } from './test.ts';
import { add, measure, newJob, saved, stage } from './job.ts';

/** A metric car of the test's own: nothing of it is in the demo. */
const CAR = {
  'half width at the floor, left': '690 mm',
  'half width at the floor, right': '692 mm',
  'half width at the roof rail, left': '560 mm',
  'half width at the roof rail, right': '561 mm',
  'headliner at the centre': '1050 mm',
};

const tubes = (page: Page) => page.getByRole('list', { name: 'Tubes' });
const pick = (page: Page, stamp: string) =>
  tubes(page)
    .getByRole('button', { name: new RegExp(`^${stamp} `) })
    .click();

/** The three figures of a point, by the name of what stands at it. */
async function place(page: Page, legend: string, [x, y, z]: [string, string, string]): Promise<void> {
  const group = page.getByRole('group', { name: legend });
  await group.getByLabel('forward').fill(x);
  await group.getByLabel('to the left').fill(y);
  await group.getByLabel('up').fill(z);
}

test('a six-point cage from an empty job, typed from its measurements', async ({ page }) => {
  await newJob(page, 'Small cage');
  await stage(page, 'Survey');
  await measure(page, CAR);
  await stage(page, 'Design');

  await add(page, 'diagonal', "driver's side left");
  await add(page, 'harness-bar', 'offset left');
  await page.getByLabel('above the floor').first().fill('610 mm');
  await page.getByLabel('above the floor').last().fill('610 mm');
  await page.getByLabel('offset', { exact: true }).fill('95 mm');
  await page.getByLabel('width of the offset').fill('150 mm');
  await page.getByLabel('its middle, toward end B').fill('-130 mm');

  await add(page, 'backstay', 'straight');
  await place(page, 'the point', ['-880 mm', '455 mm', '240 mm']);

  await add(page, 'side-hoop');
  await place(page, 'the point', ['1020 mm', '668 mm', '110 mm']);
  await page.getByRole('group', { name: 'bends at pillar foot' }).getByLabel('up').fill('655 mm');

  await add(page, 'windscreen-bar', 'cranked');
  await page.getByLabel('slope of its ends').fill('10');
  await add(page, 'door-bar', 'bowed pair');
  await page.getByLabel('rise (or the slope)').fill('70 mm');

  // Hoop, diagonal, harness bar, two backstays, two side hoops, windscreen bar, four door bars.
  await expect(page.getByText(/^12 tubes,/)).toBeVisible();
  await expect(page.getByText(/cannot be placed/)).toHaveCount(0);
  await expect(page.getByText(/At mid-door on the left 2 tubes stand/)).toBeVisible();

  // One measurement changed moves all that depends on it.
  await page.getByRole('radio', { name: 'side', exact: true }).click();
  await pick(page, 'SL');
  const bay = page.getByText(/^12 tubes, /);
  const before = await bay.innerText();
  await stage(page, 'Survey');
  await measure(page, { 'headliner at the centre': '1010 mm' });
  await stage(page, 'Design');
  await expect(bay).not.toHaveText(before);

  await stage(page, 'Bend');
  await pick(page, 'SR');
  await expect(page.getByRole('heading', { name: 'Side hoop, right hand of a pair' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Side hoop, right hand of a pair' })).toBeVisible();
});

test('an X splits, a whole bar is told that it runs into another, and a split mends it', async ({ page }) => {
  await newJob(page, 'X');
  await stage(page, 'Survey');
  await measure(page, CAR);
  await stage(page, 'Design');
  await add(page, 'diagonal', 'X');
  for (const stamp of ['D1', 'DX1', 'DX2'])
    await expect(tubes(page).getByRole('button', { name: new RegExp(`^${stamp} `) })).toBeVisible();
  await pick(page, 'DX1');
  await page.getByText('Splits, offset, existing tube').click();
  await page.getByRole('checkbox', { name: 'D1 diagonal' }).uncheck();
  await expect(page.getByText(/D1 and DX run .* into each other/)).toBeVisible();
  await page.getByRole('checkbox', { name: 'D1 diagonal' }).check();
  await expect(page.getByText(/into each other/)).toHaveCount(0);
});

test('a frame without a car: typed points, a pasted list of bends, and nodes to set up by', async ({
  page,
}) => {
  await newJob(page, 'Frame');
  await stage(page, 'Design');
  await add(page, 'frame-tube');
  await expect(page.getByText(/^1 tube,/)).toBeVisible();
  await page.getByLabel('between its ends it runs').selectOption('take-off');
  await page.getByRole('button', { name: 'paste or read a list' }).click();
  await page.getByLabel('the list').fill('12, 0, 400\n6');
  await expect(page.getByText(/^row 1: /)).toBeVisible();
  await page.getByLabel('the list').fill('12, 0, 45\n10, 90, 30\n6');
  await expect(page.getByText('2 bends', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Take the list' }).click();
  await expect(tubes(page).getByRole('button', { name: /^FT .*2 bends/ })).toBeVisible();
  await stage(page, 'Survey');
  await page.getByRole('radio', { name: 'places in the car' }).click();
  await expect(page.getByRole('cell', { name: 'N1', exact: true })).toBeVisible();
});

test('plates, gussets and keep-outs are entered, answered and undone', async ({ page }) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c03/design?tab=parts');
  await page.getByRole('button', { name: 'plate', exact: true }).click();
  await page.getByLabel('length', { exact: true }).fill('200 mm');
  await expect(page.getByText(/^200 cm², under MH/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^150 cm², under MH/)).toBeVisible();
  await page.getByRole('button', { name: 'bar without a cage' }).click();
  await expect(page.getByText(/between bend starts 876 mm/)).toBeVisible();
  await stage(page, 'Survey');
  await page.getByRole('radio', { name: 'places in the car' }).click();
  await page.getByRole('button', { name: /^seat travel/ }).click();
  await page.getByLabel('clear of it by').fill('1 mm');
  await expect(page.getByText(/^1 mm clear of it; \d nearer/)).toBeVisible();
});

test('variants go their own way, are compared, and a named revision comes back', async ({ page }) => {
  await newJob(page, 'Variants');
  await stage(page, 'Survey');
  await measure(page, CAR);
  await page.getByRole('link', { name: 'Variants' }).click();
  await page.getByLabel('name what is on screen').fill('before any bar');
  await page.getByRole('button', { name: 'Keep under this name' }).click();
  await expect(page.getByRole('cell', { name: 'before any bar' })).toBeVisible();
  // What the save before it changed is told, and what Undo would take back.
  await expect(
    page
      .getByRole('cell', { name: /half width at the floor, left .*; \d+ more|headliner at the centre/ })
      .first(),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Undo' })).toHaveAttribute(
    'title',
    /^Undo: headliner at the centre/,
  );
  await page.getByLabel('start a variant from what is on screen, named').fill('with an X');
  await page.getByRole('button', { name: 'Start the variant' }).click();
  await expect(page.getByRole('columnheader', { name: 'with an X' })).toBeVisible();
  await stage(page, 'Design');
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder(/a stage, a stamp/).fill('add diagonal, x');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^4 tubes,/)).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/^4 tubes,/)).toBeVisible();
  await page.getByRole('link', { name: 'Variants' }).click();
  const row = page.getByRole('row', { name: /^tubes \d/ });
  await expect(row).toHaveText(/tubes\s*1\s*4/);
  await page.getByRole('button', { name: 'Go on with main' }).click();
  await stage(page, 'Design');
  await expect(page.getByText(/^1 tube,/)).toBeVisible();
  await add(page, 'diagonal', "driver's side left");
  await expect(page.getByText(/^2 tubes,/)).toBeVisible();
  await page.getByRole('link', { name: 'Variants' }).click();
  await page
    .getByRole('row', { name: /before any bar/ })
    .getByRole('button', { name: /^Restore/ })
    .click();
  await stage(page, 'Design');
  await expect(page.getByText(/^1 tube,/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/^2 tubes,/)).toBeVisible();
});

test('distances are measured, and the fit order hides what is fitted later', async ({ page }) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01/design?view=front');
  await page.getByLabel('this tube').selectOption({ label: 'HB1' });
  await page.getByLabel('and', { exact: true }).selectOption({ label: 'helmet of E. Lindqvist' });
  await expect(page.getByText('surface to surface')).toBeVisible();
  await expect(page.getByRole('img', { name: /front view: MH, D1, HB1/ })).toBeVisible();
  await page.getByLabel(/^fitted up to/).fill('2');
  await expect(page.getByRole('img', { name: 'The cage, front view: MH, D1', exact: true })).toBeVisible();
  await page.getByLabel('mirror image').check();
  await expect(page.getByRole('cell', { name: 'SL and SR' })).toBeVisible();
});

test('every end has its cope: the saw card, the template, and the table to mark by hand', async ({
  page,
}) => {
  await page.goto('/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01/cope');
  const ends = page.getByRole('list', { name: 'Ends' });
  await ends.getByRole('button', { name: /^RX A/ }).click();
  await expect(page.getByRole('heading', { name: 'End A', exact: true })).toBeVisible();
  await expect(page.getByText("notcher's dial")).toBeVisible();
  await expect(page.getByRole('img', { name: /RX end A, seating line, coped to BL/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'Setbacks round the tube' }).getByRole('listitem')).toHaveCount(
    12,
  );
  await page.getByRole('radio', { name: 'every 20°' }).click();
  await expect(page.getByRole('list', { name: 'Setbacks round the tube' }).getByRole('listitem')).toHaveCount(
    18,
  );
  await ends.getByRole('button', { name: /^D1 A/ }).click();
  await expect(page.getByText(/No setting of the notcher: the branch lands on a bend/)).toBeVisible();
});
