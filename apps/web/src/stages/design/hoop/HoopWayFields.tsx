import {
  bendRoomOf,
  type HoopGeometry,
  type HoopWay,
  type HoopWayOf,
  type MainHoop,
  wayFrom,
} from '@gyrus/core';
import { type ReactNode } from 'react';
import { into, narrowed, type PlanPath } from '../../../job/store/planPath.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { RecordFields } from '../../../job/fields/RecordFields.tsx';
import { memberPath, useHoopEdit } from '../../../job/fields/useMember.ts';
import { chosenIn } from '../../../shared/fields/chosenIn.ts';
import { Segmented } from '../../../shared/fields/Segmented.tsx';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { RowListFields } from '../../../job/fields/RowList.tsx';
import { sampleFields } from '../shape/takeOffRows.ts';
import { FIGURES, halfRows, legRows, TAIL, TAPED, tapedRows } from './hoopWayRows.ts';

const WAYS = [
  { value: 'survey', text: 'from the measured body' },
  { value: 'figures', text: 'by its own figures' },
  { value: 'take-off', text: 'by straights and bends, or sample bends' },
  { value: 'taped', text: 'as it stands, by tape' },
] as const satisfies { value: HoopWay['kind']; text: string }[];

/** Which way the hoop comes about; the figures of the way chosen start as those of the hoop that is there. */
export function HoopWayFields({ hoop, geometry }: { hoop: MainHoop; geometry: HoopGeometry | null }) {
  const plan = usePlan();
  const edit = useHoopEdit();
  const { way } = hoop;
  const set = (key: string, next: HoopWay) => edit(`way/${key}`, (member) => void (member.way = next));
  const path = into(memberPath(plan, hoop), 'way');
  return (
    <div className="space-y-3">
      <SelectField
        label="the hoop comes about"
        value={way.kind}
        options={WAYS}
        onChange={(event) => {
          const kind = chosenIn(WAYS, event.target.value);
          if (!kind) return;
          const next = wayFrom(kind, geometry, bendRoomOf(hoop, plan.dies), plan.units.length);
          edit('way/kind', (member) => {
            member.way = next;
            // What follows from the body is not there yet.
            if (kind === 'survey') member.existing = false;
          });
        }}
      />
      <WayFields way={way} path={path} set={set} />
    </div>
  );
}

/** The figures of a hoop by the way it comes about; none where it follows the body. */
export function WayFields({ way, path, set }: WayFieldsProps<HoopWay>) {
  switch (way.kind) {
    case 'survey':
      return null;
    case 'figures':
      return <FiguresFields way={way} path={narrowed(path)} set={set} />;
    case 'take-off':
      return <TakeOffFields way={way} path={narrowed(path)} set={set} />;
    case 'taped':
      return <TapedFields way={way} path={narrowed(path)} set={set} />;
  }
}

interface WayFieldsProps<Way extends HoopWay> {
  way: Way;
  path: PlanPath<Way>;
  set: (key: string, next: HoopWay) => void;
}

function FiguresFields({ way, path, set }: WayFieldsProps<HoopWayOf<'figures'>>) {
  const { left, right } = way;
  return (
    <>
      <RecordFields path={path} fields={FIGURES} />
      <Half name={right ? 'left, from the crown down' : 'both legs, from the crown down'}>
        <RowListFields
          rows={legRows(left, into(path, 'left'), (legs) => ({ ...way, left: legs }))}
          set={set}
        />
      </Half>
      <Halves own={right !== null} choose={(own) => set('right', { ...way, right: own ? left : null })} />
      {right && (
        <Half name="right, from the crown down">
          <RowListFields
            rows={legRows(right, into(path, 'right'), (legs) => ({ ...way, right: legs }))}
            set={set}
          />
        </Half>
      )}
    </>
  );
}

function TakeOffFields({ way, path, set }: WayFieldsProps<HoopWayOf<'take-off'>>) {
  const { left, right, sample } = way;
  const [ofLeft, ofRight] = [into(path, 'left'), into(path, 'right')];
  return (
    <>
      <RecordFields path={path} fields={sampleFields(sample)} />
      <Half name={right ? 'left, from the centre mark' : 'each half, from the centre mark'}>
        <RowListFields rows={halfRows(way, left, ofLeft, (half) => ({ ...way, left: half }))} set={set} />
        <RecordFields path={ofLeft} fields={TAIL} />
      </Half>
      <Halves own={right !== null} choose={(own) => set('right', { ...way, right: own ? left : null })} />
      {right && (
        <Half name="right, from the centre mark">
          <RowListFields
            rows={halfRows(way, right, ofRight, (half) => ({ ...way, right: half }))}
            set={set}
          />
          <RecordFields path={ofRight} fields={TAIL} />
        </Half>
      )}
    </>
  );
}

function TapedFields({ way, path, set }: WayFieldsProps<HoopWayOf<'taped'>>) {
  return (
    <>
      <RecordFields path={path} fields={TAPED} />
      <Half name="widths, from the feet up">
        <RowListFields rows={tapedRows(way, path)} set={set} />
      </Half>
    </>
  );
}

const HALVES = [
  { value: 'alike', text: 'same both sides' },
  { value: 'own', text: 'each its own' },
] as const;

const Halves = ({ own, choose }: { own: boolean; choose: (own: boolean) => void }) => (
  <Segmented
    label="halves"
    value={own ? 'own' : 'alike'}
    options={HALVES}
    onChange={(value) => choose(value === 'own')}
  />
);

const Half = ({ name, children }: { name: string; children: ReactNode }) => (
  <fieldset className="space-y-2">
    <legend className="text-quiet mb-1 text-sm">{name}</legend>
    {children}
  </fieldset>
);
