import { handsOf } from '@gyrus/formats';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useAskedHere } from './hands/useAskedHere.ts';
import { useFindings } from '../../answers/useAnswers.ts';
import { useOpenSaved } from '../../job/store/useOpenSaved.ts';
import { Button } from '../../shared/frame/Button.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { BooksView } from './BooksView.tsx';
import { HandsView } from './hands/HandsView.tsx';
import { InspectTabs } from './InspectTabs.tsx';
import { LitCage } from './LitCage.tsx';

type Seen = 'hands' | 'books';

/** What needs hands first: out, to be looked at, asked, by what one deed settles; and rule by rule, as the books have it. */
export function InspectStage() {
  const findings = useFindings();
  const plan = usePlan();
  const [lit, setLit] = useState<string | null>(null);
  const [address, setAddress] = useSearchParams();
  const seen: Seen = address.get('show') === 'books' ? 'books' : 'hands';
  const held = useAskedHere(findings);
  const hands = useMemo(() => findings && handsOf(findings, plan, held), [findings, plan, held]);
  if (!findings || !hands) return <Loading what="the findings" />;
  const ruled = findings.filter((finding) => finding.rule !== null);
  const light = { lit, onLight: setLit };
  const options: { value: Seen; text: string }[] = [
    { value: 'hands', text: `needs hands ${hands.open.length}` },
    { value: 'books', text: 'book by book' },
  ];
  return (
    <div className="mx-auto grid max-w-[1560px] gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0 space-y-5">
        <InspectTabs />
        <div className="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 className="text-3xl">{seen === 'hands' ? 'What needs hands' : 'Book by book'}</h1>
            <p className="text-quiet max-w-prose">
              Compared with the rules as entered. Nothing here is an approval: the current rule book and the
              inspector of the event decide.
            </p>
          </div>
          <PrintSheet />
          <Segmented
            quiet
            label="findings"
            value={seen}
            options={options}
            onChange={(next) => setAddress(next === 'hands' ? {} : { show: next }, { replace: true })}
          />
        </div>
        {ruled.length === 0 && <NoBook />}
        {seen === 'hands' ? <HandsView {...{ hands, light }} /> : <BooksView {...{ ruled, light }} />}
      </div>
      <LitCage findings={findings} lit={lit} onLight={setLit} />
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
