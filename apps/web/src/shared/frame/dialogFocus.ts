import { type RefObject, useEffect } from 'react';

const FIELDS = ['input:not([type="hidden"], [tabindex="-1"])', 'select', 'textarea', '[role="radio"]']
  .map((kind) => `${kind}:not(:disabled)`)
  .join(', ');

/** The field that a dialog begins at, of a row of choices the one that is chosen; null where it has none. */
function firstField(within: ParentNode): HTMLElement | null {
  const [first, ...others] = within.querySelectorAll<HTMLElement>(FIELDS);
  if (!(first instanceof HTMLInputElement) || first.type !== 'radio') return first ?? null;
  const chosen = others.find(
    (one) => one instanceof HTMLInputElement && one.name === first.name && one.checked,
  );
  return chosen ?? first;
}

/** The first field of a dialog has the focus once it is there: a form may be fetched after its dialog is open. */
export function useFirstField(body: RefObject<HTMLElement | null>): void {
  useEffect(() => {
    const within = body.current;
    if (!within || begin(within)) return;
    const watch = new MutationObserver(() => begin(within) && watch.disconnect());
    watch.observe(within, { childList: true, subtree: true });
    return () => watch.disconnect();
  }, [body]);
}

/** Whether nothing is left to do: somebody is in it already, or its first field was there. */
function begin(within: HTMLElement): boolean {
  if (within.contains(document.activeElement)) return true;
  const field = firstField(within);
  field?.focus();
  return field !== null;
}
