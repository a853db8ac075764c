/** The name of a zone of the car: `A-pillar`, `roof`. */
export const zoneWords = (zone: string): string =>
  zone.replace(/^(.)-pillar$/, (_, letter: string) => `${letter.toUpperCase()}-pillar`);
