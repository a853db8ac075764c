import { type AlongBody, formatAngle, formatWithUnit, type GapAlong } from '@gyrus/core';
import { zoneWords } from '@gyrus/formats';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { type Column, DataTable } from '../../../shared/figures/DataTable.tsx';
import { Typeset } from '../../../shared/figures/Figure.tsx';

/** The gap of a bar to the body along all of it, left and right at the same stations; nothing where it lies along none that was measured. */
export function AlongBodyTable({ member }: { member: string }) {
  const { alongBody } = useEvaluation();
  return (
    <>
      {alongBody
        .filter((one) => one.member === member)
        .map((one) => (
          <Beside key={`${one.zone}/${one.stamps.join('/')}`} along={one} />
        ))}
    </>
  );
}

const SIDES = ['left', 'right'] as const;

function Beside({ along }: { along: AlongBody }) {
  const style = useJobStyle();
  const say = (mm: number | null) => (mm === null ? 'not measured' : formatWithUnit(mm, style));
  const columns: Column<GapAlong>[] = [
    { name: 'from end A', cell: (one) => <Typeset text={formatWithUnit(one.along, style)} /> },
    { name: 'gap on the left', cell: ({ left }) => <Typeset text={say(left)} /> },
    { name: 'gap on the right', cell: ({ right }) => <Typeset text={say(right)} /> },
    {
      name: 'left less right',
      cell: ({ left, right }) => (
        <Typeset text={left === null || right === null ? '-' : formatWithUnit(left - right, style)} />
      ),
    },
  ];
  const zone = zoneWords(along.zone);
  const stamps = along.stamps.join(' and ');
  return (
    <section
      aria-label={`Gap to the body at the ${zone}, ${stamps}`}
      className="border-rule space-y-2 border-t pt-3"
    >
      <h3 className="font-semibold">
        Gap to the body at the {zone}: {stamps}
      </h3>
      <DataTable
        caption={`Gap to the body at the ${zone}, ${stamps}`}
        rows={along.stations}
        columns={columns}
        rowKey={(one) => String(one.along)}
      />
      {SIDES.map((side) => {
        const turn = along.turn[side];
        if (!turn) return null;
        return (
          <p key={side}>
            Turned {formatAngle(Math.abs(turn.deg))}° about the line between its ends, its bends{' '}
            {turn.towards}, the {side} one touches the body.
          </p>
        );
      })}
    </section>
  );
}
