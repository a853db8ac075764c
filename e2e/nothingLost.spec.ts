import { type BrowserContext, expect, type Page, test } from './test.ts';
import { DIALOG, expectSound } from './accessible.ts';
import { HANDBOOK_CAR, measure, newJob, saved, stage } from './job.ts';

/** What was typed, as the server has it. */
interface Saved {
  head: {
    number: number;
    branch: string;
    plan: { brief: Record<string, unknown>; survey: { measures: Measures } };
  };
}
type Measures = Record<string, { typed: string }>;

const jobOf = (page: Page) => /jobs\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? '';
const headOf = async (page: Page, id: string, branch = 'main') =>
  ((await (await page.request.get(`/api/jobs/${id}?branch=${branch}`)).json()) as Saved).head;
const SAVES = /\/api\/jobs\/[^/]+\/revisions$/;
const centre = (page: Page) => page.getByLabel('headliner at the centre', { exact: true });
const merged = (page: Page) => page.getByRole('status', { name: 'Merged changes' });

async function surveyed(page: Page, name: string): Promise<string> {
  await newJob(page, name);
  await stage(page, 'Survey');
  await measure(page, HANDBOOK_CAR);
  await saved(page);
  return jobOf(page);
}

async function secondTab(context: BrowserContext, page: Page): Promise<Page> {
  const second = await context.newPage();
  await second.goto(page.url());
  await expect(centre(second)).toBeVisible();
  return second;
}

test('two tabs of one browser: both sides of the typing are kept, also without the server and over a reload', async ({
  page,
  context,
}) => {
  const id = await surveyed(page, 'Two tabs');
  const second = await secondTab(context, page);
  await context.route(SAVES, (route) => route.abort());
  await measure(page, { 'headliner at the centre': '41' });
  await measure(second, { 'half width at the floor, left': '29 1/2' });
  await expect(page.getByText('no answer: kept here, trying again')).toBeVisible();
  await page.reload();
  await second.reload();
  await expect(centre(page)).toHaveValue('41');
  await expect(second.getByLabel('half width at the floor, left')).toHaveValue('29 1/2');
  await context.unroute(SAVES);
  await expect(async () => {
    const { measures } = (await headOf(page, id)).plan.survey;
    expect(measures.headlinerCentre?.typed).toBe('41');
    expect(measures.halfWidthFloorLeft?.typed).toBe('29 1/2');
  }).toPass();
  // The tab that was behind has the other's figure as well, and says whose it is.
  await expect(centre(second)).toHaveValue('41');
  await expect(page.getByLabel('half width at the floor, left')).toHaveValue('29 1/2');
});

test('what another tab saved is on screen here before anything is typed over it', async ({
  page,
  context,
}) => {
  await surveyed(page, 'Tab follows');
  const second = await secondTab(context, page);
  await measure(second, { 'headliner at the centre': '42' });
  await saved(second);
  await expect(centre(page)).toHaveValue('42');
  await expect(merged(page)).toContainText('headliner at the centre');
});

test('work of a tab that was closed before it was saved is offered beside work of this one, and put in', async ({
  page,
  context,
}) => {
  const id = await surveyed(page, 'Closed tab');
  const second = await secondTab(context, page);
  await context.route(SAVES, (route) => route.abort());
  await measure(second, { 'half width at the floor, left': '29 1/2' });
  await measure(page, { 'headliner at the centre': '41' });
  await second.close();
  await page.reload();
  const left = page.getByRole('status', { name: 'Left unsaved' });
  await context.unroute(SAVES);
  await left.getByRole('button', { name: 'Put it in here' }).click();
  await expect(left).toBeHidden();
  await saved(page);
  const { measures } = (await headOf(page, id)).plan.survey;
  expect([measures.headlinerCentre?.typed, measures.halfWidthFloorLeft?.typed]).toEqual(['41', '29 1/2']);
});

test('a save whose answer is lost is nobody to clash with: typing goes on and is saved', async ({ page }) => {
  const id = await surveyed(page, 'Lost answer');
  await page.route(SAVES, async (route) => {
    await route.fetch();
    await route.abort();
  });
  await measure(page, { 'headliner at the centre': '41' });
  await expect(page.getByText('no answer: kept here, trying again')).toBeVisible();
  await measure(page, { 'half width at the floor, left': '29 1/2' });
  await page.unroute(SAVES);
  await saved(page);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(merged(page)).toHaveCount(0);
  const { measures } = (await headOf(page, id)).plan.survey;
  expect([measures.headlinerCentre?.typed, measures.halfWidthFloorLeft?.typed]).toEqual(['41', '29 1/2']);
});

