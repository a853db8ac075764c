import { type Fault, itemAt, type ScheduleRow, type TubeOption } from '@gyrus/core';
import { bookBlankWords } from '@gyrus/formats';
import { Button } from '../../shared/frame/Button.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';
import { RolesField } from './RolesField.tsx';
import { SizeOption } from './SizeOption.tsx';
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

type SetRow = (change: (own: ScheduleRow) => void) => void;

function Row({ at, faults }: { at: number; faults: Fault[] }) {
  const { book, edit } = useBookDraft();
  const row = book.tubeSchedule[at];
  if (!row) return null;
  const set: SetRow = (change) =>
    edit((draft) => {
      const own = draft.tubeSchedule[at];
      if (own) change(own);
    });
  return (
    <li
      aria-label={`Tube row ${at + 1}`}
      className={`bg-sheet rounded-machined space-y-3 border p-4 ${faults.length > 0 ? 'border-out' : 'border-rule'}`}
    >
      <RowHead row={row} at={at} set={set} />
      {row.options.map((_, i) => (
        <RowSize key={i} row={row} at={at} i={i} set={set} />
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

interface RowProps {
  row: ScheduleRow;
  at: number;
  set: SetRow;
}

/** Which members of which cars a row is for. */
function RowHead({ row, at, set }: RowProps) {
  const { edit } = useBookDraft();
  return (
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
  );
}

/** One of the sizes of a row; the last one cannot be taken out. */
function RowSize({ row: { options }, at, i, set }: RowProps & { i: number }) {
  const option = itemAt(options, i);
  const takeOut = () => {
    set((own) => void own.options.splice(i, 1));
    return () => set((own) => void own.options.splice(i, 0, option));
  };
  return (
    <SizeOption
      name={`size ${i + 1} of row ${at + 1}`}
      option={option}
      set={(change) =>
        set((own) => {
          const one = own.options[i];
          if (one) change(one);
        })
      }
      takeOut={options.length > 1 ? takeOut : null}
    />
  );
}
