import {
  type BentTube,
  type Die,
  type LengthStyle,
  type Shop,
  springbackGroups,
  testsDue,
} from '@gyrus/core';
import { dieWords, tubeWords } from '@gyrus/formats';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { SelectField } from '../../shared/fields/SelectField.tsx';
import { useLengthStyle } from '../../shared/fields/useLengthStyle.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { Header } from '../../shared/frame/Header.tsx';
import { Loading, Trouble } from '../../shared/frame/Waiting.tsx';
import { useShop } from '../../shared/server/queries.ts';
import { BendsTable } from './BendsTable.tsx';
import { chartedLine } from './chartedLine.ts';
import { ResidualChart, SpringbackChart } from './SpringbackChart.tsx';
import { TestPieceCard } from './TestPieceCard.tsx';
import { WallTable } from './WallTable.tsx';

/** What a die's bends say of springback: chart, line, what is doubtful, what to pull to, and what is to be tested. */
export function SpringbackPage() {
  const { dieId = '' } = useParams();
  const shop = useShop();
  const [style, unitSwitch] = useLengthStyle();
  const die = shop.data?.machines.flatMap(({ dies }) => dies).find(({ id }) => id === dieId);
  return (
    <div className="flex min-h-full flex-col">
      <div className="print:hidden">
        <Header actions={unitSwitch} />
      </div>
      <main className="mx-auto w-full max-w-6xl space-y-5 p-6">
        {shop.isPending && <Loading what="the shop" />}
        {shop.isError && <Trouble error={shop.error} retry={() => void shop.refetch()} />}
        {shop.data && !die && <p>This die is not at the shop any more.</p>}
        {shop.data && die && <OfDie shop={shop.data} die={die} style={style} />}
      </main>
    </div>
  );
}

function OfDie({ shop, die, style }: { shop: Shop; die: Die; style: LengthStyle }) {
  const groups = useMemo(() => springbackGroups(die), [die]);
  const [at, setAt] = useState('0');
  const group = groups[Number(at)] ?? groups[0];
  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-2xl">
            Springback: <Typeset text={die.name} />
          </h1>
          <p className="text-quiet">
            <Typeset text={`${die.machine}, ${dieWords(die)}`} />{' '}
            <Link to="/shop" className="underline print:hidden">
              to the shop
            </Link>
          </p>
        </div>
        <div className="flex flex-wrap items-end gap-3 print:hidden">
          {groups.length > 1 && (
            <SelectField
              label="bends in"
              value={at}
              options={groups.map(({ tube, tests }, i) => ({
                value: String(i),
                text: `${tubeWords(tube)} (${tests.length})`,
              }))}
              onChange={(event) => setAt(event.target.value)}
            />
          )}
          <Button onClick={() => window.print()}>
            <Printer aria-hidden="true" className="size-5" />
            Print
          </Button>
        </div>
      </div>
      {group ? (
        <OfTube die={die} tube={group.tube} tests={group.tests} />
      ) : (
        <p className="bg-sheet border-rule rounded-machined border p-5">
          No bend tells of this die yet. Make a test piece, and enter its bends at the die under{' '}
          <b>Test bend due</b>.
        </p>
      )}
      <TestPieceCard die={die} due={testsDue(die, shop)} style={style} />
    </>
  );
}

function OfTube({ die, tube, tests }: { die: Die; tube: BentTube; tests: Die['tests'] }) {
  const charted = useMemo(() => chartedLine(tests), [tests]);
  const { line, points } = charted;
  return (
    <>
      <p className="text-lg">
        <Typeset text={`In ${tubeWords(tube)}: `} />
        {line
          ? `released = ${line.b.toFixed(3)} × reading ${line.a < 0 ? '−' : '+'} ${Math.abs(line.a).toFixed(2)}°, by ${line.n} bends${line.n > 2 ? `; they stray by ${line.deviation.toFixed(2)}°` : ''}.`
          : 'a line takes two sound bends at different readings.'}
      </p>
      <div className="grid gap-4 lg:grid-cols-[1.35fr_1fr]">
        <div className="space-y-4 print:hidden">
          <SpringbackChart {...charted} />
          {line && <ResidualChart {...charted} />}
        </div>
        <div className="space-y-6">
          <WallTable die={die} tests={tests} />
        </div>
      </div>
      <BendsTable points={points} />
    </>
  );
}
