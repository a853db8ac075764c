import { cornersOf, layOut, piecesOf, polylineOf, type TracedPoint, type TraceFit } from '@gyrus/core';

const WIDE = 560;
const HIGH = 200;
const EDGE = 16;

/** The places that were traced, and the tube through them; end A on the left. */
export function TracePicture({ trace, fit }: { trace: readonly TracedPoint[]; fit: TraceFit }) {
  const axis = axisOf(fit);
  const [from, to] = [fit.points[0], fit.points.at(-1)];
  if (!from || !to) return null;
  const turned = Math.atan2(to[1] - from[1], to[0] - from[0]);
  // Laid level, from end A to end B.
  const level = ([x, y]: TracedPoint): TracedPoint => [
    (x - from[0]) * Math.cos(turned) + (y - from[1]) * Math.sin(turned),
    (y - from[1]) * Math.cos(turned) - (x - from[0]) * Math.sin(turned),
  ];
  const all = [...trace, ...axis].map(level);
  const [xs, ys] = [all.map(([x]) => x), all.map(([, y]) => y)];
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const scale = Math.min(
    (WIDE - 2 * EDGE) / Math.max(1, right - left),
    (HIGH - 2 * EDGE) / Math.max(1, high - low),
  );
  const at = (place: TracedPoint): string => {
    const [x, y] = level(place);
    return `${EDGE + (x - left) * scale},${HIGH - EDGE - (y - low) * scale}`;
  };
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      role="img"
      aria-label="The trace and the tube through it, end A on the left"
      className="bg-sheet border-rule rounded-machined w-full border"
    >
      <polyline points={axis.map(at).join(' ')} fill="none" className="stroke-steel" strokeWidth="4" />
      {trace.map((place, i) => {
        const [x, y] = at(place).split(',');
        return <circle key={i} cx={x} cy={y} r="4" className="fill-chalk stroke-ink" />;
      })}
      <text x={EDGE} y={HIGH - 2} className="fill-quiet text-[13px]">
        A
      </text>
    </svg>
  );
}

function axisOf({ points, radii }: TraceFit): TracedPoint[] {
  const corners = cornersOf({ points: points.map(([x, y]) => [x, y, 0]), clr: radii });
  if (!corners.ok) return [];
  const lra = layOut(corners.value);
  return lra.ok ? polylineOf(piecesOf(corners.value, lra.value)).map(([x, y]): TracedPoint => [x, y]) : [];
}
