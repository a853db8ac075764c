import { useEffect } from 'react';
import { useLocation } from 'react-router';

/** How long a page may take until it has the field that was asked for. ms */
const PATIENCE = 10_000;

/**
 * Goes to the field that the address names (`#field-…`, by its place in the plan) as soon as it is on the page: it is in view, has the
 * focus, and is lit until it is left.
 */
export function useSoughtField(): void {
  const { hash, key } = useLocation();
  useEffect(() => {
    if (!/^#(picture-)?field-/.test(hash)) return;
    const id = decodeURIComponent(hash.slice(1));
    if (light(id)) return;
    const watch = new MutationObserver(() => light(id) && watch.disconnect());
    watch.observe(document.body, { childList: true, subtree: true });
    const end = setTimeout(() => watch.disconnect(), PATIENCE);
    return () => {
      clearTimeout(end);
      watch.disconnect();
    };
  }, [hash, key]);
}

/** Whether the field, or the first one of a place, was there. */
function light(id: string): boolean {
  const fields = [...document.querySelectorAll<HTMLElement>('[id^="field-"], [id^="picture-field-"]')];
  const found = fields.find((one) => one.id === id) ?? fields.find((one) => one.id.startsWith(`${id}/`));
  if (!found) return false;
  found.scrollIntoView({ block: 'center' });
  found.focus({ preventScroll: true });
  found.dataset.sought = '';
  found.addEventListener('blur', () => delete found.dataset.sought, { once: true });
  return true;
}
