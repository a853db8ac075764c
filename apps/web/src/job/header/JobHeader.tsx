import { type JobDetail } from '@gyrus/contract';
import { MAIN_BRANCH } from '@gyrus/contract/constants';
import { GitBranch, Printer } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../shared/frame/Button.tsx';
import { Header } from '../../shared/frame/Header.tsx';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { UndoButtons } from './UndoButtons.tsx';
import { usePalette } from '../palette/usePalette.ts';
import { SaveMark } from './SaveMark.tsx';

const PrintDialog = lazy(async () => ({ default: (await import('./PrintDialog.tsx')).PrintDialog }));

const UNITS = [
  { value: 'in', text: 'in' },
  { value: 'mm', text: 'mm' },
] as const;

/** The job's name, its unit, how far it is saved, undo and the printed sheets. */
export function JobHeader({ job }: { job: JobDetail }) {
  const { units, brief } = usePlan();
  const change = usePlanStore((state) => state.change);
  const branch = usePlanStore((state) => state.branch);
  const openPalette = usePalette((state) => state.setOpen);
  const [printing, setPrinting] = useState(false);
  const actions = (
    <>
      <SaveMark />
      <UndoButtons />
      <Segmented
        quiet
        label="units"
        value={units.length}
        options={UNITS}
        onChange={(length) => change('units', (plan) => void (plan.units.length = length))}
      />
      <Link
        to="variants"
        className="border-edge bg-sheet rounded-machined inline-flex min-h-10 items-center gap-2 border px-3.5 font-semibold hover:bg-white"
      >
        <GitBranch aria-hidden="true" className="size-5" />
        Variants
      </Link>
      <Button onClick={() => setPrinting(true)}>
        <Printer aria-hidden="true" className="size-5" />
        Print sheet
      </Button>
      <Button
        kind="quiet"
        aria-label="Everything that can be done"
        title="Everything that can be done, by name"
        className="!px-1 !no-underline"
        onClick={() => openPalette(true)}
      >
        <kbd className="border-edge rounded-machined figure border bg-white px-1.5 text-sm">Ctrl K</kbd>
      </Button>
    </>
  );
  return (
    <Header actions={actions}>
      <span className="font-semibold">{job.name}</span> <span className="text-quiet">{brief.series}</span>
      {branch !== MAIN_BRANCH && <span className="bg-chalk ml-2 px-1.5 font-semibold">{branch}</span>}
      {printing && (
        <Suspense>
          <PrintDialog open onClose={() => setPrinting(false)} />
        </Suspense>
      )}
    </Header>
  );
}
