import { type Brief, BUILT, JOINING, LANDINGS, stageOf, USES } from '@gyrus/core';
import { briefChoiceWords } from '@gyrus/formats';
import { toast } from '../../shared/frame/toast.ts';
import { PlanField } from '../../job/fields/PlanField.tsx';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { useEvaluation } from '../../answers/useAnswers.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { FindingList } from '../../shared/figures/FindingList.tsx';
import { massKind } from '../../shared/fields/quantityKinds.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { BookChoice } from './BookChoice.tsx';
import { DateField, YearField, DriversField, NotesField } from './BriefFields.tsx';

const choices = <T extends string>(values: readonly T[]) =>
  values.map((value) => ({ value, text: briefChoiceWords(value) }));

/** What is built, for whom, under which book, by when, and what it stands on. */
export function BriefStage() {
  const { brief } = usePlan();
  const set = useBriefEdit();
  return (
    <div className="mx-auto grid max-w-6xl gap-8 p-6 lg:grid-cols-[1fr_340px]">
      <div className="space-y-7">
        <TheCar brief={brief} />
        <WhatIsBuilt brief={brief} />
        <BookChoice />
        <NotesField notes={brief.notes} onChange={set('notes')} />
      </div>
      <Meaning />
    </div>
  );
}

/** Edits of the brief, each field an undo step of its own. */
function useBriefEdit() {
  const change = usePlanStore((state) => state.change);
  return <K extends keyof Brief>(key: K) =>
    (value: Brief[K]) =>
      change(`brief/${key}`, (plan) => void Object.assign(plan.brief, { [key]: value }));
}

function TheCar({ brief }: { brief: Brief }) {
  const { units } = usePlan();
  const set = useBriefEdit();
  return (
    <section aria-label="The car" className="grid gap-4 sm:grid-cols-2">
      <h1 className="col-span-full text-3xl">Brief</h1>
      {TEXTS.map(({ key, label }) => (
        <TextField
          key={key}
          label={label}
          maxLength={120}
          value={brief[key]}
          onChange={(event) => set(key)(event.target.value)}
        />
      ))}
      <DateField label="to be finished by" date={brief.dueBy} onChange={set('dueBy')} />
      <DateField label="to the painter on" date={brief.paintOn} onChange={set('paintOn')} />
      <PlanField
        label="car's weight, ready to race (the least tube goes by it)"
        field="brief/carWeight"
        kind={massKind(units.length)}
        value={brief.carWeight}
        optional
        set={(plan, value) => void (plan.brief.carWeight = value)}
      />
      <YearField year={brief.buildYear} onChange={set('buildYear')} />
      <DriversField />
    </section>
  );
}

const TEXTS = [
  { key: 'car', label: 'car' },
  { key: 'series', label: 'series' },
  { key: 'customer', label: 'for whom' },
] as const;

/** What is built is chosen; a hoop that nobody has measured anything for goes out of a job of one bar, and it is said. */
function useBuilt() {
  const change = usePlanStore((state) => state.change);
  const plan = usePlan();
  return (built: Brief['built']) => {
    const [only, ...others] = plan.members;
    const unmeasured = Object.keys(plan.survey.measures).length === 0;
    const goes = built === 'harness-bar' && only?.role === 'main-hoop' && others.length === 0 && unmeasured;
    change('brief/built', (draft) => {
      draft.brief.built = built;
      if (!goes) return;
      draft.members = [];
      draft.fitOrder = [];
    });
    if (goes)
      toast.info('The main hoop is out of this job: nothing of it was measured. Undo brings it back.');
  };
}

function WhatIsBuilt({ brief }: { brief: Brief }) {
  const set = useBriefEdit();
  const build = useBuilt();
  return (
    <section aria-label="What is built" className="flex flex-wrap gap-x-8 gap-y-4">
      <Segmented label="what is built" value={brief.built} options={choices(BUILT)} onChange={build} />
      <Segmented
        label="joined to the car"
        value={brief.joining}
        options={choices(JOINING)}
        onChange={set('joining')}
      />
      <Segmented label="used on" value={brief.use} options={choices(USES)} onChange={set('use')} />
      <Segmented
        label="the feet stand on"
        value={brief.feetOn}
        options={choices(LANDINGS)}
        onChange={set('feetOn')}
      />
      <Segmented label="roof" value={brief.roof} options={choices(ROOFS)} onChange={set('roof')} />
      <Segmented
        label="passenger"
        value={brief.passenger ? 'yes' : 'no'}
        options={PASSENGERS}
        onChange={(value) => set('passenger')(value === 'yes')}
      />
    </section>
  );
}

const ROOFS = ['closed', 'open'] as const;

const PASSENGERS = [
  { value: 'no', text: 'driver only' },
  { value: 'yes', text: 'passenger too' },
] as const;

function Meaning() {
  const { findings } = useEvaluation();
  const style = useJobStyle();
  return (
    <aside aria-label="What the brief means" className="space-y-4">
      <h2 className="text-lg">What this means</h2>
      <FindingList findings={findings.filter(({ code }) => stageOf(code) === 'brief')} style={style} />
      <p className="text-quiet border-rule border-t pt-4 text-sm">
        A cage can kill when badly designed, made of wrong tube or badly welded. Gyrus computes geometry and
        compares it with rules as entered; it certifies nothing. The current rule book, the inspector of the
        event, local law on road cars, and licensed engineers and qualified welders decide.
      </p>
    </aside>
  );
}
