import { expect, test } from './test.ts';
import { expectSound, expectSoundForced } from './accessible.ts';

const DEMO = '/jobs/0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
const PAGES = [
  '/jobs',
  `${DEMO}/brief`,
  `${DEMO}/survey`,
  `${DEMO}/survey?view=front`,
  `${DEMO}/survey?view=places`,
  `${DEMO}/design`,
  `${DEMO}/design?view=side&tab=parts`,
  `${DEMO}/design?view=front&tab=order`,
  `${DEMO}/variants`,
  `${DEMO}/harness`,
  `${DEMO}/driver`,
  `${DEMO}/bend`,
  `${DEMO}/practice`,
  `${DEMO}/build`,
  `${DEMO}/build/tube`,
  `${DEMO}/cope`,
  `${DEMO}/inspect`,
  `${DEMO}/inspect?show=books`,
  '/about',
  `${DEMO}/inspect/as-built`,
  `${DEMO}/inspect/history`,
  '/shop',
  '/shop/dies/6f1c2a52-0b55-4b8e-9a53-1d2a6f4b0b01/springback',
  '/floor',
  '/log',
  '/shop/rack',
  '/rule-books',
  '/rule-books/new',
];
// Each looks at a page of its own and writes nothing.
test.describe.configure({ mode: 'parallel' });

for (const path of PAGES)
  test(`${path.replace(DEMO, '/demo')} at every size and in forced colours: accessible, nothing wider than the screen or on top of each other, no complaint`, async ({
    shown,
  }) => {
    const { page, complaints } = await shown.visit(path);
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    // What is worked out away from the page is looked at when it is there.
    await expect(page.getByText(/^(Working out|Fetching) /)).toHaveCount(0);
    await expectSound(page);
    await expectSoundForced(page);
    expect(complaints).toEqual([]);
  });

test('the boxes of the survey do not cover each other on a tablet', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await page.goto(`${DEMO}/survey`);
  await expect(page.getByLabel('headliner at the centre')).toBeVisible();
  const boxes = await page.locator('input[id^="field-survey/"]').evaluateAll((inputs) =>
    inputs.map((input) => {
      const { left, right, top, bottom } = input.getBoundingClientRect();
      return { id: input.id, left, right, top, bottom };
    }),
  );
  const covering = boxes.flatMap((a, i) =>
    boxes
      .slice(i + 1)
      .filter((b) => a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom)
      .map((b) => `${a.id} covers ${b.id}`),
  );
  expect(boxes.length).toBeGreaterThan(15);
  expect(covering).toEqual([]);
});

test('an address that leads nowhere says so', async ({ page }) => {
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address.' })).toBeVisible();
});
