import { assumed, formatWithUnit, type Length, millimetres, type Plan, ZONES } from '@gyrus/core';
import { AXIS_NAMES, zoneWords } from '@gyrus/formats';
import { at, newId } from '../../../job/fields/fresh.ts';
import { fieldsOf, type RecordField } from '../../../job/fields/recordField.ts';
import { RecordList } from '../../../job/fields/RecordList.tsx';
import { into, PLAN_PATH } from '../../../job/store/planPath.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { MeasureNext } from '../MeasureNext.tsx';
import { PlacesPicture } from './picture/PlacesPicture.tsx';
import { People } from './People.tsx';
import { Limits } from './Limits.tsx';
import { Sights } from './Sights.tsx';
import { SetUpTables } from './SetUpTables.tsx';

type Survey = Plan['survey'];

const ZONE_CHOICES = ZONES.map((zone) => [zone, zoneWords(zone)] as const);
const NAME = fieldsOf<{ name: string }>().text('name', 'name');
const SURVEY = into(PLAN_PATH, 'survey');

/** What was measured beside the hoop's section: points, panels, keep-outs, how tight the cage stands, who sits in it. */
export function PlacesView() {
  return (
    <>
      <h1 className="mb-4 text-2xl">Places in the car</h1>
      <PlacesPicture />
      <div className="mt-6">
        <MeasureNext />
      </div>
      <div className="mt-8 grid gap-8 lg:grid-cols-2">
        <div className="space-y-8">
          <Points />
          <GapSchools />
          <KeepOuts />
          <Panels />
          <Limits />
        </div>
        <div className="space-y-8">
          <Ribs />
          <Sights />
          <People />
          <SetUpTables />
        </div>
      </div>
    </>
  );
}

function useLength() {
  const style = useJobStyle();
  return (length: Length) => formatWithUnit(length.mm, style);
}

const point = fieldsOf<Survey['points'][number]>();
const POINT_FIELDS = [
  NAME,
  point.choice('zone', 'zone', [[null, 'only a mark'], ...ZONE_CHOICES]),
  point.place('at', 'where'),
];

function Points() {
  const length = useLength();
  return (
    <RecordList<Survey['points'][number]>
      title="Points"
      hint="Places of the body that bars stand at or keep clear of: along roof rail, pillar and sill. Two or more of a zone make a line: a bar along it shows its gap at Design, left and right."
      path={into(SURVEY, 'points')}
      name={(row) => row.name || 'a point'}
      about={(row) => row.at.map((one, i) => `${length(one)} ${AXIS_NAMES[i] ?? ''}`).join(', ')}
      fields={() => POINT_FIELDS}
      kinds={[
        {
          text: 'point',
          fresh: () => ({ id: newId(), name: '', side: null, zone: null, at: at(0, 0, 0) }),
        },
      ]}
    />
  );
}

const gap = fieldsOf<Survey['gaps'][number]>();
const GAP_FIELDS = [
  gap.choice('zone', 'zone', ZONE_CHOICES),
  gap.choice('school', 'bars stand', [
    ['touching', 'touching, stitch welded'],
    ['gap', 'a gap'],
    ['more', 'more, where panels or seals need it'],
  ]),
  gap.extent('gap', 'gap'),
];

function GapSchools() {
  const length = useLength();
  return (
    <RecordList<Survey['gaps'][number]>
      title="How tight the cage stands"
      hint="By zone: touching the body, a small gap, or more. Checked at the points of that zone."
      path={into(SURVEY, 'gaps')}
      name={(row) => zoneWords(row.zone)}
      about={(row) => (row.school === 'touching' ? 'touching' : `${length(row.gap)} at least`)}
      fields={() => GAP_FIELDS}
      kinds={[{ text: 'zone', fresh: () => ({ zone: 'roof', school: 'gap', gap: millimetres(10) }) }]}
    />
  );
}

const keepOut = fieldsOf<Survey['keepOuts'][number]>();
const KEEP_OUT_FIELDS = [
  NAME,
  keepOut.extent('clearance', 'clear of it by'),
  keepOut.place('from', 'one corner'),
  keepOut.place('to', 'the corner across'),
];

function KeepOuts() {
  const length = useLength();
  const { findings } = useEvaluation();
  return (
    <RecordList<Survey['keepOuts'][number]>
      title="Keep-outs"
      hint="Boxes that bars must clear: latch, column, mirror, seat travel, glass."
      path={into(SURVEY, 'keepOuts')}
      name={(row) => row.name || 'a keep-out'}
      about={(row) => {
        const near = findings.filter(({ key }) => key.startsWith(`keep-out/${row.id}/`)).length;
        return `${length(row.clearance)} clear of it; ${near === 0 ? 'all bars are' : `${near} nearer`}`;
      }}
      fields={() => KEEP_OUT_FIELDS}
      kinds={[
        {
          text: 'keep-out',
          fresh: () => ({
            id: newId(),
            name: '',
            from: at(0, 0, 0),
            to: at(100, 100, 100),
            clearance: millimetres(20),
          }),
        },
      ]}
    />
  );
}

const panel = fieldsOf<Survey['planes'][number]>();
const PANEL_FIELDS = [
  NAME,
  panel.length('reach', 'reaches (all if empty)', { optional: true, above: 0 }),
  panel.place('at', 'a point on it'),
  panel.place('normal', 'square to it points'),
];

function Panels() {
  const { panelHoles } = useEvaluation();
  return (
    <RecordList<Survey['planes'][number]>
      title="Panels"
      hint="Shelf, bulkhead or cab wall: where bars pass through, their holes are computed."
      path={into(SURVEY, 'planes')}
      name={(row) => row.name || 'a panel'}
      about={(row) => {
        const holes = panelHoles.filter(({ panel }) => panel === row.id);
        return holes.length === 0
          ? 'no bar passes it'
          : `holes for ${holes.map(({ stamp }) => stamp).join(', ')}`;
      }}
      fields={() => PANEL_FIELDS}
      kinds={[
        {
          text: 'panel',
          fresh: () => ({ id: newId(), name: '', at: at(-500, 0, 500), normal: at(0, 0, 100), reach: null }),
        },
      ]}
    />
  );
}

type Rib = Survey['ribs'][number];

const rib = fieldsOf<Rib>();
const ribFields = ({ points }: Rib): RecordField<Rib>[] => [
  NAME,
  rib.length('forward', 'ahead of the hoop'),
  ...points.flatMap((_, i) => [
    rib.extent(`points.${i}.out`, `half width ${i + 1}`),
    rib.length(`points.${i}.up`, `at the height ${i + 1}`),
  ]),
];

function Ribs() {
  const length = useLength();
  return (
    <RecordList<Rib>
      title="Sections of the body"
      hint="Half widths at a few heights, here and there along the car: they draw the car round the cage."
      path={into(SURVEY, 'ribs')}
      name={(row) => row.name || 'a section'}
      about={({ forward }) =>
        forward.mm < 0
          ? `${length({ ...forward, mm: -forward.mm })} behind the hoop`
          : `${length(forward)} ahead of the hoop`
      }
      fields={ribFields}
      kinds={[
        {
          text: 'section',
          fresh: () => ({
            id: newId(),
            name: '',
            ...assumed({
              forward: millimetres(0),
              points: [
                { out: millimetres(740), up: millimetres(0) },
                { out: millimetres(750), up: millimetres(450) },
                { out: millimetres(640), up: millimetres(850) },
                { out: millimetres(580), up: millimetres(1070) },
              ],
            }),
          }),
        },
      ]}
    />
  );
}
