import { type BeforeFitting, CLEANED_BACK, formatWithUnit, type LengthStyle, VENT_HOLE } from '@gyrus/core';

/** What is done to a tube before it is fitted, a sentence for each. */
export function beforeFittingWords(before: BeforeFitting, style: LengthStyle): string[] {
  const { welded, open, landings, vent, first } = before;
  const length = (mm: number) => formatWithUnit(mm, style);
  const ends = welded.map((end) => end.toUpperCase()).join(' and ');
  return [
    ...(first.length > 0
      ? [
          `Put on while its ends are free: ${first.map(({ kind, stamp }) => `${FIRST[kind]} ${stamp}`).join(', ')}.`,
        ]
      : []),
    ...(welded.length > 0
      ? [
          `End${welded.length > 1 ? 's' : ''} ${ends}: deburred inside and out, and bare to the metal ${length(CLEANED_BACK)} back from the cut.`,
        ]
      : []),
    ...(landings.length > 0
      ? [
          `Bare as far to both sides where others land on it, along the tube from the ear of end A: ${landings
            .map(({ stamp, at }) => `${stamp} at ${length(at)}`)
            .join(', ')}.`,
        ]
      : []),
    ...(vent
      ? [
          `Closed at both ends: a vent hole of ${length(VENT_HOLE)} near the throat of end ${vent.toUpperCase()}, which is welded last, where it is not seen.`,
        ]
      : []),
    ...open.map((end) => `End ${end.toUpperCase()} is welded to nothing: cap it, or leave it open.`),
  ];
}

const FIRST: Record<BeforeFitting['first'][number]['kind'], string> = {
  splice: 'inner sleeve',
  'bolted-joint': 'sleeve of the joint',
  'belt-guide': 'belt guides',
};
