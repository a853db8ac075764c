import { type Fault, type Length, type ScheduleRow, TUBE_KINDS, type TubeOption } from '@gyrus/core';
import { bookBlankWords, tubeKindWords } from '@gyrus/formats';
import { Button } from '../../shared/frame/Button.tsx';
import { lengthKind } from '../../shared/fields/quantityKinds.ts';
import { TextField } from '../../shared/fields/TextField.tsx';
import { BookQuantity } from './BookQuantity.tsx';
import { RolesField } from './RolesField.tsx';
import { TakeOut } from './TakeOut.tsx';
import { useBookDraft } from './draft/useBookDraft.ts';
import { WeightFields } from './WeightFields.tsx';

const EMPTY_OPTION = { od: null, wall: null, kinds: [] } as unknown as TubeOption;

/** The least tube: rows of members and weights of the car, each with sizes any one of which will do. */
export function ScheduleForm({ faults }: { faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  return (
    <section aria-label="Least tube" className="space-y-3">
      <h2 className="text-xl">Least tube</h2>
      <p className="text-quiet">
        Any one size of a row will do. A kind of tube with a least size of its own is another size of the row,
        with that kind alone ticked.
      </p>
      <ul className="space-y-3">
        {book.tubeSchedule.map((_, i) => (
          <Row key={i} at={i} faults={faults.filter(({ path }) => path.startsWith(`/tubeSchedule/${i}/`))} />
        ))}
      </ul>
      <Button
        onClick={() =>
          edit(
            (draft) =>
              void draft.tubeSchedule.push({
                clause: '',
                roles: [...(draft.tubeSchedule.at(-1)?.roles ?? ['main-hoop' as const])],
                over: null,
                upTo: null,
                options: [EMPTY_OPTION],
              }),
          )
        }
      >
        Add a row
      </Button>
    </section>
  );
}

function Row({ at, faults }: { at: number; faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  const row = book.tubeSchedule[at];
  if (!row) return null;
  const set = (change: (own: ScheduleRow) => void) =>
    edit((draft) => {
      const own = draft.tubeSchedule[at];
      if (own) change(own);
    });
  return (
    <li
      aria-label={`Tube row ${at + 1}`}
      className={`bg-sheet rounded-machined space-y-3 border p-4 ${faults.length > 0 ? 'border-out' : 'border-rule'}`}
    >
      <div className="grid gap-3 sm:grid-cols-[120px_minmax(0,1fr)_130px_130px_auto]">
        <TextField
          label="clause"
          maxLength={120}
          value={row.clause}
          onChange={(event) => set((own) => void (own.clause = event.target.value))}
        />
        <div className="min-w-0">
          <div className="text-quiet mb-1 text-sm">for</div>
          <RolesField
            label={`Tube row ${at + 1} is for`}
            value={row.roles}
            onChange={(roles) => set((own) => void (own.roles = roles))}
          />
        </div>
        <WeightFields value={row} onChange={(change) => set((own) => void Object.assign(own, change))} />
        <div className="flex items-end pb-5">
          <TakeOut
            what={`tube row ${at + 1}`}
            take={() => {
              edit((draft) => void draft.tubeSchedule.splice(at, 1));
              return () => edit((draft) => void draft.tubeSchedule.splice(at, 0, row));
            }}
          >
            Take out
          </TakeOut>
        </div>
      </div>
      {row.options.map((option, i) => (
        <Option
          key={i}
          name={`size ${i + 1} of row ${at + 1}`}
          option={option}
          set={(change) =>
            set((own) => {
              const one = own.options[i];
              if (one) change(one);
            })
          }
          takeOut={
            row.options.length > 1
              ? () => {
                  set((own) => void own.options.splice(i, 1));
                  return () => set((own) => void own.options.splice(i, 0, option));
                }
              : null
          }
        />
      ))}
      <Button onClick={() => set((own) => void own.options.push(EMPTY_OPTION))}>Or another size</Button>
      <ul role="status" className="text-out text-sm font-semibold">
        {faults.map(({ path, message }) => (
          <li key={path}>
            {bookBlankWords(book, path)}: {message}
          </li>
        ))}
      </ul>
    </li>
  );
}

interface OptionProps {
  name: string;
  option: TubeOption;
  set: (change: (option: TubeOption) => void) => void;
  takeOut: (() => () => void) | null;
}

function Option({ name, option, set, takeOut }: OptionProps) {
  const { unit } = useBookDraft();
  const size = (label: string, key: 'od' | 'wall') => (
    <div className="w-36">
      <BookQuantity<Length>
        label={label}
        kind={lengthKind({ unit, fraction: 64, decimals: 2 }, { above: 0 })}
        figure="mm"
        value={option[key]}
        set={(value) => set((own) => void (own[key] = value as Length))}
      />
    </div>
  );
  return (
    <div role="group" aria-label={name} className="flex flex-wrap items-start gap-3">
      {size('least outside', 'od')}
      {size('least wall', 'wall')}
      <div className="flex flex-wrap gap-x-4 pt-6">
        {TUBE_KINDS.map((kind) => (
          <label key={kind} className="flex min-h-10 items-center gap-2">
            <input
              type="checkbox"
              className="size-5"
              checked={option.kinds.includes(kind)}
              onChange={(event) =>
                set((own) => {
                  own.kinds = event.target.checked
                    ? [...own.kinds, kind]
                    : own.kinds.filter((one) => one !== kind);
                })
              }
            />
            {tubeKindWords(kind)}
          </label>
        ))}
      </div>
      {takeOut && (
        <div className="pt-6">
          <TakeOut what={name} take={takeOut}>
            Take out
          </TakeOut>
        </div>
      )}
    </div>
  );
}