test('another job opened in the middle of a save is not touched by its answer, and neither loses anything', async ({
  page,
}) => {
  const first = await surveyed(page, 'Left in the middle');
  const second = await surveyed(page, 'Opened after it');
  await page.goto(`/jobs/${first}/survey`);
  await saved(page);
  let answer: () => void = () => undefined;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route(new RegExp(`/api/jobs/${first}/revisions$`), async (route) => {
    const response = await route.fetch();
    await held;
    await route.fulfill({ response });
  });
  const sent = page.waitForRequest((request) => request.method() === 'POST' && SAVES.test(request.url()));
  await measure(page, { 'headliner at the centre': '41' });
  await sent;
  await measure(page, { 'half width at the floor, left': '29 1/2' });
  await page.getByRole('link', { name: 'Jobs' }).first().click();
  await page.getByRole('link', { name: 'Opened after it' }).click();
  await stage(page, 'Survey');
  await measure(page, { 'headliner at the centre': '42' });
  answer();
  await saved(page);
  expect((await headOf(page, second)).plan.survey.measures.headlinerCentre?.typed).toBe('42');
  await page.goto(`/jobs/${first}/survey`);
  await expect(centre(page)).toHaveValue('41');
  await saved(page);
  const { measures } = (await headOf(page, first)).plan.survey;
  expect([measures.headlinerCentre?.typed, measures.halfWidthFloorLeft?.typed]).toEqual(['41', '29 1/2']);
});

test('a variant with half a measure is the variant after a reload, with the half measure', async ({
  page,
}) => {
  const id = await surveyed(page, 'Variant, half typed');
  await page.getByRole('link', { name: 'Variants' }).click();
  await page.getByLabel('start a variant from what is on screen, named').fill('taller');
  await page.getByRole('button', { name: 'Start the variant' }).click();
  await expect(page.getByText('Kept as variant taller.')).toBeVisible();
  await stage(page, 'Survey');
  await measure(page, { 'headliner at the centre': '43' });
  await page.getByLabel('half width at the floor, left').fill('29 1/');
  await page.reload();
  await expect(page.getByRole('banner')).toContainText('taller');
  await expect(centre(page)).toHaveValue('43');
  await expect(page.getByLabel('half width at the floor, left')).toHaveValue('29 1/');
  await saved(page);
  expect((await headOf(page, id, 'taller')).plan.survey.measures.headlinerCentre?.typed).toBe('43');
  expect((await headOf(page, id)).plan.survey.measures.headlinerCentre?.typed).toBe('41 3/8');
});

test('a variant that is there no more does not shut the job', async ({ page }) => {
  const id = await surveyed(page, 'Variant gone');
  await page.evaluate((job) => sessionStorage.setItem(`gyrus-variant-${job}`, 'never was'), id);
  await page.reload();
  await page.getByRole('button', { name: 'Open the main plan' }).click();
  await expect(centre(page)).toHaveValue('41 3/8');
});

test('a full browser is told at once, and what is typed reaches the server all the same', async ({
  page,
}) => {
  const id = await surveyed(page, 'Storage full');
  await page.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await measure(page, { 'headliner at the centre': '41' });
  await expect(page.getByRole('alert', { name: 'The browser keeps nothing' })).toContainText(
    'keeps nothing more',
  );
  await saved(page);
  expect((await headOf(page, id)).plan.survey.measures.headlinerCentre?.typed).toBe('41');
});

test('two people who change different fields have both, told and undone in one press', async ({
  page,
  browser,
}) => {
  await surveyed(page, 'Two people');
  const second = await (await browser.newContext()).newPage();
  await second.goto(page.url());
  await measure(second, { 'half width at the floor, left': '29 1/2' });
  await saved(second);
  await measure(page, { 'headliner at the centre': '41' });
  await expect(merged(page)).toContainText('half width at the floor, left 29 5⁄8 in → 29 1⁄2 in');
  await saved(page);
  await expect(page.getByLabel('half width at the floor, left')).toHaveValue('29 1/2');
  await merged(page).getByRole('button', { name: 'Take them out again' }).click();
  await expect(page.getByLabel('half width at the floor, left')).toHaveValue('29 5/8');
  await expect(centre(page)).toHaveValue('41');
  await second.context().close();
});

