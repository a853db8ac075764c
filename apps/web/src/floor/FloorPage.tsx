import { type IssuedSheet } from '@gyrus/contract';
import { loggedTube, spoiledAsTicked, tapeHook } from '@gyrus/core';
import { pieceName } from '@gyrus/formats';
import { formatISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { writtenIn } from '../shared/fields/writtenIn.ts';
import { useKept } from '../shared/server/useKept.ts';
import { useDeviceId, useWho } from '../shared/server/useWho.ts';
import { Trouble } from '../shared/frame/Waiting.tsx';
import { Stamp } from '../shared/figures/Stamp.tsx';
import { type BendMeasures, measuresIn } from '../stages/bend/whatNow/keptMeasures.ts';
import { useDevices } from '../shared/devices/useDevices.ts';
import { FloorButton } from './FloorButton.tsx';
import { FloorFrame } from './FloorFrame.tsx';
import { NetworkLine, NotTaken, Stale } from './FloorStatus.tsx';
import { enqueue } from './queue/floorQueue.ts';
import { useSending } from './queue/useSending.ts';
import { type Lost, ScrapAsks } from './ScrapAsks.tsx';
import { StepLeft } from './steps/StepLayout.tsx';
import { StepScreen } from './steps/StepScreen.tsx';
import { type FloorWork, useFloorWork, useIssuedSheet } from './useIssued.ts';
import { useKeptHere } from './useKeptHere.ts';
import { TickList } from './TickList.tsx';
import { WhoAsks } from './WhoAsks.tsx';

/** An issued sheet at the bender, one step a screen. */
export function FloorPage() {
  const { issuedId = '' } = useParams();
  const sheet = useIssuedSheet(issuedId);
  const kept = useKeptHere();
  const [who, keepWho] = useWho();
  const [asking, setAsking] = useState(false);
  useSending();
  if (sheet.isError)
    return (
      <FloorFrame>
        <Trouble
          title="This sheet is not on this device."
          error={sheet.error}
          retry={() => void sheet.refetch()}
        />
      </FloorFrame>
    );
  if (!sheet.data) return <FloorFrame>Fetching the sheet…</FloorFrame>;
  if (who === '' || asking)
    return (
      <FloorFrame>
        <WhoAsks
          who={who}
          keep={(name) => {
            keepWho(name);
            setAsking(false);
          }}
        />
      </FloorFrame>
    );
  return <Work key={issuedId} sheet={sheet.data} kept={kept} who={who} askWho={() => setAsking(true)} />;
}

interface WorkProps {
  sheet: IssuedSheet;
  kept: boolean;
  who: string;
  askWho: () => void;
}

function Work({ sheet, kept, who, askWho }: WorkProps) {
  const work = useFloorWork(sheet);
  const [scrapping, setScrapping] = useState(false);
  /** How many steps back somebody looks; nothing is ticked there. */
  const [back, setBack] = useState(0);
  if (work === 'fetching') return <FloorFrame>Fetching what is done…</FloorFrame>;
  if (work === 'unknown')
    return (
      <FloorFrame>
        <Over title="Nobody answers.">
          What is done on this sheet is not known on this device: open it once where the network is.
        </Over>
      </FloorFrame>
    );
  const { id, stamp, answers } = sheet;
  const scrap = (lost: Lost) => {
    writeScrap(sheet, work, who, lost);
    setScrapping(false);
  };
  return (
    <FloorFrame>
      <Head sheet={sheet} work={work} kept={kept} who={who} askWho={askWho} back={back} />
      <Stale id={id} work={work} style={answers.style} />
      <NotTaken own={work.own} />
      {work.scrapped !== null ? (
        <Over title={`${stamp} is scrap: ${work.scrapped}.`}>
          Mark a new blank out by a sheet that is issued anew; the spoiled one may still give a shorter piece.
        </Over>
      ) : scrapping ? (
        <ScrapAsks id={id} answers={answers} back={() => setScrapping(false)} scrap={scrap} />
      ) : work.place === null ? (
        <>
          <Over title={`${stamp} is bent.`}>
            Every step is ticked. Check it against the sheet before it is cut.
          </Over>
          <TickList ticks={work.ticks} />
        </>
      ) : (
        <Step
          sheet={sheet}
          work={work}
          place={work.place}
          who={who}
          back={back}
          setBack={setBack}
          scrap={() => setScrapping(true)}
        />
      )}
    </FloorFrame>
  );
}

/** The piece into the log, and onto the rack where somebody said at which place. */
function writeScrap(
  { id, job, stamp, answers }: IssuedSheet,
  { ticks }: FloorWork,
  who: string,
  { place, ...lost }: Lost,
): void {
  const tube = loggedTube(answers.tube);
  const about = { job, issued: id, stamp, tube, who, at: formatISO(new Date()) };
  enqueue({ kind: 'scrap', issued: id, body: { ...about, ...lost } });
  if (place === '') return;
  const { sheet, style } = answers;
  const piece = { ids: [crypto.randomUUID()], length: writtenIn(sheet.blank, style), whole: false };
  const note = `spoiled ${stamp}: ${lost.reason}`;
  const bends = spoiledAsTicked(sheet, ticks);
  enqueue({ kind: 'rack', issued: id, body: { ...tube, ...piece, price: null, place, note, bends } });
}

interface HeadProps extends WorkProps {
  work: FloorWork;
  back: number;
}

function Head({ sheet, work, kept, who, askWho, back }: HeadProps) {
  const { answers, stamp, revision } = sheet;
  const at = work.place && Math.max(0, work.place.index - back);
  const step = at === null ? undefined : work.steps[at];
  const ofBend = work.steps.filter(({ bend }) => bend === step?.bend);
  const pulls = answers.sheet.steps;
  const where =
    !step || step.bend === null
      ? ''
      : `pull ${pulls.findIndex((one) => one.bend === step.bend) + 1} of ${pulls.length}: bend ${step.bend}, step ${ofBend.indexOf(step) + 1} of ${ofBend.length}`;
  return (
    <header className="flex flex-wrap items-center gap-x-5 gap-y-2">
      <Stamp text={stamp} />
      <h1 className="text-2xl">{pieceName(answers.role, answers.side)}</h1>
      <span className="text-quiet text-xl">{where}</span>
      <span className="flex-1" />
      <NetworkLine work={work} kept={kept} revision={revision} />
      <button type="button" className="min-h-16 px-3 text-xl underline" onClick={askWho}>
        {who}
      </button>
      <Link to="/floor" className="inline-flex min-h-16 items-center px-3 text-xl underline">
        all sheets
      </Link>
    </header>
  );
}

interface StepOfWorkProps {
  sheet: IssuedSheet;
  work: FloorWork;
  place: NonNullable<FloorWork['place']>;
  who: string;
  back: number;
  setBack: (back: number) => void;
  scrap: () => void;
}

function Step({ sheet, work, place, who, back, setBack, scrap }: StepOfWorkProps) {
  const { id, answers } = sheet;
  const device = useDeviceId();
  const { dial, gauge } = useDevices();
  const hook = useMemo(() => tapeHook(answers.sheet, answers.datum, answers.ears), [answers]);
  const index = Math.max(0, place.index - back);
  const step = work.steps[index];
  // Looked at again a step shows what came of it the last time.
  const times = work.ticks.filter((tick) => tick.step === step?.key).map((tick) => tick.time);
  const time = back === 0 ? place.time : Math.max(1, ...times);
  const before = work.ticks.find((tick) => tick.step === `${step?.bend}/release` && tick.time === time - 1);
  // A dial that was not zeroed is not so for the second pull either.
  const startFrom = (kept: unknown) => measuresIn(kept ?? { zeroed: before?.measured?.zeroed });
  const [measures, keep] = useKept(`gyrus-floor/measure/${id}/${step?.bend ?? 0}/${time}`, startFrom);
  if (!step) return null;
  const change = (changes: Partial<BendMeasures>) => keep({ ...measures, ...changes });
  const done = ({ again = false } = {}) => {
    // Looked at again a step is not ticked again.
    if (back > 0) return setBack(back - 1);
    const { released } = measures;
    if (step.kind === 'release' && !released) return;
    const { reading, place: off, turn, zeroed, slipped } = measures;
    const measured =
      step.kind === 'release' && released
        ? { reading, released, place: off, turn, zeroed, slipped, note: '' }
        : null;
    const at = formatISO(new Date());
    enqueue({ kind: 'tick', issued: id, body: { step: step.key, time, again, device, who, at, measured } });
  };
  return (
    <StepLeft
      value={
        <>
          <FloorButton disabled={index === 0} onClick={() => setBack(back + 1)}>
            Back
          </FloorButton>
          {back > 0 && <FloorButton onClick={() => setBack(0)}>To where the work is</FloorButton>}
          {step.kind !== 'release' && step.kind !== 'now' && (
            <FloorButton onClick={scrap}>The piece is scrap</FloorButton>
          )}
        </>
      }
    >
      <StepScreen {...{ answers, hook, work, step, time, dial, gauge, measures, change, done, scrap }} />
    </StepLeft>
  );
}

const Over = ({ title, children }: { title: string; children: React.ReactNode }) => (
  <div className="m-auto max-w-3xl space-y-6 text-center">
    <p className="text-6xl font-bold">{title}</p>
    <p className="text-2xl">{children}</p>
    <Link
      to="/floor"
      className="bg-chalk text-ink rounded-machined inline-flex min-h-16 items-center px-6 text-2xl font-semibold"
    >
      All sheets
    </Link>
  </div>
);
