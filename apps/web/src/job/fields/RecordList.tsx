import { Plus, Trash2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { useLocation } from 'react-router';
import { Button } from '../../shared/frame/Button.tsx';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { into, type PlanPath, setAt, valueAt } from '../store/planPath.ts';
import { usePlan, usePlanStore } from '../store/planStore.ts';
import { type RecordField } from './recordField.ts';
import { RecordFields } from './RecordFields.tsx';

interface RecordListProps<Row> {
  title: string;
  /** What it is for, while there is none. */
  hint: string;
  path: PlanPath<Row[]>;
  name: (row: Row) => string;
  fields: (row: Row) => readonly RecordField<Row>[];
  /** What can be added, by its name. */
  kinds: readonly { text: string; fresh: () => Row }[];
  /** What follows from a row, shown under its name. */
  about?: (row: Row, i: number) => string;
}

/** A list of records of the plan: one open at a time, with its fields; each change is one undo step. */
export function RecordList<Row extends object>(props: RecordListProps<Row>) {
  const { title, hint, path, name, fields, kinds, about } = props;
  const rows = valueAt(usePlan(), path) ?? [];
  const change = usePlanStore((state) => state.change);
  const [open, setOpen] = useOpenRow(path);
  const put = (key: string, next: Row[]) =>
    change(`${path.join('/')}/${key}`, (plan) => setAt(plan, path, next));
  return (
    <section aria-label={title} className="space-y-2">
      <h2 className="text-lg">{title}</h2>
      {rows.length === 0 && <p className="text-quiet text-sm">{hint}</p>}
      <ul className="space-y-1">
        {rows.map((row, i) => (
          <Entry
            key={i}
            name={name(row)}
            about={about?.(row, i)}
            open={open === i}
            onOpen={() => setOpen(open === i ? null : i)}
            onTakeOut={() => {
              setOpen(null);
              put(
                'less',
                rows.filter((_, index) => index !== i),
              );
            }}
          >
            <RecordFields path={into(path, i)} fields={fields(row)} />
          </Entry>
        ))}
      </ul>
      <div className="flex flex-wrap gap-2">
        {kinds.map((kind) => (
          <Button
            key={kind.text}
            onClick={() => {
              put('more', [...rows, kind.fresh()]);
              setOpen(rows.length);
            }}
          >
            <Plus aria-hidden="true" className="size-5" />
            {kind.text}
          </Button>
        ))}
      </div>
    </section>
  );
}

/** The row that is open: the one that was pressed last, or that has the field which the address asks for. */
function useOpenRow(path: PlanPath) {
  const { hash, key } = useLocation();
  const start = `#field-${path.join('/')}/`;
  const row = hash.startsWith(start) ? Number.parseInt(hash.slice(start.length), 10) : null;
  const [pressed, setPressed] = useState({ at: key, row });
  const open = pressed.at !== key && row !== null ? row : pressed.row;
  return [open, (next: number | null) => setPressed({ at: key, row: next })] as const;
}

interface EntryProps {
  name: string;
  about: string | undefined;
  open: boolean;
  onOpen: () => void;
  onTakeOut: () => void;
  /** Its fields, shown while it is open. */
  children: ReactNode;
}

function Entry({ name, about, open, onOpen, onTakeOut, children }: EntryProps) {
  return (
    <li className="bg-sheet border-rule rounded-machined border">
      <div className="flex items-center">
        <button
          type="button"
          aria-expanded={open}
          className="min-h-11 min-w-0 flex-1 px-3 py-1.5 text-left"
          onClick={onOpen}
        >
          <span className="block truncate font-semibold">{name}</span>
          {about !== undefined && (
            <span className="text-quiet block text-sm">
              <Typeset text={about} />
            </span>
          )}
        </button>
        <Button kind="quiet" aria-label={`Take out ${name}`} onClick={onTakeOut}>
          <Trash2 aria-hidden="true" className="size-5" />
        </Button>
      </div>
      {open && <div className="border-rule border-t p-3">{children}</div>}
    </li>
  );
}