test('two people who change the same field are asked in the words of the screen, and all else goes together', async ({
  page,
  browser,
}) => {
  const id = await surveyed(page, 'One field');
  const second = await (await browser.newContext()).newPage();
  await second.goto(page.url());
  await measure(second, { 'headliner at the centre': '42', 'half width at the floor, left': '29 1/2' });
  await saved(second);
  await measure(page, { 'headliner at the centre': '41' });
  const dialog = page.getByRole('dialog', { name: 'Both of you changed this' });
  await expect(dialog.getByRole('row')).toHaveCount(2);
  await expectSound(page, DIALOG);
  await expect(dialog.getByRole('row', { name: /^headliner at the centre/ })).toContainText('41 in');
  await page.keyboard.press('Escape');
  await dialog.getByRole('button', { name: 'headliner at the centre: theirs' }).click();
  await dialog.getByRole('button', { name: 'Go on with these' }).click();
  await expect(centre(page)).toHaveValue('42');
  await saved(page);
  const { measures } = (await headOf(page, id)).plan.survey;
  expect([measures.headlinerCentre?.typed, measures.halfWidthFloorLeft?.typed]).toEqual(['42', '29 1/2']);
  await second.context().close();
});

test('answers that cannot be worked out are told and stay marked stale; what is typed is kept and worked out again', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const Real = window.Worker;
    const all: Worker[] = [];
    window.Worker = class extends Real {
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        all.push(this);
      }
    };
    Object.assign(window, {
      endWorkers: () => {
        for (const worker of all.splice(0)) {
          worker.terminate();
          worker.dispatchEvent(new ErrorEvent('error'));
        }
      },
    });
  });
  await surveyed(page, 'Evaluation fails');
  await stage(page, 'Design');
  const picture = page.getByRole('img', { name: /Main hoop from behind/ });
  await expect(picture).toBeVisible();
  await stage(page, 'Survey');
  // The worker ends with the next figure, and so does the one started after it.
  await page.route(/answers\.worker.*\.js/, (route) => route.abort());
  await page.evaluate(() => (window as unknown as { endWorkers: () => void }).endWorkers());
  await measure(page, { 'headliner at the centre': '41' });
  const band = page.getByRole('alert', { name: 'Stale answers' });
  await expect(band).toContainText('stale');
  await saved(page);
  await stage(page, 'Design');
  await expect(picture).toBeVisible();
  await page.unroute(/answers\.worker.*\.js/);
  await band.getByRole('button', { name: 'Work it out again' }).click();
  await expect(band).toBeHidden();
});

test('a dialog asks before Escape throws away what was typed in it', async ({ page }) => {
  await page.goto('/shop');
  await page.getByRole('button', { name: 'Add a machine' }).click();
  const dialog = page.getByRole('dialog', { name: 'New machine' });
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await page.getByRole('button', { name: 'Add a machine' }).click();
  await dialog.getByLabel('name').fill('Ring roller');
  await page.keyboard.press('Escape');
  await expect(dialog.getByRole('alert')).toContainText('Throw it away?');
  await dialog.getByRole('button', { name: 'Go on typing' }).click();
  await expect(dialog.getByLabel('name')).toHaveValue('Ring roller');
  await page.keyboard.press('Escape');
  await dialog.getByRole('button', { name: 'Throw it away' }).click();
  await expect(dialog).toBeHidden();
});

test('a row that cannot be shown leaves the page and its other rows usable, and can be removed', async ({
  page,
}) => {
  await page.route('**/api/shop', async (route) => {
    const response = await route.fetch();
    const shop = (await response.json()) as { machines: { dies: object[] }[]; tubes: { od: unknown }[] };
    const [die] = shop.machines[0]?.dies ?? [];
    shop.machines[0]?.dies.unshift({ ...die, id: crypto.randomUUID(), offset: null, name: 'broken' });
    shop.tubes.unshift({ ...shop.tubes[0], od: [] });
    await route.fulfill({ json: shop });
  });
  await page.goto('/shop');
  await expect(page.getByText('This die could not be shown.')).toBeVisible();
  await expect(page.getByText('This row could not be shown.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Remove it' })).toHaveCount(2);
  await expect(page.getByRole('table', { name: 'Tube' }).getByRole('row')).not.toHaveCount(2);
  await expect(page.getByRole('button', { name: /test bends/ }).first()).toBeVisible();
});

test('a page that cannot be shown fails alone, says so, and is there again when it can be', async ({
  page,
}) => {
  await page.route(/ShopPage.*\.js/, (route) => route.abort());
  await page.goto('/shop');
  const trouble = page.getByRole('alert');
  await expect(trouble).toContainText('This page could not be shown.');
  await trouble.getByRole('link', { name: 'All jobs' }).click();
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
  await page.unroute(/ShopPage.*\.js/);
  await page.goto('/shop');
  await expect(page.getByRole('heading', { name: 'Shop' })).toBeVisible();
});
