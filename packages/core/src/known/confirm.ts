import { type Plan } from '../plan/index.ts';
import { assumedIn } from './restsOn.ts';
import { type Path } from './thing.ts';
import { withAt } from './withAt.ts';

/** Who confirms figures, and when. */
export interface Confirmed {
  by: string;
  /** As 2027-03-01T10:30:00Z. */
  on: string;
}

/** The path of a figure as one text. */
export const pathKey = (path: Path): string => path.join('/');

/**
 * The plan with assumed figures confirmed as they stand: measured where they stand for car or driver, else chosen. picked: keys of
 * the figures' paths; others stay assumed. A place that was left out is written down whole, unpicked distances as assumed.
 */
export function confirmed(plan: Plan, picked: ReadonlySet<string>, { by, on }: Confirmed): Plan {
  return assumedIn(plan).things.reduce((next, thing) => {
    const wanted = thing.figures.filter(({ path }) => picked.has(pathKey(path)));
    if (wanted.length === 0) return next;
    const how = thing.name.standsFor === 'cage' ? ('chosen' as const) : ('measured' as const);
    return (thing.leftOut ? thing.figures : wanted).reduce(
      (written, figure) =>
        withAt(written, figure.path, {
          ...figure.value,
          known: wanted.includes(figure) ? { how, by, on } : { how: 'assumed' },
        }) as Plan,
      next,
    );
  }, plan);
}
