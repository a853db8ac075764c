import {
  acrossPairs,
  type BendSheet,
  formatAngle,
  formatWithUnit,
  releasedLimits,
  releasedWidths,
} from '@gyrus/core';
import { isRolled, limitedFigures, pairWords } from '@gyrus/formats';
import { useMemo } from 'react';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Cell, PlainTable, TableRow } from '../../../shared/figures/PlainTable.tsx';
import { ScatterPanel } from './ScatterPanel.tsx';

/** How a bent tube may come out: by what its test bends leave open, and by what goes wrong at every bend. */
export function Outcome({ sheet, hoop }: { sheet: BendSheet; hoop: boolean }) {
  const pairs = useMemo(() => acrossPairs(sheet.bends.length), [sheet.bends.length]);
  if (sheet.bends.length === 0 || sheet.bends.some(isRolled)) return null;
  return (
    <section aria-label="How it may come out" className="space-y-3">
      <h2 className="text-lg">How it may come out</h2>
      <BeforeBending sheet={sheet} hoop={hoop} />
      {hoop && <LimitsInIt sheet={sheet} />}
      <ScatterPanel sheet={sheet} pairs={pairs} hoop={hoop} />
    </section>
  );
}

interface BeforeBendingProps {
  sheet: BendSheet;
  hoop: boolean;
}

/** What the interval of the released angles does to the widths: one die, so that all bends tend to come out the same way. */
function BeforeBending({ sheet, hoop }: BeforeBendingProps) {
  const style = useJobStyle();
  const released = releasedWidths(sheet);
  if (!released)
    return (
      <p>
        Nobody knows yet how far the released angles scatter: that takes three test bends of this tube on this
        die, pulled at about 30, 45 and 90°.
      </p>
    );
  const text = (mm: number) => <Typeset text={formatWithUnit(mm, style)} />;
  return (
    <PlainTable
      caption="Nine bends of ten release within the interval of the test bends; all at one end of it:"
      names={['between axes', 'as designed', 'all short', 'all over']}
    >
      {released.widths.map(({ pair, planned, short, over }) => (
        <TableRow key={pair.join('-')}>
          <Cell>{pairWords(sheet, pair, hoop)}</Cell>
          <Cell figure>{text(planned)}</Cell>
          <Cell figure>{text(short)}</Cell>
          <Cell figure>{text(over)}</Cell>
        </TableRow>
      ))}
      <TableRow>
        <Cell>{hoop ? 'a leg leans otherwise by' : 'an end turns by'}</Cell>
        <Cell figure>0°</Cell>
        <Cell figure>{formatAngle(released.leg.short)}°</Cell>
        <Cell figure>{formatAngle(released.leg.over)}°</Cell>
      </TableRow>
    </PlainTable>
  );
}

/** The job's limits of the feet, when all bends come out at the worse end of their interval. */
function LimitsInIt({ sheet }: { sheet: BendSheet }) {
  const style = useJobStyle();
  const { limits } = usePlan();
  const { findings } = useEvaluation();
  return (
    <ul>
      {releasedLimits(limits, findings, sheet).map(({ limit, worst, status }) => (
        <li key={limit.id}>
          <StatusMark status={status} /> {limitedFigures[limit.figure]}: the job wants{' '}
          {limit.bound === 'most' ? 'at most' : 'at least'} {formatWithUnit(limit.length.mm, style)}; at the
          worse end it is {formatWithUnit(worst, style)}
          {status === 'look' &&
            ': make a test bend nearer to these angles, or measure before it leaves the bender'}
          .
        </li>
      ))}
    </ul>
  );
}
