import { type Page } from './test.ts';

/**
 * Controls that cover each other by more than a hair, or reach beyond the page; what a scrolled box hides, or scrolls under a
 * bar that stays, does not count.
 */
export const troubleOfControls = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const HAIR = 3;
    const CONTROLS = 'a, button, input, select, textarea, [role="radio"], [role="slider"]';
    type Box = { left: number; right: number; top: number; bottom: number };
    const cut = (a: Box, b: Box): Box => ({
      left: Math.max(a.left, b.left),
      right: Math.min(a.right, b.right),
      top: Math.max(a.top, b.top),
      bottom: Math.min(a.bottom, b.bottom),
    });
    /** What is seen of an element within the boxes that scroll round it. */
    const seen = (element: Element): Box | null => {
      let box: Box = element.getBoundingClientRect();
      for (let at = element.parentElement; at; at = at.parentElement) {
        const { overflowX, overflowY } = getComputedStyle(at);
        if (/auto|scroll|hidden/.test(overflowX + overflowY)) box = cut(box, at.getBoundingClientRect());
      }
      return box.right - box.left > HAIR && box.bottom - box.top > HAIR ? box : null;
    };
    /** The bar that stays where it is while the page is scrolled under it; null of what scrolls. */
    const pinned = (element: Element): Element | null => {
      for (let at: Element | null = element; at; at = at.parentElement)
        if (/sticky|fixed/.test(getComputedStyle(at).position)) return at;
      return null;
    };
    const name = (element: Element): string =>
      (element.getAttribute('aria-label') ?? (element.textContent?.trim() || element.id)).slice(0, 40);
    const controls = [...document.querySelectorAll(CONTROLS)].flatMap((element) => {
      const hidden =
        getComputedStyle(element).visibility === 'hidden' || element.closest('.sr-only') !== null;
      const box = hidden ? null : seen(element);
      return box ? [{ element, box, bar: pinned(element) }] : [];
    });
    const beyond = controls
      .filter(({ box }) => box.left < -HAIR || box.right > innerWidth + HAIR)
      .map(({ element }) => `${name(element)} leaves the page`);
    const overlap = (a: Box, b: Box): boolean =>
      Math.min(a.right, b.right) - Math.max(a.left, b.left) > HAIR &&
      Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > HAIR;
    const covering = controls.flatMap(({ element: a, box, bar }, i) =>
      controls
        .slice(i + 1)
        .filter((other) => overlap(box, other.box) && bar === other.bar)
        .filter(({ element: b }) => !a.contains(b) && !b.contains(a))
        .map(({ element: b }) => `${name(a)} covers ${name(b)}`),
    );
    return [...beyond, ...covering];
  });
