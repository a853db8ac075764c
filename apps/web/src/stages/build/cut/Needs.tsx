import { needsOf } from '@gyrus/core';
import { needWords, notYetWords } from '@gyrus/formats';
import { useCopes, useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { Cell, PlainTable, TableRow } from '../../../shared/figures/PlainTable.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Disclosure } from '../../../shared/frame/Disclosure.tsx';
import { Loading } from '../../../shared/frame/Waiting.tsx';
import { useCutting } from './keptCutting.ts';
import { NO_TUBE } from './noTube.ts';

/** How long each tube of this cage is cut, and what that is made of; what cannot be cut yet, and why. */
export const Needs = () => (
  <Disclosure summary="How long each piece is cut, and why">
    <NeedsTable />
  </Disclosure>
);

function NeedsTable() {
  const style = useJobStyle();
  const plan = usePlan();
  const { members } = useEvaluation();
  const copes = useCopes();
  const [{ guided }] = useCutting();
  if (!copes) return <Loading what="the copes" />;
  const { needs, notYet } = needsOf(plan, members, copes, { guided });
  return (
    <>
      {notYet.map((one) => (
        <p key={one.stamp}>
          <StatusMark status="ask" /> {notYetWords(one)}.
        </p>
      ))}
      {needs.length === 0 ? (
        <p>{NO_TUBE}</p>
      ) : (
        <PlainTable names={['tube', 'cut at']}>
          {needs.map((need) => (
            <TableRow key={need.piece}>
              <Cell>{need.stamp}</Cell>
              <Cell>
                <Typeset text={needWords(need, style)} />
              </Cell>
            </TableRow>
          ))}
        </PlainTable>
      )}
    </>
  );
}
