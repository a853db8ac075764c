import {
  type BuiltDeviation,
  builtHoop,
  feetCorrection,
  hoopAnswerOf,
  mainHoopOf,
  type Tube,
  twistCorrection,
} from '@gyrus/core';
import { builtHoopWords, feetCorrectionWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan, usePlanStore } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { lengthIn } from '../../../shared/fields/keptQuantities.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../../../shared/fields/quantityKinds.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { StatusMark } from '../../../shared/figures/StatusMark.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useKept } from '../../../shared/server/useKept.ts';
import { useWho } from '../../../shared/server/useWho.ts';

/** What a shop spreads a hoop at the most, until it says otherwise. mm; common practice */
const SPREAD = { mm: 6, typed: '6 mm' };

/** What puts the hoop right, or the plan: feet that are too wide or too narrow, a foot that stands off. */
export function Correction({ deviations }: { deviations: BuiltDeviation[] }) {
  const hoop = hoopAnswerOf(useEvaluation())?.tube;
  const plan = usePlan();
  const { measuringError } = plan;
  const style = useJobStyle();
  const [spread, keepSpread] = useKept('gyrus-spread', (kept) => lengthIn(kept) ?? SPREAD);
  const feet = deviations.find(({ point }) => point.key === 'hoop:feet');
  const twist = deviations.find(({ point }) => point.key === 'hoop:twist');
  if (!hoop) return null;
  if (mainHoopOf(plan)?.existing) return <OfAnOldHoop hoop={hoop} deviations={deviations} />;
  const correction =
    feet &&
    feetCorrection(hoop, {
      ...{ planned: feet.point.planned, measured: feet.value, error: measuringError.mm },
      spread: spread.mm,
    });
  return (
    <section aria-label="Putting it right" className="space-y-2">
      <h2 className="text-lg">Putting it right</h2>
      {!correction && (
        <p>
          <StatusMark status="ask" /> How far the feet are apart is not measured at this turn.
        </p>
      )}
      {correction && (
        <ul className="space-y-1.5">
          {feetCorrectionWords(correction, style).map((line, i) => (
            <li key={i}>
              {i === 0 && <StatusMark status={correction.kind === 'none' ? 'clear' : 'look'} />}{' '}
              <Typeset text={line} />
            </li>
          ))}
        </ul>
      )}
      {twist?.status === 'look' && (
        <p>
          A foot stands off: turn it back by {twistCorrection(twist.off, hoop).toFixed(1)}° about the straight
          between the crown’s bends.
        </p>
      )}
      <QuantityInput
        label="this shop spreads a hoop at most"
        kind={lengthKind(style, { least: 0, usual: [1, 25] })}
        value={spread}
        onChange={(value) => value && keepSpread(value)}
      />
      <Accept hoop={hoop} deviations={deviations} />
      <Accepted />
    </section>
  );
}

const OfAnOldHoop = ({ hoop, deviations }: AcceptProps) => (
  <section aria-label="Putting it right" className="space-y-2">
    <h2 className="text-lg">Putting it right</h2>
    <p>The hoop came with the car: nothing of it is bent again. What stands on it can follow it as it is.</p>
    <Accept hoop={hoop} deviations={deviations} />
    <Accepted />
  </section>
);

interface AcceptProps {
  hoop: Tube;
  deviations: BuiltDeviation[];
}

/** Takes the hoop as it stands into the plan, as far as it was measured: what stands on it follows. */
function Accept({ hoop, deviations }: AcceptProps) {
  const [who] = useWho();
  const style = useJobStyle();
  const change = usePlanStore((store) => store.change);
  const plan = usePlan();
  const built = builtHoop(hoop, deviations, mainHoopOf(plan)?.asBuilt ?? null, plan.measuringError.mm);
  if (!built) return null;
  const cut = plan.copeTicks.filter(({ state }) => state === 'cut' || state === 'fitted').length;
  const accept = () =>
    change('member/asBuilt', (draft) => {
      const own = mainHoopOf(draft);
      if (own) own.asBuilt = { ...built, by: who.trim(), on: new Date().toISOString() };
    });
  return (
    <div className="space-y-1.5">
      <Button disabled={who.trim() === ''} onClick={accept}>
        Leave it so, and build on it
      </Button>
      <p className="text-quiet text-sm">
        <Typeset text={`The plan takes ${builtHoopWords(built, style).join(', ')}`} />: bars, copes and
        findings follow from it
        {cut > 0
          ? `, and ${cut} end${cut === 1 ? '' : 's'} that ${cut === 1 ? 'is' : 'are'} cut already ${cut === 1 ? 'is' : 'are'} marked at Cope where ${cut === 1 ? 'its' : 'their'} cut changes`
          : ''}
        . The bend sheet stays as designed.
      </p>
    </div>
  );
}

/** What the plan took from the hoop as it stands, and a way back. */
function Accepted() {
  const plan = usePlan();
  const style = useJobStyle();
  const change = usePlanStore((store) => store.change);
  const built = mainHoopOf(plan)?.asBuilt;
  if (!built) return null;
  return (
    <div className="border-look space-y-1.5 border-l-4 bg-white p-3">
      <p>
        The plan has <Typeset text={builtHoopWords(built, style).join(', ')} /> as they were built: taken by{' '}
        {built.by}, {format(new Date(built.on), 'd MMMM')}.
      </p>
      <Button
        onClick={() =>
          change('member/asBuilt', (draft) => {
            const hoop = mainHoopOf(draft);
            if (hoop) hoop.asBuilt = null;
          })
        }
      >
        Back to the design
      </Button>
    </div>
  );
}
