import { type PartMade, type Vec3 } from '@gyrus/core';

const VIEWS = [
  { name: 'from the front', flat: ([, y, z]: Vec3): [number, number] => [-y, -z] },
  { name: 'from the side', flat: ([x, , z]: Vec3): [number, number] => [-x, -z] },
  { name: 'from above', flat: ([x, y]: Vec3): [number, number] => [-y, -x] },
];

/** The part as it came out, over what it was to be: from three sides, at one scale. */
export function PartPicture({ part: { points, planned }, od }: { part: PartMade; od: number }) {
  return (
    <div className="grid gap-3 sm:grid-cols-3">
      {VIEWS.map(({ name, flat }) => {
        const [made, wanted] = [points.map(flat), planned.map(flat)];
        const all = [...made, ...wanted];
        const range = (axis: 0 | 1) => {
          const values = all.map((point) => point[axis]);
          return [Math.min(...values) - 2 * od, Math.max(...values) + 2 * od] as const;
        };
        const [x, y] = [range(0), range(1)];
        return (
          <figure key={name} className="bg-steel-deep rounded-machined p-2">
            <svg
              role="img"
              aria-label={`The part ${name}, over what it was to be`}
              viewBox={`${x[0]} ${y[0]} ${x[1] - x[0]} ${y[1] - y[0]}`}
              className="h-52 w-full"
            >
              <Line points={wanted} width={od} color="#5a64c9" dash={`${od * 1.5} ${od}`} />
              <Line points={made} width={od} color="#ffc83d" />
            </svg>
            <figcaption className="text-sm text-white">{name}</figcaption>
          </figure>
        );
      })}
    </div>
  );
}

const Line = ({
  points,
  width,
  color,
  dash,
}: {
  points: [number, number][];
  width: number;
  color: string;
  dash?: string;
}) => (
  <polyline
    points={points.map((point) => point.join(',')).join(' ')}
    fill="none"
    stroke={color}
    strokeWidth={width}
    strokeLinejoin="round"
    strokeDasharray={dash}
  />
);
