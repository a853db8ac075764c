import { type Finding, type Status } from '@gyrus/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useFindings } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { useOpenSaved } from '../../job/store/useOpenSaved.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { BookMatrix } from './BookMatrix.tsx';
import { InspectTabs } from './InspectTabs.tsx';
import { LitCage } from './LitCage.tsx';
import { PassedOverRules } from './PassedOverRules.tsx';
import { type Shown, BookTable } from './BookTable.tsx';

/** Rule by rule: what was measured, the limit, how far inside it, what would mend it, and what a person must answer. */
export function InspectStage() {
  const findings = useFindings();
  const { members } = usePlan();
  const style = useJobStyle();
  const [shown, setShown] = useState<Shown>('all');
  const [lit, setLit] = useState<string | null>(null);
  if (!findings) return <Loading what="the findings" />;
  const ruled = findings.filter((finding) => finding.rule !== null);
  const chosen = [...new Set(ruled.map((finding) => finding.rule?.book))];
  return (
    <div className="mx-auto grid max-w-[1560px] gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0 space-y-6">
        <InspectTabs />
        <InspectHead ruled={ruled} shown={shown} onShow={setShown} />
        {chosen.length === 0 && <NoBook />}
        {chosen.length > 0 && <BookMatrix members={members} findings={ruled} />}
        {chosen.map((book) => (
          <BookTable
            key={book}
            findings={ruled.filter(({ rule }) => rule?.book === book)}
            {...{ shown, lit }}
            onLight={setLit}
          />
        ))}
        <PassedOverRules />
        <section aria-label="Besides the rules">
          <h2 className="mb-2 text-lg">Besides the rules</h2>
          <FindingList findings={findings.filter((finding) => finding.rule === null)} style={style} />
        </section>
      </div>
      <LitCage findings={ruled} lit={lit} onLight={setLit} />
    </div>
  );
}

interface InspectHeadProps {
  ruled: Finding[];
  shown: Shown;
  onShow: (shown: Shown) => void;
}

/** What this is and is not, the sheet of it, and which of the books' findings are shown. */
function InspectHead({ ruled, shown, onShow }: InspectHeadProps) {
  const count = (status: Status) => ruled.filter((one) => one.status === status).length;
  const options = [
    { value: 'all' as const, text: `all ${ruled.length}` },
    ...(['out', 'look', 'ask', 'clear'] as const).map((value) => ({
      value,
      text: `${value} ${count(value)}`,
    })),
  ];
  return (
    <div className="flex flex-wrap items-end justify-between gap-4">
      <div>
        <h1 className="text-3xl">Inspect</h1>
        <p className="text-quiet max-w-prose">
          Compared with the rules as entered. Nothing here is an approval: the current rule book and the
          inspector of the event decide.
        </p>
      </div>
      <PrintSheet />
      {ruled.length > 0 && (
        <Segmented label="findings of the books" value={shown} options={options} onChange={onShow} />
      )}
    </div>
  );
}

const NoBook = () => (
  <p className="bg-sheet border-rule rounded-machined border p-6">
    No rule book is chosen.{' '}
    <Link to="../brief" className="font-semibold underline">
      Choose one at Brief
    </Link>
    .
  </p>
);

/** The inspector's sheet of what is saved now: all of it, or what is found and the tubes on two pages. */
function PrintSheet() {
  const { units } = usePlan();
  const open = useOpenSaved();
  const paper = units.length === 'in' ? 'letter' : 'a4';
  const print = (form: 'long' | 'short') =>
    void open((from) => `${from}/inspection.pdf?form=${form}&unit=${units.length}&paper=${paper}`);
  return (
    <div className="flex flex-wrap gap-2">
      <Button kind="strong" onClick={() => print('long')}>
        Sheet for the inspector
      </Button>
      <Button onClick={() => print('short')}>Short form, two pages</Button>
    </div>
  );
}
