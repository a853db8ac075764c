import { type BarRole, type Evaluation, USUAL_ORDER, waysOf } from '@gyrus/core';
import { pieceName, roleWords } from '@gyrus/formats';
import { Command } from 'cmdk';
import { useLocation, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { useShop } from '../shared/server/queries.ts';
import { addRole } from './addRole.ts';
import { usePlanStore } from './store/planStore.ts';
import { useJobStyle } from './useJobStyle.ts';
import { STAGES } from './stages.ts';

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
        placeholder="a stage, a stamp, a bar to add …"
        className="border-rule w-full border-b bg-transparent px-4 py-3 text-lg outline-none"
      />
      <Command.List className="max-h-[60vh] overflow-y-auto p-2 [&_[cmdk-group-heading]]:text-quiet [&_[cmdk-group-heading]]:px-2 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-sm">
        <Command.Empty className="text-quiet p-3">Nothing of that name.</Command.Empty>
        <Pages run={run} />
        <Tubes evaluation={evaluation} run={run} />
        <BarsToAdd run={run} />
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

function Entry({ text, onSelect }: { text: string; onSelect: () => void }) {
  return (
    <Command.Item
      value={text}
      onSelect={onSelect}
      className="rounded-machined data-[selected=true]:bg-ink flex min-h-10 cursor-pointer items-center px-2 font-semibold data-[selected=true]:text-white"
    >
      {text}
    </Command.Item>
  );
}
