import { type Brief, leastTube, type LengthStyle, optionsSaid, type RuleBook, writeSaid } from '@gyrus/core';

/** The least tube of a main hoop by a book for the car of a brief, before anything is drawn. */
export function leastTubeWords(book: RuleBook, brief: Pick<Brief, 'carWeight'>, style: LengthStyle): string {
  const least = leastTube(book, 'main-hoop', brief);
  if (least === null) return 'says nothing of the tube of a main hoop';
  if (least.lacks === 'weight') return "least main hoop: by the car's weight, which is not entered yet";
  if (least.lacks === 'row') return 'least main hoop: the book has no size for a car of this weight';
  return `least main hoop: ${writeSaid(optionsSaid(least.row.options), style)}`;
}
