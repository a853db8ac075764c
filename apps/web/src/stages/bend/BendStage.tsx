import {
  type BendSheet,
  type Datum,
  datumWords,
  formatLength,
  formatWithUnit,
  type MainHoop,
  markOutStrip,
} from '@gyrus/core';
import { tubeWords } from '@gyrus/formats';
import { useCallback } from 'react';
import { Link } from 'react-router';
import { usePlan, usePlanStore } from '../../job/planStore.ts';
import { useEvaluation } from '../../job/useEvaluation.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FittedDrawing } from '../../shared/DrawingView.tsx';
import { Figure, Typeset } from '../../shared/Figure.tsx';
import { FindingList } from '../../shared/FindingList.tsx';
import { Segmented } from '../../shared/Segmented.tsx';
import { Stamp } from '../../shared/Stamp.tsx';
import { DriftPanel } from './DriftPanel.tsx';
import { StepCards } from './StepCards.tsx';
import { ToolingPanel } from './ToolingPanel.tsx';

const DATUMS: { value: Datum; text: string }[] = [
  { value: 'centre', text: 'centre' },
  { value: 'a', text: 'end A' },
  { value: 'b', text: 'end B' },
];

/** The mark-out that goes to the bender, its steps, and the tooling that it was made with. */
export function BendStage() {
  const [hoop] = usePlan().members;
  const { members, findings } = useEvaluation();
  const style = useJobStyle();
  const sheet = members[0]?.sheet ?? null;
  if (!hoop) return null;
  const about = findings.filter(
    (finding) => finding.rule === null && finding.code !== 'asymmetry' && !finding.key.startsWith('brief/'),
  );
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_290px] xl:grid-cols-[minmax(0,1fr)_330px]">
      <section aria-label="Mark-out" className="space-y-4">
        <Heading hoop={hoop} />
        <DriftPanel />
        {sheet ? (
          <MarkOut sheet={sheet} hoop={hoop} />
        ) : (
          <NoMarks hasHoop={members[0] !== undefined && 'hoop' in members[0].hoop} />
        )}
      </section>
      <aside aria-label="Tooling and findings" className="space-y-5">
        <ToolingPanel hoop={hoop} />
        <div>
          <h2 className="mb-2 text-lg">Findings</h2>
          <FindingList findings={about} style={style} />
        </div>
        <p className="text-quiet text-sm">
          Tube ends swing: stand clear, hands out of the die. Zero the dial after the preload. If the tube
          slips in the clamp, stop and write it down. Lubricate above 20°.
        </p>
      </aside>
    </div>
  );
}

function Heading({ hoop }: { hoop: MainHoop }) {
  const change = usePlanStore((state) => state.change);
  const { tube, bending } = hoop;
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <div className="flex items-center gap-3">
        <Stamp text={hoop.stamp} />
        <div>
          <h1 className="text-2xl">Main hoop</h1>
          <p className="text-quiet">
            <Typeset text={tubeWords(tube)} />
          </p>
        </div>
      </div>
      <Segmented
        label="measure from"
        value={bending.datum}
        options={DATUMS}
        onChange={(datum) =>
          change('hoop/datum', ({ members: [member] }) => member && void (member.bending.datum = datum))
        }
      />
    </div>
  );
}

function MarkOut({ sheet, hoop }: { sheet: BendSheet; hoop: MainHoop }) {
  const style = useJobStyle();
  const { datum } = hoop.bending;
  const strip = useCallback(
    (width: number) => markOutStrip(sheet, { width, datum, style }),
    [sheet, datum, style],
  );
  const figures: [string, string][] = [
    ['cut the blank at', formatWithUnit(sheet.blank, style)],
    ['finished, on the axis', formatWithUnit(sheet.developed, style)],
    ['trim A, B', `${formatLength(sheet.trim[0], style)}, ${formatLength(sheet.trim[1], style)}`],
    ['centre from either end', formatLength(sheet.blank / 2, style)],
  ];
  return (
    <>
      <div className="flex flex-wrap gap-x-10 gap-y-2">
        {figures.map(([label, text]) => (
          <Figure key={label} label={label} text={text} />
        ))}
      </div>
      <FittedDrawing draw={strip} />
      <p className="text-quiet text-sm">
        All marks {datumWords[datum]}, each from that one datum: do not add up. The dotted line is the seam.
      </p>
      <StepCards sheet={sheet} datum={datum} />
    </>
  );
}

const NoMarks = ({ hasHoop }: { hasHoop: boolean }) => (
  <div className="bg-sheet border-rule rounded-machined border p-6">
    {hasHoop ? (
      <p>Choose a die at the right, and the marks follow. The findings say what else stands in the way.</p>
    ) : (
      <p>
        There is nothing to mark out yet: the hoop comes from the{' '}
        <Link to="../survey" className="font-semibold underline">
          Survey
        </Link>
        .
      </p>
    )}
  </div>
);
