import { type BenderSetting, formatWithUnit, type LengthStyle } from '@gyrus/core';

/** Half of what the picture shows where no wall is near. mm */
const FAR = 2500;

interface BenderPictureProps {
  setting: Pick<BenderSetting, 'swing' | 'walls' | 'frame' | 'operator' | 'height'>;
  style: LengthStyle;
}

/** The machine from above: the tube's line, which way its end goes, the walls, what stands there and who. */
export function BenderPicture({ setting, style }: BenderPictureProps) {
  const { swing, walls, frame, operator, height } = setting;
  const mm = (length: { mm: number } | null | undefined) => length?.mm ?? FAR;
  const [ahead, behind, left, right] = [mm(walls.ahead), mm(walls.behind), mm(walls.left), mm(walls.right)];
  // Forward is to the right of the picture, left of the feed is up.
  const box = { x: -behind - 200, y: -left - 200, width: behind + ahead + 400, height: left + right + 400 };
  const text = Math.max(box.width, box.height) / 20;
  const line = { stroke: 'currentColor', strokeWidth: text / 8 };
  const lying = swing === 'left' || swing === 'right';
  const side = swing === 'left' ? -1 : 1;
  return (
    <figure>
      <svg
        viewBox={`${box.x} ${box.y} ${box.width} ${box.height}`}
        className="bg-steel-deep w-full text-scribe"
        role="img"
        aria-label="The machine from above"
      >
        <rect
          x={-behind}
          y={-left}
          width={behind + ahead}
          height={left + right}
          fill="none"
          {...line}
          strokeDasharray={text / 2}
        />
        {frame.map(({ id, from, to }) => (
          <rect
            key={id}
            x={Math.min(from[0].mm, to[0].mm)}
            y={Math.min(-from[1].mm, -to[1].mm)}
            width={Math.abs(from[0].mm - to[0].mm)}
            height={Math.abs(from[1].mm - to[1].mm)}
            fill="currentColor"
            opacity={0.45}
          />
        ))}
        <line x1={-behind} x2={ahead} y1={0} y2={0} {...line} strokeWidth={text / 3} />
        <circle r={150} cy={lying ? side * 150 : 0} fill="none" {...line} />
        {lying && (
          <path
            d={`M ${ahead * 0.6} 0 A ${ahead * 0.6} ${ahead * 0.6} 0 0 ${side < 0 ? 0 : 1} 0 ${side * ahead * 0.6}`}
            fill="none"
            stroke="#ffc83d"
            strokeWidth={text / 4}
          />
        )}
        {operator && <circle cx={operator.forward.mm} cy={-operator.left.mm} r={300} fill="#ffc83d" />}
        <g fontSize={text} fill="currentColor" textAnchor="middle">
          {walls.ahead && (
            <text x={ahead / 2} y={-text / 2}>
              {formatWithUnit(walls.ahead.mm, style)}
            </text>
          )}
          {walls.behind && (
            <text x={-behind / 2} y={-text / 2}>
              {formatWithUnit(walls.behind.mm, style)}
            </text>
          )}
          {walls.left && (
            <text x={0} y={-left / 2}>
              {formatWithUnit(walls.left.mm, style)}
            </text>
          )}
          {walls.right && (
            <text x={0} y={right / 2}>
              {formatWithUnit(walls.right.mm, style)}
            </text>
          )}
        </g>
      </svg>
      <figcaption className="text-quiet text-sm">
        From above, the tube fed to the right;{' '}
        {lying ? 'its end goes where the bright line goes' : `its end goes ${swing}`}
        {height && `, ${formatWithUnit(height.mm, style)} over the floor`}. A filled circle is the operator.
      </figcaption>
    </figure>
  );
}
