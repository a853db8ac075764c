import { type Browser, test as base, type Page } from '@playwright/test';

export { type BrowserContext, expect, type Locator, type Page } from '@playwright/test';

/** So many times slower the pages' processor is made: `npm test -- --slow-browser 4`. */
const SLOWED = Number(process.env.GYRUS_SLOW_BROWSER ?? 1);

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

/** A page that stays open for all tests of a worker that only look. */
export class Showing {
  page: Page | null = null;
  private complaints: string[] = [];

  constructor(
    private readonly browser: Browser,
    private readonly baseURL: string,
  ) {}

  /** Goes to an address as a link of the program would, without fetching the program again. Gives what the page complains of from now on. */
  async visit(address: string): Promise<{ page: Page; complaints: string[] }> {
    this.complaints = [];
    if (this.page) {
      await this.page.evaluate(goTo, address);
      await this.page.locator('h1[data-left]').waitFor({ state: 'detached' });
    } else {
      this.page = await this.browser.newPage({
        baseURL: this.baseURL,
        viewport: { width: 1280, height: 800 },
        locale: 'en-GB',
      });
      this.page.on(
        'console',
        (message) => message.type() === 'error' && this.complaints.push(message.text()),
      );
      this.page.on('pageerror', (error) => this.complaints.push(error.message));
      await this.page.goto(address);
    }
    return { page: this.page, complaints: this.complaints };
  }

  /** The next visit begins with a page of its own. */
  async leave(): Promise<void> {
    await this.page?.context().close();
    this.page = null;
  }
}

/** The head of the page that is left is marked: until it is gone the next one is not there. All stages of a job have one head. */
const goTo = (address: string): void => {
  const jobOf = (path: string) => /^\/jobs\/[^/]+/.exec(path)?.[0] ?? path;
  const { pathname } = new URL(address, location.href);
  if (jobOf(pathname) !== jobOf(location.pathname))
    document.querySelector('h1')?.setAttribute('data-left', '');
  history.pushState(null, '', address);
  dispatchEvent(new PopStateEvent('popstate', { state: null }));
};

/** The tests' own `test`: Playwright's, with the switches of a run. */
export const test = base.extend<{ shown: Showing }, { showing: Showing }>({
  showing: [
    async ({ browser }, use, { project }) => {
      const showing = new Showing(browser, project.use.baseURL ?? '');
      await use(showing);
      await showing.leave();
    },
    { scope: 'worker' },
  ],
  // What a test that failed left open is nothing for the next one.
  shown: async ({ showing }, use, testInfo) => {
    await use(showing);
    if (testInfo.status !== testInfo.expectedStatus) await showing.leave();
  },
  browser: [
    async ({ browser }, use) => {
      if (SLOWED > 1) onEveryPage(browser, slow);
      await use(browser);
    },
    { scope: 'worker' },
  ],
});
