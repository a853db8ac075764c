import { create } from 'zustand';

/** Whether the browser refused to keep something; told on every page until it keeps things again. */
export const useStorageTrouble = create<{ full: boolean }>()(() => ({ full: false }));

/** Keeps a text in the browser over a reload. False where the browser refuses: its storage is full, or forbidden. */
export function keepText(key: string, text: string): boolean {
  try {
    localStorage.setItem(key, text);
    useStorageTrouble.setState({ full: false });
    return true;
  } catch {
    useStorageTrouble.setState({ full: true });
    return false;
  }
}

/** What the browser keeps under a key; null where that is nothing. */
export function keptText(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

/** The browser keeps nothing under this key any more. */
export function dropText(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // What cannot be reached was not kept.
  }
}

/** The keys kept that begin so. */
export function keptKeys(prefix: string): string[] {
  try {
    return Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').filter((key) =>
      key.startsWith(prefix),
    );
  } catch {
    return [];
  }
}
