import { expect, type Locator, type Page } from './test.ts';

/** Steps of a person who writes a book, shared by the tests. */
export const ruleAt = (page: Page, number: number): Locator =>
  page.getByRole('listitem', { name: `Rule ${number}`, exact: true });

export interface WrittenRule {
  clause: string;
  text: string;
  /** A member, or a group of them, as the list has it. */
  about: string;
  check: string;
  /** By the labels of the blanks; `true` for a tick. */
  blanks?: Record<string, string | true>;
}

/** Adds a rule and fills the blanks of its sentence. */
export async function writeRule(page: Page, number: number, written: WrittenRule): Promise<void> {
  const { clause, text, about, check, blanks = {} } = written;
  await page.getByRole('button', { name: 'Add a rule' }).click();
  const own = ruleAt(page, number);
  await own.getByLabel('clause').fill(clause);
  await own.getByLabel('what it says, in your own words').fill(text);
  await own.getByLabel(`Who rule ${number} is about`).selectOption({ label: about });
  await own.getByLabel('what is checked').selectOption({ label: check });
  for (const [label, value] of Object.entries(blanks)) await fillBlank(own, label, value);
}

export async function fillBlank(rule: Locator, label: string, value: string | true): Promise<void> {
  const blank = rule.getByLabel(label, { exact: true });
  if (value === true) await blank.check();
  else if ((await blank.evaluate((element) => element.tagName)) === 'SELECT')
    await blank.selectOption({ label: value });
  else await blank.fill(value);
}

/** What the book says of the cage that it is tried on, as a list of sentences. */
export async function tried(page: Page): Promise<string[]> {
  const list = page.getByRole('list', { name: 'Findings of this book' });
  // The cage is held against the book away from the page, which says when the answer is of what is asked now.
  await expect(page.locator('aside[aria-label="Tried on a cage"][aria-busy="false"]')).toBeVisible();
  await expect(list.getByRole('listitem').first()).toBeVisible();
  return list.getByRole('listitem').allInnerTexts();
}
