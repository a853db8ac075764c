import { expect, type Locator, type Page } from './test.ts';

/** How somebody works at the pages; what is pressed and typed is counted. */
export interface Hands {
  press: (what: Locator) => Promise<void>;
  type: (what: Locator, text: string) => Promise<void>;
  choose: (what: Locator, label: string | RegExp) => Promise<void>;
  /** Boxes filled and choices made. */
  entries: () => number;
}

const counting = (hands: Omit<Hands, 'entries'>): Hands => {
  let entries = 0;
  return {
    press: hands.press,
    type: async (what, text) => {
      entries += 1;
      await hands.type(what, text);
    },
    choose: async (what, label) => {
      entries += 1;
      await hands.choose(what, label);
    },
    entries: () => entries,
  };
};

const optionOf = async (select: Locator, label: string | RegExp): Promise<string> => {
  const option = select.locator('option').filter({ hasText: label }).first();
  await expect(option).toBeAttached();
  return (await option.textContent()) ?? '';
};

/** With a mouse. */
export const byMouse = (): Hands =>
  counting({
    press: (what) => what.click(),
    type: (what, text) => what.fill(text),
    choose: async (what, label) => void (await what.selectOption({ label: await optionOf(what, label) })),
  });

/** By fingers on glass. */
export const byTaps = (): Hands =>
  counting({
    press: (what) => what.tap(),
    type: async (what, text) => {
      await what.tap();
      await what.fill(text);
    },
    choose: async (what, label) => void (await what.selectOption({ label: await optionOf(what, label) })),
  });

/** So many times Tab is pressed until something counts as out of reach. */
const FAR = 160;

const isFocused = (what: Locator): Promise<boolean> =>
  what.evaluate((element) => element === document.activeElement);

/** By keys alone: Tab to get there, arrows inside of a group, Enter or Space to press. */
export function byKeys(page: Page): Hands {
  const reach = async (what: Locator): Promise<void> => {
    await expect(what).toBeVisible();
    for (let i = 0; i < FAR; i += 1) {
      if (await isFocused(what)) return;
      const inGroup = await what.evaluate((element) => {
        const group = element.closest('[role="radiogroup"], [role="group"]');
        return element.getAttribute('role') === 'radio' && group?.contains(document.activeElement) === true;
      });
      await page.keyboard.press(inGroup ? 'ArrowRight' : 'Tab');
    }
    throw new Error(`${what.toString()} is not reached by keys`);
  };
  return counting({
    press: async (what) => {
      await reach(what);
      const role = await what.evaluate((element) => element.getAttribute('role') ?? element.tagName);
      await page.keyboard.press(role === 'A' ? 'Enter' : 'Space');
    },
    type: async (what, text) => {
      await reach(what);
      await page.keyboard.press('Control+a');
      await page.keyboard.type(text);
    },
    choose: async (what, label) => {
      await reach(what);
      const wanted = await optionOf(what, label);
      await page.keyboard.type(wanted);
      await expect(what.locator('option:checked')).toHaveText(wanted);
    },
  });
}
