import { featureName } from '../feature.ts';
import { keyWords } from './keyWords.ts';

/** Keys that stand before a place's three figures. */
const PLACES = new Set([
  'at',
  'from',
  'to',
  'aim',
  'offset',
  'normal',
  'shoulder',
  'helmetTop',
  'eye',
  'hip',
  'knee',
  'elbow',
  'left',
  'right',
]);

const AXES = ['forward', 'left', 'up'];

/** The keys of a field from the outside in; what only holds others together is left out. */
export function keysWords(keys: readonly string[]): string {
  return keys
    .map((key, i) => {
      const before = keys[i - 1] ?? '';
      if (/^\d+$/.test(key)) return PLACES.has(before) ? (AXES[Number(key)] ?? '') : String(Number(key) + 1);
      if (before === 'ends') return `end ${key.toUpperCase()}`;
      if (before === 'cut') return `at end ${key.toUpperCase()}`;
      if (before === 'dieAt' || before === 'clampSideAt') return featureName(key);
      if (HOLDERS.has(key) && i < keys.length - 1) return '';
      return keyWords(key);
    })
    .filter(Boolean)
    .join(', ');
}

const HOLDERS = new Set(['ends', 'bending', 'way', 'outline', 'body', 'station', 'notcher', 'pieces']);
