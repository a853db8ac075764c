import { type Plan } from '@gyrus/core';

/** A size of paper. */
export type Paper = 'a4' | 'letter';

/** What can be printed of a job, in the order in which a job goes. */
export const PRINT_KINDS = [
  'measuring',
  'bend',
  'tube',
  'bends',
  'tubes',
  'templates',
  'build',
  'inspection',
  'short',
] as const;
export type PrintKind = (typeof PRINT_KINDS)[number];

/** Whether a print is of the tube that is worked on. */
export const isOfTube = (kind: PrintKind): boolean => kind === 'bend' || kind === 'tube';

/** What a print is called. stamp: of the tube that is worked on. */
export function printName(kind: PrintKind, stamp: string): string {
  const tube = stamp || 'this tube';
  const names: Record<PrintKind, string> = {
    measuring: 'what is still to be measured',
    bend: `bend sheet of ${tube}`,
    tube: `all of ${tube}: bend sheet, cope sheet, templates`,
    bends: 'all bend sheets',
    tubes: 'all of every tube',
    templates: 'all wrap templates',
    build: 'order of build',
    inspection: 'sheet for the inspector',
    short: 'short form for the inspector',
  };
  return names[kind];
}

/** Where a print of a revision is, from the revision's own address on. piece: the tube that is worked on. */
export function printAddress(kind: PrintKind, { units, members }: Plan, piece: string, paper: Paper): string {
  const member = members.find(({ pieces }) => pieces.some(({ id }) => id === piece));
  const how = `paper=${paper}&unit=${units.length}`;
  const addresses: Record<PrintKind, string> = {
    measuring: `measuring.pdf?${how}`,
    bend: `bend-sheet.pdf?${how}&datum=${member?.bending.datum ?? 'centre'}&piece=${piece}`,
    tube: `tubes.pdf?${how}&what=all&piece=${piece}`,
    bends: `tubes.pdf?${how}&what=bends`,
    tubes: `tubes.pdf?${how}&what=all`,
    templates: `copes.pdf?${how}&what=templates`,
    build: `build.pdf?${how}`,
    inspection: `inspection.pdf?${how}&form=long`,
    short: `inspection.pdf?${how}&form=short`,
  };
  return addresses[kind];
}
