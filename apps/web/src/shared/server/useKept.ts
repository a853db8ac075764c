import { useState } from 'react';
import { keepText, keptText } from './browserStore.ts';

/** A value that is kept in this browser under a key, over reloads. read: makes it of whatever was kept, or of nothing. */
export function useKept<T>(key: string, read: (kept: unknown) => T): [T, (next: T) => void] {
  const [held, setHeld] = useState(() => ({ key, value: read(keptJson(key)) }));
  const current = held.key === key ? held : { key, value: read(keptJson(key)) };
  if (current !== held) setHeld(current);
  const keep = (value: T) => {
    setHeld({ key, value });
    keepText(key, JSON.stringify(value));
  };
  return [current.value, keep];
}

function keptJson(key: string): unknown {
  try {
    return JSON.parse(keptText(key) ?? 'null');
  } catch {
    // A text that something else left there counts as nothing.
    return null;
  }
}
