import {
  assumed,
  formatWithUnit,
  type Length,
  millimetres,
  newOccupant,
  type Plan,
  ZONES,
} from '@gyrus/core';
import { at, newId } from '../../job/fields/fresh.ts';
import { type RecordField } from '../../job/fields/RecordFields.tsx';
import { RecordList } from '../../job/fields/RecordList.tsx';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { SetUpTables } from './SetUpTables.tsx';

type Survey = Plan['survey'];

const zoneName = (zone: string): string =>
  zone.replace(/^(.)-pillar$/, (_, letter: string) => `${letter.toUpperCase()}-pillar`);
const ZONE_CHOICES = ZONES.map((zone) => ({ value: zone, text: zoneName(zone) }));
const NAME: RecordField = { type: 'text', at: 'name', label: 'name' };

/** What was measured beside the hoop's section: points, panels, keep-outs, how tight the cage stands, who sits in it. */
export function PlacesView() {
  return (
    <>
      <h1 className="mb-4 text-2xl">Places in the car</h1>
      <div className="grid gap-8 lg:grid-cols-2">
        <div className="space-y-8">
          <Points />
          <GapSchools />
          <KeepOuts />
          <Panels />
        </div>
        <div className="space-y-8">
          <Ribs />
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

function Points() {
  const length = useLength();
  return (
    <RecordList<Survey['points'][number]>
      title="Points"
      hint="Places of the body that bars stand at or keep clear of: along roof rail, pillar and sill."
      path={['survey', 'points']}
      name={(row) => row.name || 'a point'}
      about={(row) => row.at.map(length).join(', ')}
      fields={() => [
        NAME,
        {
          type: 'choice',
          at: 'zone',
          label: 'zone',
          options: [{ value: null, text: 'only a mark' }, ...ZONE_CHOICES],
        },
        { type: 'place', at: 'at', label: 'where' },
      ]}
      kinds={[
        {
          text: 'point',
          fresh: () => ({ id: newId(), name: '', side: null, zone: null, at: at(0, 0, 0) }),
        },
      ]}
    />
  );
}

const SCHOOLS = [
  { value: 'touching', text: 'touching, stitch welded' },
  { value: 'gap', text: 'a gap' },
  { value: 'more', text: 'more, where panels or seals need it' },
];

function GapSchools() {
  const length = useLength();
  return (
    <RecordList<Survey['gaps'][number]>
      title="How tight the cage stands"
      hint="By zone: touching the body, a small gap, or more. Checked at the points of that zone."
      path={['survey', 'gaps']}
      name={(row) => zoneName(row.zone)}
      about={(row) => (row.school === 'touching' ? 'touching' : `${length(row.gap)} at least`)}
      fields={() => [
        { type: 'choice', at: 'zone', label: 'zone', options: ZONE_CHOICES },
        { type: 'choice', at: 'school', label: 'bars stand', options: SCHOOLS },
        { type: 'length', at: 'gap', label: 'gap', least: 0 },
      ]}
      kinds={[{ text: 'zone', fresh: () => ({ zone: 'roof', school: 'gap', gap: millimetres(10) }) }]}
    />
  );
}

function KeepOuts() {
  const length = useLength();
  const { findings } = useEvaluation();
  return (
    <RecordList<Survey['keepOuts'][number]>
      title="Keep-outs"
      hint="Boxes that bars must clear: latch, column, mirror, seat travel, glass."
      path={['survey', 'keepOuts']}
      name={(row) => row.name || 'a keep-out'}
      about={(row) => {
        const near = findings.filter(({ key }) => key.startsWith(`keep-out/${row.id}/`)).length;
        return `${length(row.clearance)} clear of it; ${near === 0 ? 'all bars are' : `${near} nearer`}`;
      }}
      fields={() => [
        NAME,
        { type: 'length', at: 'clearance', label: 'clear of it by', least: 0 },
        { type: 'place', at: 'from', label: 'one corner' },
        { type: 'place', at: 'to', label: 'the corner across' },
      ]}
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

function Panels() {
  const { panelHoles } = useEvaluation();
  return (
    <RecordList<Survey['planes'][number]>
      title="Panels"
      hint="Shelf, bulkhead or cab wall: where bars pass through, their holes are computed."
      path={['survey', 'planes']}
      name={(row) => row.name || 'a panel'}
      about={(row) => {
        const holes = panelHoles.filter(({ panel }) => panel === row.id);
        return holes.length === 0
          ? 'no bar passes it'
          : `holes for ${holes.map(({ stamp }) => stamp).join(', ')}`;
      }}
      fields={() => [
        NAME,
        { type: 'length', at: 'reach', label: 'reaches (all if empty)', optional: true, above: 0 },
        { type: 'place', at: 'at', label: 'a point on it' },
        { type: 'place', at: 'normal', label: 'square to it points' },
      ]}
      kinds={[
        {
          text: 'panel',
          fresh: () => ({ id: newId(), name: '', at: at(-500, 0, 500), normal: at(0, 0, 100), reach: null }),
        },
      ]}
    />
  );
}

const RIB_FIELDS = (points: number): RecordField[] => [
  NAME,
  { type: 'length', at: 'forward', label: 'ahead of the hoop' },
  ...Array.from({ length: points }, (_, i): RecordField[] => [
    { type: 'length', at: `points.${i}.out`, label: `half width ${i + 1}`, least: 0 },
    { type: 'length', at: `points.${i}.up`, label: `at the height ${i + 1}` },
  ]).flat(),
];

function Ribs() {
  const length = useLength();
  return (
    <RecordList<Survey['ribs'][number]>
      title="Sections of the body"
      hint="Half widths at a few heights, here and there along the car: they draw the car round the cage."
      path={['survey', 'ribs']}
      name={(row) => row.name || 'a section'}
      about={({ forward }) =>
        forward.mm < 0
          ? `${length({ ...forward, mm: -forward.mm })} behind the hoop`
          : `${length(forward)} ahead of the hoop`
      }
      fields={(row) => RIB_FIELDS(row.points.length)}
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

function People() {
  return (
    <RecordList<Plan['occupants'][number]>
      title="Who sits in it"
      hint="Shoulder and top of the helmet, measured with the driver in the seat: drawn in space."
      path={['occupants']}
      name={(row) => row.name || 'somebody'}
      fields={() => [
        NAME,
        {
          type: 'choice',
          at: 'seat',
          label: 'seat',
          options: ['left', 'centre', 'right'].map((one) => ({ value: one, text: one })),
        },
        { type: 'place', at: 'shoulder', label: 'shoulder, where the strap lies' },
        { type: 'place', at: 'helmetTop', label: 'top of the helmet' },
      ]}
      kinds={[
        {
          text: 'driver',
          fresh: () => ({
            ...newOccupant(newId()),
            shoulder: at(0, 350, 620),
            helmetTop: at(0, 350, 920),
          }),
        },
      ]}
    />
  );
}
