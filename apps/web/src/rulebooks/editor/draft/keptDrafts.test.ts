import { FakeBrowser } from '../../../job/store/fakeBrowser.ts';

const browser = new FakeBrowser().install();
const { kept } = browser;
const { blankBook, keepBook, keptDrafts, NEW_BOOK, ownDraft, takeOver } = await import('./keptDrafts.ts');
const { tabName } = await import('../../../job/store/tab.ts');

const titled = (title: string) => ({ ...blankBook(), title });
const of = (tab: string, name = NEW_BOOK) => `gyrus-book/${name}/${tab}`;
const put = (key: string, book: object) => kept.set(key, JSON.stringify(book));

beforeEach(() => {
  kept.clear();
  browser.held = new Set();
});

test('unfinished books are listed: of this tab, of others that are open, and what closed ones left', async () => {
  browser.held = new Set(['gyrus-tab/other']);
  keepBook(NEW_BOOK, titled('mine'));
  put(of('other'), titled('theirs'));
  put(of('gone', 'gravel-cup/2025/26'), titled('left'));
  put('gyrus-book/new', titled('from before tabs'));
  const found = (await keptDrafts()).map(({ book, name, where }) => [book.title, name, where]);
  expect(found).toEqual(
    expect.arrayContaining([
      ['mine', NEW_BOOK, 'here'],
      ['theirs', NEW_BOOK, 'open'],
      ['left', 'gravel-cup/2025/26', 'left'],
      ['from before tabs', NEW_BOOK, 'left'],
    ]),
  );
  expect(found).toHaveLength(4);
});

test('what a closed tab left is gone on with, where nothing is written here', async () => {
  put(of('gone'), titled('left'));
  expect((await takeOver(NEW_BOOK, null))?.title).toBe('left');
  expect(ownDraft(NEW_BOOK)?.title).toBe('left');
  expect(kept.has(of('gone'))).toBe(false);
  // Once it is here there is nothing more to take.
  expect(await takeOver(NEW_BOOK, null)).toBeNull();
});

test('a draft that is picked changes places with what is written here, and nothing is lost', async () => {
  keepBook(NEW_BOOK, titled('mine'));
  put(of('gone'), titled('left'));
  put(of('long gone'), titled('older'));
  expect((await takeOver(NEW_BOOK, of('long gone')))?.title).toBe('older');
  expect(ownDraft(NEW_BOOK)?.title).toBe('older');
  const titles = [...kept.values()].map((text) => (JSON.parse(text) as { title: string }).title).sort();
  expect(titles).toEqual(['left', 'mine', 'older']);
});

test('what another tab is writing stays there', async () => {
  browser.held = new Set(['gyrus-tab/other']);
  put(of('other'), titled('theirs'));
  expect(await takeOver(NEW_BOOK, null)).toBeNull();
  expect(await takeOver(NEW_BOOK, of('other'))).toBeNull();
  expect(await takeOver(NEW_BOOK, of(tabName()))).toBeNull();
});

test('a draft of an earlier version is gone on with as one of today’s; one that is damaged is no draft', async () => {
  const rules = [{ id: 'r', clause: '1', roles: ['door-bar'], check: { kind: 'count', least: 2 } }];
  put(of('gone'), { version: 1, title: 'old', rules });
  put(of('broken'), {});
  kept.set(of('broken'), '{');
  const [draft, ...more] = await keptDrafts();
  expect(more).toEqual([]);
  expect(draft?.book).toMatchObject({ version: 2, title: 'old', classes: [] });
  expect(draft?.book.rules[0]?.check).toEqual({ kind: 'count', least: 2, per: 'side-with-any' });
});

test('a browser that is full keeps both where they are', async () => {
  put(of('gone'), titled('left'));
  browser.room = 3;
  expect(await takeOver(NEW_BOOK, null)).toBeNull();
  expect(kept.has(of('gone'))).toBe(true);
  browser.room = Infinity;
});
