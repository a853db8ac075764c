import { createRequire } from 'node:module';

const resolve = createRequire(import.meta.url).resolve;

/** The faces of the look, from the packages they ship in. */
export const fontFiles = {
  'figure-500': resolve('@fontsource/barlow/files/barlow-latin-500-normal.woff'),
  'figure-600': resolve('@fontsource/barlow/files/barlow-latin-600-normal.woff'),
  'label-500': resolve('@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-500-normal.woff'),
  'label-600': resolve('@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-600-normal.woff'),
} as const;
/** A face and weight that sheets are set in. */
export type FontName = keyof typeof fontFiles;
