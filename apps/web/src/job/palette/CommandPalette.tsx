import {
  type BarRole,
  carPlaces,
  type Evaluation,
  mainHoopOf,
  MEASURE_KEYS,
  MEASURES,
  USUAL_ORDER,
  waysOf,
} from '@gyrus/core';
import { handsOf, lineTitle, pieceName, placeName, roleWords, TERM_KEYS, TERMS } from '@gyrus/formats';
import { Command } from 'cmdk';
import { useLocation, useNavigate } from 'react-router';
import { toast } from '../../shared/frame/toast.ts';
import { useFindings } from '../../answers/useAnswers.ts';
import { useJobs, useShop } from '../../shared/server/queries.ts';
import { whereToMend } from '../seek/whereTo.ts';
import { addRole } from '../addRole.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { useJobStyle } from '../useJobStyle.ts';
import { STAGES } from '../stages.ts';

interface CommandPaletteProps {
  evaluation: Evaluation;
  onClose: () => void;
}

/** Everything that can be done, by name: stages, tubes, members to add, undo. Keyboard alone will do. */
export function CommandPalette({ evaluation, onClose }: CommandPaletteProps) {
  const { undo, redo } = usePlanStore.getState();
  const run = (action: () => void) => () => {
    onClose();
    action();
  };
  return (
    <Command.Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      label="Everything that can be done"
      overlayClassName="bg-ink/50 fixed inset-0"
      contentClassName="bg-sheet border-ink rounded-machined fixed top-24 left-1/2 w-[min(620px,94vw)] -translate-x-1/2 border"
    >
      <Command.Input
        placeholder="a stage, a stamp, a field, a finding, a job, a word, a bar to add …"
        className="border-rule w-full border-b bg-transparent px-4 py-3 text-lg outline-none"
      />
      <Command.List className="max-h-[60vh] overflow-y-auto p-2 [&_[cmdk-group-heading]]:text-quiet [&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm">
        <Command.Empty className="text-quiet p-3">Nothing of that name.</Command.Empty>
        <Pages run={run} />
        <Tubes evaluation={evaluation} run={run} />
        <Fields run={run} />
        <Findings evaluation={evaluation} run={run} />
        <BarsToAdd run={run} />
        <Jobs run={run} />
        <Words run={run} />
        <Command.Group heading="change">
          <Entry text="Undo" onSelect={run(undo)} />
          <Entry text="Redo" onSelect={run(redo)} />
        </Command.Group>
      </Command.List>
    </Command.Dialog>
  );
}

type Run = (action: () => void) => () => void;

/** Goes to a place of the job that is open. */
function useGo(): (to: string) => void {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const job = pathname.split('/').slice(0, 3).join('/');
  return (to) => void navigate(`${job}/${to}`);
}

const PAGES = [
  ...STAGES,
  { path: 'variants', name: 'Variants and revisions' },
  { path: 'harness', name: 'Harness and straps' },
  { path: 'driver', name: 'Driver: room, padding, sight, doors' },
  { path: 'survey?view=places', name: 'Places in the car' },
  { path: 'design?view=space', name: 'Cage in space' },
  { path: 'design?tab=parts', name: 'Plates and parts' },
  { path: 'design?tab=order', name: 'Fit order' },
];

function Pages({ run }: { run: Run }) {
  const go = useGo();
  return (
    <Command.Group heading="go to">
      {PAGES.map(({ path, name }) => (
        <Entry key={name} text={name} onSelect={run(() => go(path))} />
      ))}
    </Command.Group>
  );
}

function Tubes({ evaluation, run }: { evaluation: Evaluation; run: Run }) {
  const go = useGo();
  const stage = useLocation().pathname.split('/')[3] === 'bend' ? 'bend' : 'design';
  return (
    <Command.Group heading="tubes">
      {evaluation.members.flatMap(({ role, pieces }) =>
        pieces.map(({ piece, stamp, side }) => (
          <Entry
            key={piece}
            text={`${stamp} ${pieceName(role, side)}`}
            onSelect={run(() => go(`${stage}?tube=${piece}`))}
          />
        )),
      )}
    </Command.Group>
  );
}

