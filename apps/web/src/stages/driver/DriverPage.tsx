import { type CockpitAnswer, type Finding, type Tube, tubesIn } from '@gyrus/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../../job/store/planStore.ts';
import { useCockpit, useEvaluation, useFindings } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { Loading } from '../../shared/frame/Waiting.tsx';
import { PeopleTabs } from '../PeopleTabs.tsx';
import { DoorTables } from './DoorTables.tsx';
import { DriverSettings } from './DriverSettings.tsx';
import { HelmetFigures } from './HelmetFigures.tsx';
import { PaddingTable } from './PaddingTable.tsx';
import { RoomTable } from './RoomTable.tsx';
import { SeatedPicture } from './SeatedPicture.tsx';
import { SightPanel } from './SightPanel.tsx';

/** The people in the cage: what they can hit and where to pad, what they see, how they get in and out. */
export function DriverPage() {
  const cockpit = useCockpit();
  const { occupants } = usePlan();
  const evaluation = useEvaluation();
  const tubes = useMemo(() => tubesIn(evaluation), [evaluation]);
  return (
    <div className="grid gap-6 p-5 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div className="space-y-6">
        <PeopleTabs />
        <h1 className="text-2xl">Driver</h1>
        {occupants.length === 0 ? (
          <p>
            Nobody is seated yet:{' '}
            <Link to="../survey?view=places" className="font-semibold underline">
              say at Survey who sits in it
            </Link>
            , with shoulder and helmet measured.
          </p>
        ) : cockpit ? (
          <Cockpit cockpit={cockpit} tubes={tubes} />
        ) : (
          <Loading what="the room round the driver" />
        )}
        <p className="text-quiet text-sm">
          Bodies are simple volumes: they warn, they do not clear. Sit in the car, helmet on, belts tight,
          before anything is welded.
        </p>
      </div>
      <DriverSettings />
    </div>
  );
}

function Cockpit({ cockpit, tubes }: { cockpit: CockpitAnswer; tubes: Tube[] }) {
  const style = useJobStyle();
  const findings = useFindings();
  const bare = usePlan().occupants.filter(
    ({ shoulder, helmetTop }) => shoulder === null || helmetTop === null,
  );
  return (
    <>
      <SeatedPicture padding={cockpit.padding} tubes={tubes} />
      <section aria-label="Findings about the people" className="space-y-2">
        <h2 className="text-xl">What stands against it</h2>
        {findings ? (
          <FindingList
            findings={findings.filter(isAboutPeople)}
            style={style}
            none={
              bare.length === 0
                ? 'Nothing stands against it.'
                : `Nothing can be said of ${bare.map(({ name }) => name || 'somebody').join(', ')}: measure shoulder and helmet at Survey.`
            }
          />
        ) : (
          <Loading what="the findings" />
        )}
      </section>
      <HelmetFigures people={cockpit.people} />
      <RoomTable rooms={cockpit.rooms} />
      <PaddingTable stretches={cockpit.padding} />
      {cockpit.people.map(
        ({ body, sight }) =>
          sight && <SightPanel key={body.occupant} who={body.who || 'somebody'} sight={sight} />,
      )}
      <DoorTables entries={cockpit.entries} doorBars={cockpit.doorBars} />
    </>
  );
}

/** Padding has a table of its own. */
const isAboutPeople = ({ key, code }: Finding): boolean =>
  key.startsWith('cockpit/') && code !== 'pad-stretch';
