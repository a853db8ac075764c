import { expect, type Page, test } from './test.ts';
import { saved, stage } from './job.ts';

const atMachine = (page: Page) => page.getByRole('region', { name: 'At the machine' });

async function openBend(page: Page) {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Bend');
}

/** The distance to the wall at the left of the long-arm bender. */
async function setLeftWall(page: Page, distance: string) {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Change Long-arm bender' }).click();
  await page.getByLabel('to the wall at the left').fill(distance);
  await page.getByRole('button', { name: 'Keep the machine' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
}

test('a tube is walked through its pulls: which end is fed, how far it is pulled, what is near', async ({
  page,
}) => {
  await openBend(page);
  const machine = atMachine(page);
  await expect(machine.getByText('feed end A')).toBeVisible();
  await expect(machine).toContainText(/384 of 384 orders and ways round can be bent/);
  await machine.getByRole('radio', { name: 'at full pull' }).click();
  await expect(machine.getByText('79.3°', { exact: true })).toBeVisible();
  await machine.getByRole('slider', { name: 'pulled' }).press('Home');
  await expect(machine.getByText('0°', { exact: true })).toBeVisible();
  await machine.getByRole('radio', { name: 'step 3: bend 3' }).click();
  await expect(machine.getByText('feed end B')).toBeVisible();
  await expect(machine.getByRole('img', { name: /end B fed, the clamp toward A/ })).toBeVisible();
});

test('the order of the bends is kept with the plan, and the one that never turns the tube round is offered', async ({
  page,
}) => {
  await openBend(page);
  const machine = atMachine(page);
  const steps = page.getByRole('list', { name: 'Steps at the bender' }).getByRole('heading');
  await machine.getByRole('button', { name: 'Bend 1 earlier' }).click();
  await expect(steps.first()).toContainText('step 1: bend 1');
  await saved(page);
  await page.reload();
  await expect(steps.first()).toContainText('step 1: bend 1');
  await machine.getByRole('button', { name: 'Take this order' }).click();
  await expect(
    machine.getByText(/None turns the tube end for end less often than this one \(0\)/),
  ).toBeVisible();
  await expect(page.getByText(/end for end/)).toHaveCount(1);
  await saved(page);
});

test('a wall that the tube would meet is told with the degree, and why no order works', async ({ page }) => {
  await setLeftWall(page, '3 ft');
  try {
    await openBend(page);
    const machine = atMachine(page);
    const clashing = machine
      .getByRole('listitem')
      .filter({ hasText: 'cannot be pulled in this order' })
      .first();
    await expect(clashing).toBeVisible();
    const bend = /bend \d/.exec(await clashing.innerText())?.[0];
    await machine.getByRole('radio', { name: `: ${bend}` }).click();
    await expect(
      machine.getByText(/This pull cannot be made: the tube meets the wall at the left at \d+/),
    ).toBeVisible();
    await expect(machine).toContainText('None of the 384 orders and ways round can be bent on this machine');
    await machine.getByRole('button', { name: /pulls that cannot be made, and why/ }).click();
    await expect(
      machine.getByText(/^bend \d, clamp toward [AB], first: the tube meets the wall/).first(),
    ).toBeVisible();
  } finally {
    await setLeftWall(page, '10 ft');
  }
});

test('what of the machine nobody measured is asked for, and is not clear', async ({ page }) => {
  await setLeftWall(page, '10 ft');
  await page.getByRole('button', { name: 'Change Long-arm bender' }).click();
  await page.getByLabel("tube's axis over the floor").fill('');
  await page.getByRole('button', { name: 'Keep the machine' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  try {
    await openBend(page);
    await expect(atMachine(page)).toContainText('Not measured: the height over the floor');
  } finally {
    await page.goto('/shop');
    await page.getByRole('button', { name: 'Change Long-arm bender' }).click();
    await page.getByLabel("tube's axis over the floor").fill('38');
    await page.getByRole('button', { name: 'Keep the machine' }).click();
  }
});

test('ten thousand of a tube are made up with the errors of the shop, which are kept', async ({ page }) => {
  await openBend(page);
  const outcome = page.getByRole('region', { name: 'How it may come out' });
  await expect(outcome.getByRole('row', { name: /foot to foot 56 in 56/ })).toBeVisible();
  await outcome.getByLabel('an angle by about, in degrees').fill('wide');
  await expect(outcome.getByText('a number from 0 to 20')).toBeVisible();
  await outcome.getByLabel('an angle by about, in degrees').fill('0');
  await outcome.getByLabel('a turn by about, in degrees').fill('0');
  await outcome.getByLabel('a mark is off by about').fill('1/8');
  await outcome.getByRole('button', { name: 'Make them up' }).click();
  await expect(
    outcome.getByText('Marks are 100 % of what spreads the ends, angles 0 %, turns 0 %.'),
  ).toBeVisible();
  await page.reload();
  await expect(outcome.getByLabel('a mark is off by about')).toHaveValue('1/8');
  await expect(outcome.getByText('Marks are 100 %')).toBeHidden();
});

test('a limit of the job is held against the hoop, and against what its bends may release to', async ({
  page,
}) => {
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Ptarmigan 1300' }).click();
  await stage(page, 'Bend');
  const outcome = page.getByRole('region', { name: 'How it may come out' });
  await expect(outcome.getByText(/width outside at the feet: the job wants at most 59 1.4 in/)).toBeVisible();
  await stage(page, 'Survey');
  await page.goto(`${new URL(page.url()).pathname}?view=places`);
  await page.getByRole('button', { name: /^width outside at the feet/ }).click();
  await page.getByLabel('limit', { exact: true }).fill('57 in');
  await saved(page);
  await stage(page, 'Design');
  await expect(page.getByText(/Width outside at the feet: 57 .+; the job wants at most 57 in/)).toBeVisible();
  await stage(page, 'Bend');
  await expect(outcome.getByText(/the job wants at most 57 in; at the worse end it is 58/)).toBeVisible();
});

test('a bend that came out short says what to pull to; one that is over is never passed in silence', async ({
  page,
}) => {
  await openBend(page);
  const now = page.getByRole('region', { name: 'What now?' });
  await now.getByRole('radio', { name: /bend 2$/ }).click();
  await now.getByLabel('released angle').fill('73');
  await expect(now.getByRole('status')).toContainText('2.1° short. Pull 2.1° farther than the last pull');
  await now.getByLabel('the dial read at full pull').fill('77');
  await expect(now.getByRole('status')).toContainText('2.1° short. Pull to 79°');
  await page.reload();
  await now.getByRole('radio', { name: /bend 2$/ }).click();
  await expect(now.getByLabel('released angle')).toHaveValue('73');
  await now.getByLabel('released angle').fill('76.5');
  await expect(now.getByRole('status')).toContainText('1.4° over: a bend is never opened in the die.');
  await expect(now.getByRole('status')).toContainText(/Bend \d made \d+(\.\d)?° instead leaves end B off by/);
  // Of the first pull, whichever bend that is: no other bend holds it where it is, and what is short is pulled on.
  await now.getByRole('radio', { name: /^step 1/ }).click();
  await now.getByLabel('released angle').fill('5');
  await now.getByLabel(/^off its place/).fill('1/2 in');
  await expect(
    now.getByText(/can still be this tube: move every mark to come by .+ toward end B/),
  ).toBeVisible();
  await now.getByLabel('released angle').fill('130');
  await expect(now.getByText(/made of it where this bend lies/)).toBeVisible();
  await now.getByLabel('released angle').fill('wide');
  await expect(now.getByText('"wide" is not an angle')).toBeVisible();
});

test('a measured bend is written into the log once, though its answer was lost', async ({ page }) => {
  await openBend(page);
  const now = page.getByRole('region', { name: 'What now?' });
  await now.getByRole('radio', { name: /bend 4$/ }).click();
  await now.getByLabel('the dial read at full pull').fill('18.5');
  await now.getByLabel('released angle').fill('15.9');
  await expect(now.getByRole('button', { name: 'Write it down' })).toBeDisabled();
  await now.getByLabel('bent by').fill('Liisa');
  // The server writes it down, and its answer never comes.
  const sent = page.waitForEvent('requestfailed');
  await page.route('**/api/log/bends/*', async (route) => {
    await route.fetch();
    await route.abort();
  });
  await now.getByRole('button', { name: 'Write it down' }).click();
  await sent;
  await page.unroute('**/api/log/bends/*');
  await page.reload();
  await now.getByRole('radio', { name: /bend 4$/ }).click();
  await expect(now.getByLabel('bent by')).toHaveValue('Liisa');
  await now.getByRole('button', { name: 'Write it down' }).click();
  await now.getByRole('link', { name: 'in the log' }).click();
  const rows = page.getByRole('row').filter({ hasText: 'Liisa' });
  await expect(rows).toHaveCount(1);
  await expect(rows.first()).toContainText('Ptarmigan 1300');
  await expect(rows.first()).toContainText('18.5°');
  await expect(rows.first()).toContainText('15.9°');
  await expect(rows.first()).toContainText('sound');
});
