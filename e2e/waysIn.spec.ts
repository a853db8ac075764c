import { expect, type Page, test } from './test.ts';
import { HANDBOOK_CAR, add, measure, newJob, saved, stage } from './job.ts';

const TUBE = '1 1/2 in × 0.095 in drawn over mandrel, batch 7732';

const cameBy = (page: Page) => page.getByLabel('the hoop comes about');
const group = (page: Page, name: string) => page.getByRole('group', { name, exact: true });
const tube = (page: Page, stamp: string) =>
  page.getByRole('list', { name: 'Tubes' }).getByRole('button', { name: new RegExp(`^${stamp} `) });

/** The sheet that is printed of a tube is a PDF. */
async function print(page: Page): Promise<void> {
  await saved(page);
  await page.getByRole('button', { name: 'Print sheet' }).click();
  const [popup] = await Promise.all([
    page.waitForEvent('popup'),
    page.getByRole('button', { name: 'Open the sheet' }).click(),
  ]);
  await expect.poll(() => popup.url()).toContain('.pdf');
  const answer = await page.request.get(popup.url());
  expect([answer.status(), answer.headers()['content-type']]).toEqual([200, 'application/pdf']);
  await popup.close();
  await page.keyboard.press('Escape');
}

// 9 in to the first mark, 4 1/2 in from mark to bend, 54° taking 6 3/4 in, 5 1/4 in to the second mark, 32° taking 4 1/8 in,
// 16 7/8 in to the floor: 51 in a side [common practice].
test('a hoop from sample bends held up in the car, a diagonal and backstays on it, printed', async ({
  page,
}) => {
  await newJob(page, 'By sample bends');
  await stage(page, 'Design');
  await cameBy(page).selectOption('by straights and bends, or sample bends');
  await page.getByLabel('distances are').selectOption('to sample marks');
  await page.getByLabel('its mark to its bend').fill('4 1/2');
  const first = group(page, 'bend 1');
  await first.getByLabel('to its mark').fill('9');
  await first.getByLabel('bend', { exact: true }).fill('54');
  await first.getByLabel('tube it takes').fill('6 3/4');
  await page.getByRole('button', { name: 'bend', exact: true }).click();
  const second = group(page, 'bend 2');
  await second.getByLabel('to its mark').fill('5 1/4');
  await second.getByLabel('bend', { exact: true }).fill('32');
  await second.getByLabel('tube it takes').fill('4 1/8');
  await page.getByLabel('from there to the foot').fill('16 7/8');

  const added = page.getByRole('table', { name: /^Added up from the centre mark/ });
  await expect(added.getByRole('row').last()).toContainText('51');
  await expect(page.getByText(/The body round it is not measured: no gaps are known/)).toBeVisible();

  // Half a figure changes nothing, and says so where it is.
  await second.getByLabel('to its mark').fill('5 1/');
  await expect(second.getByLabel('to its mark')).toHaveAttribute('aria-invalid', 'true');
  await expect(added.getByRole('row').last()).toContainText('51');
  await second.getByLabel('to its mark').fill('5 1/4');

  await add(page, 'diagonal', "driver's side left");
  await add(page, 'backstay', 'straight');
  await expect(tube(page, 'BL')).toBeVisible();
  await expect(page.getByText(/^4 tubes,/)).toBeVisible();

  await stage(page, 'Bend');
  await page.getByLabel('die').selectOption({ index: 1 });
  await print(page);
  await page.reload();
  await stage(page, 'Design');
  await tube(page, 'MH').click();
  await expect(second.getByLabel('to its mark')).toHaveValue('5 1/4');
});

