/**
 * Median time of one call in ms, after a warm-up. prepare: makes what each call is given, outside of the time: answers are kept by
 * the objects that they follow from, so what is to be worked out from nothing needs new ones.
 */
export function median(work, runs = 300, prepare = () => undefined) {
  for (let i = 0; i < Math.min(100, runs); i++) work(prepare(i));
  const times = Array.from({ length: runs }, (_, i) => {
    const given = prepare(i);
    const begun = performance.now();
    work(given);
    return performance.now() - begun;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}
