import { type Die, formatAngle, type Shop, writtenLength } from '@gyrus/core';
import { benderKindWords, dieWords } from '@gyrus/formats';
import { Pencil, Plus, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../shared/frame/Button.tsx';
import { ErrorBoundary } from '../shared/frame/ErrorBoundary.tsx';
import { Typeset } from '../shared/figures/Figure.tsx';

type Machine = Shop['machines'][number];

/** What is open over the page. Dies and machines are named by id, so that they stay fresh as they change. */
export type Open =
  | { what: 'machine'; machine: Machine | null }
  | { what: 'die'; machine: string; die: Die | null }
  | { what: 'tests'; die: string }
  | { what: 'remove'; path: string; name: string };

/** A machine with its dies. */
export function MachineCard({ machine, open }: { machine: Machine; open: (open: Open) => void }) {
  return (
    <section aria-label={machine.name} className="bg-sheet border-rule rounded-machined border">
      <div className="border-rule flex flex-wrap items-center justify-between gap-2 border-b px-4 py-2">
        <h2 className="text-xl">
          {machine.name}{' '}
          <span className="text-quiet text-base font-medium">
            {[machine.setting && benderKindWords[machine.setting.kind], machine.note]
              .filter(Boolean)
              .join('; ')}
          </span>
        </h2>
        <div className="flex gap-1">
          {machine.setting?.roller && (
            <Link
              to={`/shop/rollers/${machine.id}`}
              className="inline-flex min-h-10 items-center px-3 font-semibold underline"
            >
              Radius and rise
            </Link>
          )}
          <Button onClick={() => open({ what: 'die', machine: machine.id, die: null })}>
            <Plus aria-hidden="true" className="size-5" />
            Add a die
          </Button>
          <Button
            kind="quiet"
            aria-label={`Change ${machine.name}`}
            onClick={() => open({ what: 'machine', machine })}
          >
            <Pencil aria-hidden="true" className="size-5" />
          </Button>
          <Button
            kind="quiet"
            aria-label={`Remove ${machine.name}`}
            onClick={() => open({ what: 'remove', path: `machines/${machine.id}`, name: machine.name })}
          >
            <Trash2 aria-hidden="true" className="size-5" />
          </Button>
        </div>
      </div>
      {machine.dies.length === 0 && (
        <p className="text-quiet p-4">No die yet: add one with its radius and where its mark is set.</p>
      )}
      <ul>
        {machine.dies.map((die) => (
          <ErrorBoundary
            key={die.id}
            what="This die"
            fallback={
              <BrokenDie onRemove={() => open({ what: 'remove', path: `dies/${die.id}`, name: die.name })} />
            }
          >
            <DieRow machine={machine.id} die={die} open={open} />
          </ErrorBoundary>
        ))}
      </ul>
    </section>
  );
}

const BrokenDie = ({ onRemove }: { onRemove: () => void }) => (
  <li className="border-rule text-out flex items-center justify-between border-b px-4 py-2 font-semibold">
    This die could not be shown.
    <Button kind="danger" onClick={onRemove}>
      Remove it
    </Button>
  </li>
);

const REFERENCE_WORDS = {
  start: "at the bend's start",
  centre: "at the bend's centre",
  end: "at the bend's end",
};

function DieRow({ machine, die, open }: { machine: string; die: Die; open: (open: Open) => void }) {
  const offset = die.offset.mm === 0 ? '' : `, ${writtenLength(die.offset)} toward the clamp`;
  const tests = die.tests.filter(({ made }) => made === 'test').length;
  const most = die.largestAngle ? `, to ${formatAngle(die.largestAngle.deg)}°` : '';
  return (
    <li className="border-rule flex flex-wrap items-center justify-between gap-3 border-b px-4 py-2 last:border-b-0">
      <div>
        <div className="font-semibold">
          <Typeset text={die.name} />
        </div>
        <div className="text-quiet text-sm">
          <Typeset
            text={`${dieWords(die)}; mark ${REFERENCE_WORDS[die.reference]}${offset}; clamp needs ${writtenLength(die.clampLength)}${most}`}
          />
        </div>
      </div>
      <div className="flex items-center gap-1">
        <Link
          to={`/shop/dies/${die.id}/springback`}
          className="inline-flex min-h-10 items-center px-3 font-semibold underline"
        >
          Springback
        </Link>
        <Button onClick={() => open({ what: 'tests', die: die.id })}>
          {tests === 0 ? 'Test bend due' : `${tests} test bend${tests === 1 ? '' : 's'}`}
        </Button>
        <Button
          kind="quiet"
          aria-label={`Change ${die.name}`}
          onClick={() => open({ what: 'die', machine, die })}
        >
          <Pencil aria-hidden="true" className="size-5" />
        </Button>
        <Button
          kind="quiet"
          aria-label={`Remove ${die.name}`}
          onClick={() => open({ what: 'remove', path: `dies/${die.id}`, name: die.name })}
        >
          <Trash2 aria-hidden="true" className="size-5" />
        </Button>
      </div>
    </li>
  );
}
