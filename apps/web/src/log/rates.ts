import { type JobSummary, type JobTime, type MadeBend, type Scrap } from '@gyrus/contract';
import { scrapRates } from '@gyrus/core';

/** How often pieces of one kind were spoiled. */
export interface SpoiledShare {
  name: string;
  made: number;
  scrapped: number;
  /** In percent of those begun. */
  share: number;
}

type Bent = Pick<MadeBend, 'job' | 'piece' | 'stamp' | 'machine' | 'at'>;
type Thrown = Pick<Scrap, 'job' | 'stamp'>;

/** Each piece once, however many of its bends are in the log. */
const pieces = (bends: readonly Bent[]): Bent[] => [
  ...new Map(bends.map((bend) => [`${bend.job}/${bend.piece}`, bend])).values(),
];

const percent = (part: number, whole: number): number => (whole === 0 ? 0 : Math.round((100 * part) / whole));

/** By what the pieces are, as the letters of their stamps say: MH, SL. */
export const byRole = (bends: readonly Bent[], scrap: readonly Thrown[]): SpoiledShare[] =>
  scrapRates(
    pieces(bends).map(({ stamp }) => stamp),
    scrap.map(({ stamp }) => stamp),
  ).map(({ letters, made, scrapped, rate }) => ({
    name: letters,
    ...{ made, scrapped },
    share: Math.round(100 * rate),
  }));

/** No bend of a piece is in the log, so that nobody knows what it was bent on. */
const UNKNOWN = 'not in the log';

/** By the machine that a piece was bent on last: a scrapped one by the bends that the log has of its stamp in that job. */
export function byMachine(bends: readonly Bent[], scrap: readonly Thrown[]): SpoiledShare[] {
  const newest = bends.toSorted((a, b) => (a.at < b.at ? 1 : -1));
  const machineOf = ({ job, stamp }: Thrown) =>
    newest.find((bend) => bend.job === job && bend.stamp === stamp)?.machine ?? UNKNOWN;
  const made = pieces(bends).map(({ machine }) => machine);
  const lost = scrap.map(machineOf);
  const count = (list: string[], name: string) => list.filter((one) => one === name).length;
  return [...new Set([...made, ...lost])]
    .map((name) => {
      const [good, bad] = [count(made, name), count(lost, name)];
      return { name, made: good, scrapped: bad, share: percent(bad, Math.max(good, bad)) };
    })
    .sort((a, b) => b.share - a.share || b.scrapped - a.scrapped);
}

/** What one job of a car needed, by the log. mm */
export interface CarNeed {
  job: string;
  name: string;
  bends: number;
  scrapped: number;
  lost: number;
  minutes: number;
}

/** So many cars of a model tell what the next one needs. */
const LAST = 5;

/** What the last cars of a model needed, the newest first; a car without a name is no model. */
export function lastCars(
  car: string,
  jobs: readonly JobSummary[],
  log: {
    bends: readonly Bent[];
    scrap: readonly (Thrown & Pick<Scrap, 'length'>)[];
    times: readonly JobTime[];
  },
): CarNeed[] {
  return jobs
    .filter((job) => car !== '' && job.car === car)
    .toSorted((a, b) => (a.createdAt < b.createdAt ? 1 : -1))
    .slice(0, LAST)
    .map(({ id, name }) => {
      const thrown = log.scrap.filter((one) => one.job === id);
      return {
        ...{ job: id, name },
        bends: log.bends.filter((one) => one.job === id).length,
        scrapped: thrown.length,
        lost: thrown.reduce((sum, { length }) => sum + (length?.mm ?? 0), 0),
        minutes: log.times.find((one) => one.job === id)?.minutes ?? 0,
      };
    });
}
