import { expect, test } from './test.ts';
import { HANDBOOK_CAR, measure, newJob, saved, stage } from './job.ts';

test('a number that cannot be read says why at its field, and half a number outlives a reload', async ({
  page,
}) => {
  await newJob(page, 'Half a number');
  await stage(page, 'Survey');
  const roof = page.getByLabel('half width at the roof rail, left');
  await roof.fill('23 3/');
  await expect(roof).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText('"23 3/" is not a length')).toBeVisible();
  await page.reload();
  await expect(roof).toHaveValue('23 3/');
  await roof.fill('23 3/8');
  await expect(roof).not.toHaveAttribute('aria-invalid', 'true');
  await roof.focus();
  await expect(page.getByText('= 23 3⁄8 in · 593.7 mm').last()).toBeVisible();
});

test('protractor and widths that contradict each other: both are shown, and none is picked in silence', async ({
  page,
}) => {
  await newJob(page, 'Contradiction');
  await stage(page, 'Survey');
  await measure(page, {
    ...HANDBOOK_CAR,
    "wall's lean by protractor, left": '7',
    "wall's lean by protractor, right": '7',
  });
  const panel = page.getByRole('region', { name: 'Measures that contradict each other' });
  await expect(panel).toContainText('83°');
  await expect(panel).toContainText('85.4°');
  await stage(page, 'Design');
  await expect(
    page.getByText("The wall's lean and the widths contradict each other: say which reading is not trusted."),
  ).toBeVisible();
  await stage(page, 'Survey');
  await panel.getByRole('button', { name: 'Do not trust the width at the roof' }).click();
  await expect(panel).toBeHidden();
  await stage(page, 'Design');
  await expect(page.getByText('83°').first()).toBeAttached();
  // Measuring again asks again.
  await stage(page, 'Survey');
  await page.getByLabel("wall's lean by protractor, left").fill('8');
  await expect(panel).toBeVisible();
});

test('undo and redo, one step a field, from the keyboard', async ({ page }) => {
  await newJob(page, 'Undo');
  await stage(page, 'Survey');
  const centre = page.getByLabel('headliner at the centre');
  await centre.pressSequentially('41 1/4');
  await centre.press('Enter');
  await expect(page.getByLabel('headliner at the corner, left')).toBeFocused();
  await page.getByLabel('half width at the floor, left').pressSequentially('29');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('half width at the floor, left')).toHaveValue('');
  await page.keyboard.press('Control+z');
  await expect(centre).toHaveValue('');
  await page.keyboard.press('Control+y');
  await expect(centre).toHaveValue('41 1/4');
});

test('nothing is lost when the network is: it is kept here and saved when it comes back', async ({
  page,
  context,
}) => {
  await newJob(page, 'No network');
  await stage(page, 'Survey');
  await saved(page);
  await context.setOffline(true);
  await measure(page, HANDBOOK_CAR);
  await expect(page.getByRole('status')).toContainText('no answer: kept here, trying again');
  await stage(page, 'Design');
  await expect(page.getByRole('img', { name: /Main hoop from behind/ })).toBeVisible();
  await context.setOffline(false);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('img', { name: /Main hoop from behind/ })).toBeVisible();
});

test('flipping the unit flips what is shown, and a bare number then means millimetres', async ({ page }) => {
  await newJob(page, 'Units');
  await stage(page, 'Survey');
  const centre = page.getByLabel('headliner at the centre');
  await centre.fill('41 1/4');
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await expect(centre).toHaveValue('1047.8');
  await centre.fill('1050');
  await centre.focus();
  await expect(page.getByText('= 1050 mm · 41 5⁄16 in').last()).toBeVisible();
});

test('a whole width typed into either box of its halves is asked about, and halved by one press', async ({
  page,
}) => {
  await newJob(page, 'Whole widths');
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await stage(page, 'Survey');
  const box = (side: string) => page.getByLabel(`half width at the floor, ${side}`, { exact: true });
  await box('right').fill('1404');
  await expect(
    page.getByText(/^1404 mm · .*: is that right\? This is mostly from 300 mm to 900 mm/),
  ).toBeVisible();
  await page.getByRole('button', { name: 'It is the whole width: take 1404 / 2' }).click();
  await expect(box('right')).toHaveValue('702');
  await expect(box('left')).toHaveValue('702');
  await expect(page.getByRole('button', { name: /^It is the whole width/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(box('right')).toHaveValue('1404');
  await expect(box('left')).toHaveValue('');
});
