import { type Finding, stageOf } from '@gyrus/core';
import {
  isQuestion,
  type FindingLine,
  findingStamps,
  findingWords,
  lineBelow,
  lineTitle,
} from '@gyrus/formats';
import { Link } from 'react-router';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { pageName, whereToMend } from '../../../job/seek/whereTo.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { AnswerButtons } from '../AnswerButtons.tsx';
import { Mend } from './Mend.tsx';
import { type Light, Stamps } from './Stamps.tsx';

/** So many stamps stand beside a card; more go below its words. */
const BESIDE = 4;

/** One deed: what it is about, where, which rules ask for it, and what would settle it. */
export function HandsCard({ line, light }: { line: FindingLine; light: Light }) {
  const plan = usePlan();
  const style = useJobStyle();
  const below = lineBelow(line, plan, style);
  const asked = line.all.filter(isQuestion);
  const manyStamps = line.stamps.length > BESIDE;
  const isLit = line.all.some(({ member }) => member !== null && member === light.lit);
  return (
    <li
      data-finding={line.worst.code}
      className={`rounded-machined grid gap-x-4 gap-y-2 border p-3 sm:grid-cols-[4.5rem_minmax(0,1fr)_auto] ${isLit ? 'border-ink bg-chalk-pale' : 'border-rule bg-sheet'}`}
    >
      <StatusMark status={line.worst.status} />
      <div className="min-w-0 space-y-1">
        <h2 className="text-base font-bold">
          <Typeset text={lineTitle(line)} />
        </h2>
        {below !== '' && (
          <p>
            <Typeset text={below} />
          </p>
        )}
        <p className="text-quiet text-sm">{rulesOf(line)}</p>
        {manyStamps && <Stamps {...{ line, light }} />}
        {asked.map((finding) => (
          <div key={finding.key}>
            {asked.length > 1 && (
              <p className="text-sm font-semibold">{findingStamps(finding, plan).join(', ')}</p>
            )}
            <AnswerButtons finding={finding} />
          </div>
        ))}
        {line.all.length > 1 && line.worst.code !== 'asked' && <EachOne all={line.all} />}
      </div>
      <div className="flex max-w-72 flex-col items-start gap-2 sm:items-end">
        {!manyStamps && <Stamps {...{ line, light }} />}
        <Mend findings={line.all} />
        {asked.length === 0 && <Lead finding={line.worst} />}
      </div>
    </li>
  );
}

const rulesOf = ({ rules }: FindingLine): string =>
  [...new Set(rules.map(({ bookTitle, clause }) => `${bookTitle}, ${clause}`))].join('; ') ||
  'besides the books';

/** Every finding of the line with its own figures. */
function EachOne({ all }: { all: readonly Finding[] }) {
  const style = useJobStyle();
  return (
    <Disclosure summary={`each of the ${all.length}`} summaryClassName="min-h-8 text-sm font-semibold">
      <ul className="space-y-1">
        {all.map((finding) => (
          <li key={finding.key}>
            <Typeset text={findingWords(finding, style)} />
          </li>
        ))}
      </ul>
    </Disclosure>
  );
}

/** To the very field that settles it, or to the page where it is dealt with. */
function Lead({ finding }: { finding: Finding }) {
  const plan = usePlan();
  const { assumed } = useEvaluation();
  const to = whereToMend(finding, plan, assumed);
  return (
    <Link to={to} className="inline-flex min-h-8 items-center font-semibold underline underline-offset-2">
      {finding.would !== null || stageOf(finding.code) === 'survey' ? 'Measure it' : 'Change it'} at{' '}
      {pageName(to)}
    </Link>
  );
}