test('a hoop that came with the car stands and is taped; a harness bar and a diagonal are new, and printed', async ({
  page,
}) => {
  await newJob(page, 'It came with a hoop');
  await stage(page, 'Design');
  await cameBy(page).selectOption('as it stands, by tape');
  await page.getByLabel('height over the crown').fill('44');
  const feet = group(page, 'width at the feet');
  await feet.getByLabel('height above what it stands on').fill('0');
  await feet.getByLabel('outside to outside').fill('54');
  const high = group(page, 'highest width, below the crown');
  await high.getByLabel('height above what it stands on').fill('30');
  await high.getByLabel('outside to outside').fill('48');
  await page.getByLabel('the hoop', { exact: true }).selectOption('came with the car');
  // 44 in over the crown less half a tube of 1 3/4.
  await expect(page.getByRole('img', { name: /^Main hoop from behind: .* 44 in high/ })).toBeVisible();

  // The widths from the top down are no hoop.
  await feet.getByLabel('height above what it stands on').fill('40');
  await expect(page.getByText(/give the widths from the feet up/).first()).toBeVisible();
  await feet.getByLabel('height above what it stands on').fill('0');

  await add(page, 'diagonal', "driver's side left");
  await add(page, 'harness-bar', 'straight');
  // The diagonal, and the two halves of the bar that it splits.
  await expect(page.getByText(/^3 tubes,/)).toBeVisible();

  await stage(page, 'Bend');
  await expect(page.getByRole('list', { name: 'Tubes' })).toBeVisible();
  await tube(page, 'HB1').click();
  await page.getByLabel('die').selectOption({ index: 1 });
  await print(page);
  await stage(page, 'Cope');
  // The old hoop is coped to, and never cut.
  await expect(page.getByText('coped to MH').first()).toBeVisible();
  await expect(page.getByRole('button', { name: /^MH [AB]/ })).toHaveCount(0);
});

test('a bar without a cage: between two places, its ends bent, straps to it, printed', async ({ page }) => {
  await newJob(page, 'One bar');
  await page.getByRole('radio', { name: 'harness bar without a cage' }).click();
  await expect(page.getByText('The main hoop is out of this job')).toBeVisible();
  await stage(page, 'Design');
  // Put in, and taken out again by hand.
  await add(page, 'main hoop');
  await page.getByRole('button', { name: 'Take out the main hoop' }).click();
  await expect(page.getByText('This job has no main hoop and no tube yet')).toBeVisible();
  await add(page, 'harness-bar', 'between two places, ends bent');
  await expect(page.getByText(/^1 tube,/)).toBeVisible();
  await page.getByLabel('straight in the middle').fill('34 1/2');
  await page.getByLabel('slope of its ends').fill('90');
  await expect(page.getByLabel('slope of its ends')).toHaveAttribute('aria-invalid', 'true');
  await page.getByLabel('slope of its ends').fill('45');
  await page.getByLabel('tube', { exact: true }).selectOption({ label: TUBE });

  await stage(page, 'Survey');
  await expect(
    page.getByText('This job has no main hoop: its tubes stand on points of their own.'),
  ).toBeVisible();
  await stage(page, 'Bend');
  await page.getByLabel('die').selectOption({ index: 1 });
  await expect(page.locator('[data-bend="1"]')).toContainText('45°');
  await print(page);
});

test('a measure taken twice keeps both readings, says how far they differ, and either can count', async ({
  page,
}) => {
  await newJob(page, 'Taped twice');
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await page.getByLabel('headliner at the centre', { exact: true }).click();
  await page.getByLabel('taken again').fill('41 7/8');
  await expect(
    page.getByText('The two readings are 1⁄2 in apart; the one on the picture counts.'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Count the other one' }).click();
  await expect(page.getByLabel('headliner at the centre', { exact: true })).toHaveValue('41 7/8');
  await expect(page.getByLabel('taken again')).toHaveValue('41 3/8');
  await saved(page);
  await page.reload();
  await stage(page, 'Inspect');
  await expect(
    page.getByText(/headliner at the centre was read as 41 7⁄8 in, by which the cage goes/).first(),
  ).toBeVisible();
});
