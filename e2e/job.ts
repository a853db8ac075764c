import { expect, type Page } from './test.ts';

/** Steps of a person at the pages, shared by the tests. */
export async function newJob(page: Page, name: string): Promise<void> {
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'New job' }).click();
  await page.getByLabel('name of the job').fill(name);
  await page.getByRole('button', { name: 'Start the job' }).click();
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible();
}

export const stage = (page: Page, name: string) =>
  page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('link', { name: new RegExp(`^${name}`) })
    .click();

export async function measure(page: Page, texts: Record<string, string>): Promise<void> {
  for (const [label, text] of Object.entries(texts)) await page.getByLabel(label, { exact: true }).fill(text);
}

/** Adds a bar at Design, and waits until it is the one that is worked on: what is typed before goes into another. */
export async function add(page: Page, role: string, way?: string): Promise<void> {
  await page.getByLabel('add, in the usual order of work').selectOption(role);
  if (way) await page.getByLabel('built', { exact: true }).selectOption(way);
  const button = page.getByRole('button', { name: 'Add', exact: true });
  await button.click();
  await expect(
    page.getByRole('heading', { name: new RegExp(`^${role.replaceAll('-', ' ')}$`, 'i') }),
  ).toBeVisible();
  await expect(button).toBeEnabled();
}

export const saved = (page: Page) => expect(page.getByText(/^saved, revision \d+/)).toBeVisible();

/** The handbook's second car: 41 in to the top, 59 1/4 at the floor, 52 3/4 at the roof. */
export const HANDBOOK_CAR = {
  'half width at the floor, left': '29 5/8',
  'half width at the floor, right': '29 5/8',
  'half width at the roof rail, left': '26 3/8',
  'half width at the roof rail, right': '26 3/8',
  'headliner at the centre': '41 3/8',
};
