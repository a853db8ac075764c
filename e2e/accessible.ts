import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from './test.ts';
import { troubleOfControls } from './geometry.ts';

/** A desk, a tablet, a desk at 200 %, a phone. CSS pixels */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 640, height: 400 },
  { width: 390, height: 844 },
];

/** Each of them, and the system's colours, are looked at by axe in npm run test:thorough; once is enough for most of what it finds. */
const THOROUGH = Boolean(process.env.GYRUS_THOROUGH);

/** Looked at besides the guidelines: headings without a gap, and tables whose heads say something. */
const BESIDES = ['heading-order', 'empty-table-header'];

/** What fades or moves has come to its end: in between, no colour is what it is. */
const stands = (page: Page) =>
  page.waitForFunction(() =>
    document
      .getAnimations()
      .every((one) => one.playState !== 'running' || one.effect?.getComputedTiming().iterations === Infinity),
  );

/** What axe finds on the page as it is (WCAG 2.2, levels A and AA). */
async function violationsOn(page: Page, within: string, forced = false): Promise<string[]> {
  await stands(page);
  const { violations } = await new AxeBuilder({ page })
    .include(within)
    // No page has another one in it: it need not open a page of its own to put them together.
    .setLegacyMode()
    .options({
      resultTypes: ['violations'],
      runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] },
      rules: {
        ...Object.fromEntries(BESIDES.map((rule) => [rule, { enabled: true }])),
        // Where the system sets the colours, axe still reads the fill of a text that they stand over.
        'color-contrast': { enabled: !forced },
      },
    })
    .analyze();
  return violations.map(
    ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`,
  );
}

/** Accessible, and at each size nothing wider than the screen, no control on another. within: what is looked at. */
export async function expectSound(page: Page, within = 'html'): Promise<void> {
  const before = page.viewportSize();
  if (!THOROUGH) expect.soft(await violationsOn(page, within), 'accessible').toEqual([]);
  for (const size of SIZES) {
    await page.setViewportSize(size);
    const at = `at ${size.width} × ${size.height}`;
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect.soft(wide, `wider than the screen ${at}`).toBeLessThanOrEqual(0);
    // What moves to its new place has stopped by then.
    await expect.soft.poll(() => troubleOfControls(page), at).toEqual([]);
    if (THOROUGH) expect.soft(await violationsOn(page, within), at).toEqual([]);
  }
  if (before) await page.setViewportSize(before);
}

/** What is looked at while a dialog is open. */
export const DIALOG = '[role="dialog"]';

/** The same with the colours of the system forced on it, and with no motion. */
export async function expectSoundForced(page: Page, within = 'html'): Promise<void> {
  await page.emulateMedia({ forcedColors: 'active', reducedMotion: 'reduce' });
  expect.soft(await troubleOfControls(page), 'in forced colours').toEqual([]);
  if (THOROUGH) expect.soft(await violationsOn(page, within, true), 'in forced colours').toEqual([]);
  await page.emulateMedia({ forcedColors: null, reducedMotion: null });
}
