import { bendRoomOf, type Bar, type HoopWay, type ShapeOf, type Tube, wayFrom } from '@gyrus/core';
import { Link } from 'react-router';
import { fieldsOf } from '../../../job/fields/recordField.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { into, type PlanPath, setAt } from '../../../job/store/planPath.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { WayFields } from './HoopWayFields.tsx';

type Hoop = ShapeOf<'hoop'>;

const WAYS = [
  { value: 'survey', text: 'within its section of the body' },
  { value: 'figures', text: 'by its own figures' },
  { value: 'take-off', text: 'by straights and bends, or sample bends' },
  { value: 'taped', text: 'as it stands, by tape' },
] as const satisfies { value: HoopWay['kind']; text: string }[];

const { angle, extent, length } = fieldsOf<Hoop>();

const WITHIN = [extent('gap', 'gap to the body')];
const OWN = [
  length('forward', 'its feet ahead of the main hoop'),
  length('up', 'its feet over the floor'),
  angle('tilt', 'leans back, going up', { least: -30, most: 75 }),
];

interface FrontHoopFieldsProps {
  bar: Bar;
  shape: Hoop;
  path: PlanPath<Hoop>;
  /** As it stands; null where it cannot be placed. */
  tube: Pick<Tube, 'points' | 'features'> | null;
}

/** How a hoop in front comes about; the figures of the way chosen start as those of the hoop that is there. */
export function FrontHoopFields({ bar, shape, path, tube }: FrontHoopFieldsProps) {
  const plan = usePlan();
  const change = usePlanStore((state) => state.change);
  const put = (key: string, next: Hoop) =>
    change(`${path.join('/')}/${key}`, (draft) => setAt(draft, path, next));
  const choose = (kind: HoopWay['kind']) => {
    const room = bendRoomOf(bar, plan.dies);
    const stands = tube && { ...onItsFeet(tube), tilt: shape.tilt.deg };
    put('way', { ...shape, way: wayFrom(kind, stands, room, plan.units.length) });
  };
  const measured = plan.survey.frontSection !== null;
  return (
    <div className="border-rule space-y-3 border-t pt-3">
      <SelectField
        label="the hoop comes about"
        value={shape.way.kind}
        options={WAYS}
        onChange={(event) => {
          const kind = chosenIn(WAYS, event.target.value);
          if (kind) choose(kind);
        }}
      />
      {shape.way.kind === 'survey' && (
        <p className="text-quiet text-sm">
          {measured ? 'It follows the corners of the body: ' : 'Nobody measured the body there: '}
          <Link to="../survey?view=front" className="font-semibold underline">
            front hoop’s section at Survey
          </Link>
        </p>
      )}
      <RecordFields path={path} fields={shape.way.kind === 'survey' ? WITHIN : OWN} />
      <WayFields
        way={shape.way}
        path={into(path, 'way')}
        set={(key, way) => put(`way/${key}`, { ...shape, way })}
      />
    </div>
  );
}

/** Seen from where its feet stand, as its own figures are. */
function onItsFeet({ points, features }: Pick<Tube, 'points' | 'features'>) {
  const [x = 0] = points[0] ?? [];
  return { features, points: points.map(([ahead, y, z]) => [ahead - x, y, z] as const) };
}
