import { expect, test } from './test.ts';
import { stage } from './job.ts';

test('a machine, a die and test bends, with errors where they are', async ({ page }) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Add a machine' }).click();
  await page.getByRole('button', { name: 'Keep the machine' }).click();
  await expect(page.getByText('give the machine a name')).toBeVisible();
  await page.getByLabel('name of the machine').fill('Floor bender');
  await page.getByRole('button', { name: 'Keep the machine' }).click();

  const card = page.getByRole('region', { name: 'Floor bender' });
  await card.getByRole('button', { name: 'Add a die' }).click();
  await page.getByLabel('name of the die').fill('1 5/8 die');
  await page.getByLabel('tube diameter it takes').fill('wide');
  await page.getByRole('button', { name: 'Keep the die' }).click();
  await expect(page.getByText('"wide" is not a length')).toBeVisible();
  await expect(page.getByText('give the centreline radius')).toBeVisible();
  await page.getByLabel('tube diameter it takes').fill('1 5/8');
  await page.getByLabel('centreline radius').fill('5');
  await page.getByLabel('straight the clamp needs').fill('4');
  await page.getByLabel('offset of the mark').fill('-1/2');
  await page.getByRole('button', { name: 'Keep the die' }).click();
  await expect(card).toContainText('1 5⁄8 die');

  await card.getByRole('button', { name: 'Test bend due' }).click();
  await page.getByLabel('dial read at full pull').fill('90');
  await page.getByLabel('angle when released').fill('95');
  await page.getByLabel('wall', { exact: true }).fill('0.095');
  await page.getByRole('button', { name: 'Add the test bend' }).click();
  await expect(page.getByText(/a bend opens when released/)).toBeVisible();
  await page.getByLabel('angle when released').fill('85.5');
  await page.getByRole('button', { name: 'Add the test bend' }).click();
  await expect(page.getByRole('dialog').getByRole('cell', { name: '4.5°' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(card.getByRole('button', { name: '1 test bend' })).toBeVisible();

  await card.getByRole('button', { name: 'Remove Floor bender' }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(card).toBeHidden();
});

test('a machine where it stands: half a figure is told at its field, and the picture waits for it', async ({
  page,
}) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Change Ram bender' }).click();
  const form = page.getByRole('dialog');
  await form.getByLabel('operator stands, forward of the die').fill('here');
  await expect(form.getByText('"here" is not a length')).toBeVisible();
  await expect(form.getByRole('img', { name: 'The machine from above' })).toBeVisible();
  await form.getByRole('button', { name: 'Add what stands round the die' }).click();
  await form.getByLabel('one corner, left').fill('there');
  await form.getByRole('button', { name: 'Keep the machine' }).click();
  await expect(form.getByText('say what it is')).toBeVisible();
  await form.getByLabel('what stands there').fill('a vice');
  await form.getByLabel('one corner, left').fill('20');
  await form.getByRole('button', { name: 'Leave it out' }).click();
  await form.getByRole('button', { name: 'Keep the machine' }).click();
  await expect(form).toBeHidden();
  await page.getByRole('button', { name: 'Change Ram bender' }).click();
  await expect(form.getByLabel('what stands there')).toHaveValue('a vice');
  await expect(form.getByRole('button', { name: 'Say where the operator stands' })).toBeVisible();
});

test('a die by what a shop knows: a test piece with a tape, and a table of the tube that bends use', async ({
  page,
}) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Change 2 in, 6 in radius' }).click();
  const form = page.getByRole('dialog');
  await form.getByRole('button', { name: 'Find the finished radius from a test piece' }).click();
  // R = (A + B − L0)/(2·tan(θ/2) − θ) [handbook §5]: 2.575 in gained at 90° is a radius of 6 in.
  await form.getByLabel('length before bending').fill('30');
  await form.getByLabel('one leg to the corner').fill('15');
  await form.getByLabel('the other leg').fill('14');
  await form.getByLabel('released angle').fill('90');
  await expect(form.getByText(/the two legs to the corner must be longer together/)).toBeVisible();
  await form.getByLabel('the other leg').fill('17.575');
  await expect(form.getByText(/Its radius is 5\.999 in; 0\.039 in of tape is 0\.092 in of it/)).toBeVisible();
  await form.getByRole('button', { name: 'Use it' }).click();
  await expect(form.getByLabel('measured finished radius')).toHaveValue(/152\.4 mm|^6$|5\.99/);
  await form.getByLabel('measured finished radius').fill('');
  await form.getByRole('button', { name: 'Add an angle' }).click();
  await form.getByRole('button', { name: 'Keep the die' }).click();
  await expect(form.getByText('give the angle of the bend')).toBeVisible();
  await form.getByRole('button', { name: 'Take angle 1 away' }).click();
  await form.getByRole('button', { name: 'Keep the die' }).click();
  await expect(form).toBeHidden();
});

test('new test bends never move a plan in silence: it is told what taking them over would change', async ({
  page,
}) => {
  await page.goto('/shop');
  const card = page.getByRole('region', { name: 'Long-arm bender' });
  await card.getByRole('button', { name: '5 test bends' }).click();
  await page.getByLabel('dial read at full pull').fill('80');
  await page.getByLabel('angle when released').fill('72');
  await page.getByRole('button', { name: 'Add the test bend' }).click();
  await expect(page.getByRole('dialog').getByRole('cell', { name: '8°' })).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();

  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Bend');
  const crown = page.locator('[data-bend="2"]');
  await expect(crown).toContainText('next 79.5°');
  const panel = page.getByRole('region', { name: 'Changed at the shop' });
  // Bends of parts that other tests logged on this die tell of its springback, too.
  await expect(panel).toContainText(/\d new test bends?/);
  await expect(panel).toContainText(/bend 2: 79° → (79\.5|8\d)/);
  await panel.getByRole('button', { name: 'Use the die as it is now' }).click();
  await expect(crown).not.toContainText('next 79.5°');
  await expect(panel).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(crown).toContainText('next 79.5°');
});

test('rule books are read with where their figures come from', async ({ page }) => {
  await page.goto('/rule-books');
  await page.getByRole('link', { name: 'International safety cage figures' }).click();
  await expect(page.getByText('from memory, check against the current edition')).toBeVisible();
  await expect(page.getByRole('cell', { name: 'bends have a radius of at least 3 × OD' })).toBeVisible();
});