/** Boxes that are filled in by name, wherever they are. */
function Fields({ run }: { run: Run }) {
  const go = useGo();
  const plan = usePlan();
  return (
    <Command.Group heading="fields">
      {MEASURE_KEYS.map((key) => (
        <Entry
          key={key}
          text={`Field: ${MEASURES[key].label}`}
          onSelect={run(() => go(`survey#field-survey/${key}`))}
        />
      ))}
      <Entry text="Field: car's weight" onSelect={run(() => go('brief#field-brief/carWeight'))} />
      {mainHoopOf(plan) &&
        HOOP_FIELDS.map(([field, name]) => (
          <Entry
            key={field}
            text={`Field: main hoop, ${name}`}
            onSelect={run(() => go(`design?tube=${mainHoopOf(plan)?.pieces[0]?.id ?? ''}#field-${field}`))}
          />
        ))}
      {carPlaces(plan).map((place) => (
        <Entry
          key={place.path.join('/')}
          text={`Field: ${placeName(place)}`}
          onSelect={run(() => go(`survey?view=places#picture-field-${place.path.join('/')}`))}
        />
      ))}
    </Command.Group>
  );
}

const HOOP_FIELDS = [
  ['hoop/tilt', 'tilt'],
  ['hoop/crownRise', 'rise of the crown'],
  ['hoop/footLift', 'lift of the feet'],
  ['hoop/clear/left', 'clearance'],
] as const;

/** What needs hands, to where it is settled. */
function Findings({ evaluation, run }: { evaluation: Evaluation; run: Run }) {
  const go = useGo();
  const plan = usePlan();
  const { open } = handsOf(useFindings() ?? evaluation.findings, plan);
  return (
    <Command.Group heading="findings">
      {open.map((line) => (
        <Entry
          key={line.worst.key}
          text={`${line.worst.status}: ${lineTitle(line)} ${line.stamps.slice(0, 4).join(', ')}`}
          onSelect={run(() => go(whereToMend(line.worst, plan, evaluation.assumed).replace('../', '')))}
        />
      ))}
    </Command.Group>
  );
}

/** Other jobs. */
function Jobs({ run }: { run: Run }) {
  const navigate = useNavigate();
  const jobs = useJobs().data ?? [];
  return (
    <Command.Group heading="jobs">
      {jobs
        .filter(({ archived }) => !archived)
        .map(({ id, name, car }) => (
          <Entry
            key={id}
            id={id}
            text={`Job: ${[name, car].filter(Boolean).join(', ')}`}
            onSelect={run(() => void navigate(`/jobs/${id}`))}
          />
        ))}
    </Command.Group>
  );
}

/** Words of the trade, to what they mean. */
function Words({ run }: { run: Run }) {
  const navigate = useNavigate();
  return (
    <Command.Group heading="words">
      {TERM_KEYS.map((key) => (
        <Entry
          key={key}
          text={`Word: ${TERMS[key].name}`}
          onSelect={run(() => void navigate(`/about#word-${key}`))}
        />
      ))}
    </Command.Group>
  );
}

function BarsToAdd({ run }: { run: Run }) {
  const go = useGo();
  const shop = useShop().data;
  const style = useJobStyle();
  const add = (role: BarRole, way: string) =>
    void addRole(role, way, { shop, style }).then((added) => {
      if ('why' in added) toast.error(added.why);
      else go(`design?tube=${added.piece}`);
    });
  return (
    <Command.Group heading="add">
      {USUAL_ORDER.flatMap((role) =>
        (waysOf(role).length > 0 ? waysOf(role) : ['']).map((way) => (
          <Entry
            key={role + way}
            text={`Add ${roleWords(role)}${way === '' ? '' : `, ${way}`}`}
            onSelect={run(() => add(role, way))}
          />
        )),
      )}
    </Command.Group>
  );
}

interface EntryProps {
  text: string;
  onSelect: () => void;
  /** Where several may have the same text. */
  id?: string;
}

function Entry({ text, onSelect, id = '' }: EntryProps) {
  return (
    <Command.Item
      value={id === '' ? text : `${text} ${id}`}
      onSelect={onSelect}
      className="rounded-machined data-[selected=true]:bg-ink flex min-h-10 cursor-pointer items-center px-2 font-semibold data-[selected=true]:text-white"
    >
      {text}
    </Command.Item>
  );
}
