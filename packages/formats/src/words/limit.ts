import { isKeyOf, type LimitedFigure } from '@gyrus/core';

/** Figures of the hoop that the job may limit. */
export const limitedFigures: Record<LimitedFigure, string> = {
  'feet-outside': 'width outside at the feet',
  'feet-apart': 'feet apart, between axes',
  'corners-apart': 'corners apart, between axes',
  'crown-height': "height of the crown's axis",
  'crown-over-helmet': 'top of the hoop over the helmet',
};

/** A limited figure by its name; as it stands where it is none. */
export const limitedFigureWords = (figure: string): string =>
  isKeyOf(limitedFigures, figure) ? limitedFigures[figure] : figure;
