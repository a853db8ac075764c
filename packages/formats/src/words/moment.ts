/** A moment as a shop tells it: when, and in which zone of time (IANA, as `Europe/Vienna`). */
export interface ShopMoment {
  at: Date;
  zone: string;
}

// The Swedish way of writing a date is that of ISO 8601.
const formatIn = (zone: string, options: Intl.DateTimeFormatOptions, { at }: ShopMoment): string =>
  new Intl.DateTimeFormat('sv-SE', { ...options, timeZone: zone }).format(at);

/** `2026-11-25`, the day that it is in the shop. */
export const dayWords = (moment: ShopMoment): string => formatIn(moment.zone, { dateStyle: 'short' }, moment);

/** `2026-11-25 11:25`, as the shop's clock shows it. */
export const minuteWords = (moment: ShopMoment): string =>
  formatIn(moment.zone, { dateStyle: 'short', timeStyle: 'short' }, moment);

/** `printed 2026-11-25 11:25 (Europe/Vienna)`. */
export const printedWords = (moment: ShopMoment): string => `printed ${minuteWords(moment)} (${moment.zone})`;
