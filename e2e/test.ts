import { randomUUID } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { type Browser, test as base, type Page } from '@playwright/test';

export { type BrowserContext, expect, type Locator, type Page } from '@playwright/test';

/** So many times slower the pages' processor is made: `npm test -- --slow-browser 4`. */
const SLOWED = Number(process.env.GYRUS_SLOW_BROWSER ?? 1);
/** Where it is kept which lines of the pages were reached: `npm test -- --coverage`. */
const REACHED = process.env.GYRUS_REACHED;

/** Does something to every page of a browser before anything is opened in it. */
function onEveryPage(browser: Browser, prepare: (page: Page) => Promise<unknown>): void {
  const newContext = browser.newContext.bind(browser);
  browser.newContext = async (options) => {
    const context = await newContext(options);
    // A page that is closed at once has nothing to be prepared.
    context.on('page', (page) => void prepare(page).catch(() => undefined));
    return context;
  };
}

async function slow(page: Page): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
}

/** Pages whose lines are counted, until their test ends. */
const counted = new Set<Page>();

async function count(page: Page): Promise<void> {
  counted.add(page);
  page.once('close', () => counted.delete(page));
  await page.coverage.startJSCoverage({ resetOnNavigation: false });
}

/** Without the scripts' texts, which are those of the build. */
async function keepReached(folder: string): Promise<void> {
  for (const page of counted) {
    const scripts = await page.coverage.stopJSCoverage();
    const reached = scripts.map(({ url, functions }) => ({ url, functions }));
    writeFileSync(path.join(folder, `${randomUUID()}.json`), JSON.stringify(reached));
  }
  counted.clear();
}

/** The tests' own `test`: Playwright's, with the switches of a run. */
export const test = base.extend<{ reached: void }, object>({
  browser: [
    async ({ browser }, use) => {
      if (SLOWED > 1) onEveryPage(browser, slow);
      if (REACHED) onEveryPage(browser, count);
      await use(browser);
    },
    { scope: 'worker' },
  ],
  reached: [
    async ({ context }, use) => {
      await use();
      if (REACHED && context) await keepReached(REACHED);
    },
    { auto: true },
  ],
});
