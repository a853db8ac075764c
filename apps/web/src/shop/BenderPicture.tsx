import { type BenderSetting, formatWithUnit, type LengthStyle, type Wall } from '@gyrus/core';

/** Half of what the picture shows where no wall is near. mm */
const FAR = 2500;

/** A figure of the form: nothing while it is half typed. mm */
type Typed = { mm: number } | null | undefined;

interface BenderPictureProps {
  /** As far as it is typed. */
  setting: Pick<BenderSetting, 'swing'> & {
    height?: Typed;
    walls: Partial<Record<Wall, Typed>>;
    frame: { id: string; from: readonly Typed[]; to: readonly Typed[] }[];
    operator?: { forward?: Typed; left?: Typed } | null;
  };
  style: LengthStyle;
}

/** The machine from above: the tube's line, which way its end goes, the walls, what stands there and who. */
export function BenderPicture({ setting, style }: BenderPictureProps) {
  const { swing, walls, frame, operator, height } = setting;
  const mm = (length: Typed) => length?.mm ?? FAR;
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
          <FrameRect key={id} from={from} to={to} />
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
        {operator?.forward && operator.left && (
          <circle cx={operator.forward.mm} cy={-operator.left.mm} r={300} fill="#ffc83d" />
        )}
        <g fontSize={text} fill="currentColor" textAnchor="middle">
          <Distance of={walls.ahead} x={ahead / 2} y={-text / 2} style={style} />
          <Distance of={walls.behind} x={-behind / 2} y={-text / 2} style={style} />
          <Distance of={walls.left} x={0} y={-left / 2} style={style} />
          <Distance of={walls.right} x={0} y={right / 2} style={style} />
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

/** What stands there from above, once both of its corners are whole. */
function FrameRect({ from: [x1, y1], to: [x2, y2] }: { from: readonly Typed[]; to: readonly Typed[] }) {
  if (!x1 || !y1 || !x2 || !y2) return null;
  return (
    <rect
      x={Math.min(x1.mm, x2.mm)}
      y={Math.min(-y1.mm, -y2.mm)}
      width={Math.abs(x1.mm - x2.mm)}
      height={Math.abs(y1.mm - y2.mm)}
      fill="currentColor"
      opacity={0.45}
    />
  );
}

/** How far a wall is off, where it was measured. */
const Distance = ({ of, x, y, style }: { of: Typed; x: number; y: number; style: LengthStyle }) =>
  of && (
    <text x={x} y={y}>
      {formatWithUnit(of.mm, style)}
    </text>
  );
