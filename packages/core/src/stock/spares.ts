import { type Need } from './need.ts';

/** How often the pieces of one stamp's kind are spoiled, by the log. */
export interface ScrapRate {
  /** The letters of the stamp: MH of MH, SL of SL2. */
  letters: string;
  made: number;
  scrapped: number;
  /** Of those begun. */
  rate: number;
}

/** What a stamp is of, whatever its number: SL of SL2. */
const lettersOf = (stamp: string): string => /^[^0-9]*/.exec(stamp)?.[0] ?? stamp;

/** How often pieces were spoiled, by the letters of their stamps. made: each piece that was bent, once; worst first */
export function scrapRates(made: readonly string[], scrapped: readonly string[]): ScrapRate[] {
  const count = (stamps: readonly string[], letters: string) =>
    stamps.filter((stamp) => lettersOf(stamp) === letters).length;
  const all = [...new Set([...made, ...scrapped].map(lettersOf))];
  return all
    .map((letters) => {
      const [good, bad] = [count(made, letters), count(scrapped, letters)];
      const begun = Math.max(good, bad);
      return { letters, made: good, scrapped: bad, rate: begun === 0 ? 0 : bad / begun };
    })
    .sort((a, b) => b.rate - a.rate || b.scrapped - a.scrapped);
}

/** The bent pieces that get a second blank: those most often spoiled, as many as are asked for; what was never spoiled gets none. */
export function sparesFor(needs: readonly Need[], rates: readonly ScrapRate[], most: number): Set<string> {
  const rateOf = ({ stamp }: Need) => rates.find(({ letters }) => letters === lettersOf(stamp))?.rate ?? 0;
  const spoiled = needs
    .filter((need) => need.bends > 0 && rateOf(need) > 0)
    .sort((a, b) => rateOf(b) - rateOf(a) || b.length - a.length);
  return new Set(spoiled.slice(0, most).map(({ piece }) => piece));
}
