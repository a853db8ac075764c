/** Median time of one call in ms, after a warm-up. */
export function median(work, runs = 300) {
  for (let i = 0; i < Math.min(50, runs); i++) work();
  const times = Array.from({ length: runs }, () => {
    const begun = performance.now();
    work();
    return performance.now() - begun;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)];
}
