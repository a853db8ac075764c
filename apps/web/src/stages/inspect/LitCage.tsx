import { type Finding, tubesIn } from '@gyrus/core';
import { lazy, Suspense, useMemo } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { Loading } from '../../shared/frame/Waiting.tsx';

const Space = lazy(async () => ({ default: (await import('../design/space/Space.tsx')).Space }));

interface LitCageProps {
  findings: Finding[];
  /** The member that is lit; none where it is null. */
  lit: string | null;
  onLight: (member: string) => void;
}

/** The cage in space beside the rules: the tube that a rule is about is lit, and a tube that is pressed shows its rules. */
export function LitCage({ findings, lit, onLight }: LitCageProps) {
  const { survey, occupants, plates, gussets, members } = usePlan();
  const evaluation = useEvaluation();
  const around = useMemo(
    () => ({ survey, occupants, plates, gussets }),
    [survey, occupants, plates, gussets],
  );
  const tubes = useMemo(() => tubesIn(evaluation), [evaluation]);
  const member = members.find(({ id }) => id === lit);
  const piece = member?.pieces[0]?.id ?? null;
  const own = findings.filter((one) => one.member === lit);
  const count = (status: Finding['status']) => own.filter((one) => one.status === status).length;
  return (
    <aside aria-label="The tube in the cage" className="space-y-2 lg:sticky lg:top-4 lg:self-start">
      {tubes.length === 0 ? (
        <p className="text-quiet">The cage is drawn as soon as a tube is placed.</p>
      ) : (
        <Suspense fallback={<Loading what="the cage in space" />}>
          <Space
            {...{ around, evaluation, tubes }}
            selected={piece}
            onSelect={(picked) => {
              const of = members.find(({ pieces }) => pieces.some(({ id }) => id === picked));
              if (of) onLight(of.id);
            }}
            view="free"
            car={false}
            stamps={false}
            copes={null}
            ghosts={false}
            measure={null}
            className="border-rule rounded-machined !h-80 !min-h-0 overflow-hidden border"
          />
        </Suspense>
      )}
      {member ? (
        <p>
          <strong>{member.stamp}</strong>: {count('out')} out, {count('look')} to look at, {count('ask')} to
          answer, {count('clear')} clear.{' '}
          <Link to={`../design?tube=${piece ?? ''}`} className="font-semibold underline">
            Change it at Design
          </Link>
        </p>
      ) : (
        <p className="text-quiet">Press a stamp, or a tube here, and it is lit.</p>
      )}
    </aside>
  );
}
