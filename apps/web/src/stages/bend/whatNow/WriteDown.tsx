import { type MadeBendDto } from '@gyrus/contract';
import { type BendSheet, type SheetBend, wantedBend } from '@gyrus/core';
import { formatISO } from 'date-fns';
import { Link } from 'react-router';
import { toast } from '../../../shared/frame/toast.ts';
import { useWriteBend } from '../../../log/madeBends.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { TextField } from '../../../shared/fields/TextField.tsx';
import { WhoField } from '../../../shared/fields/WhoField.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { useKept } from '../../../shared/server/useKept.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { type BendMeasures } from './keptMeasures.ts';

interface WriteDownProps {
  job: string;
  sheet: BendSheet;
  bend: SheetBend;
  measures: BendMeasures;
  change: (changes: Partial<BendMeasures>) => void;
}

/** Writes the measured bend into the log, under a name that is asked for once on this device. */
export function WriteDown({ job, sheet, bend, measures, change }: WriteDownProps) {
  const [who] = useWho();
  const [note, keepNote] = useKept(`gyrus-measured/${job}/${sheet.piece}/${bend.number}/note`, (kept) =>
    typeof kept === 'string' ? kept : '',
  );
  const member = usePlan().members.find(({ id }) => id === sheet.member);
  const write = useWriteBend();
  const { released, written } = measures;
  if (!released || !member) return null;
  if (written)
    return (
      <p>
        This bend is{' '}
        <Link to="/log" className="font-semibold underline">
          in the log
        </Link>
        .{' '}
        <Button kind="quiet" onClick={() => change({ written: false, id: null, at: null })}>
          Write another pull of it down
        </Button>
      </p>
    );
  const send = () => {
    // Made once and kept until it is there: sent again after a lost answer it is the same bend, at the same moment.
    const id = measures.id ?? crypto.randomUUID();
    const at = measures.at ?? formatISO(new Date());
    change({ id, at });
    const body = entryOf({ job, sheet, bend, tube: member.tube, measures, released, who, at, note });
    write.mutate(
      { id, body },
      {
        onSuccess: () => change({ id, at, written: true }),
        onError: (error) => toast.error(error.message),
      },
    );
  };
  return (
    <div className="grid items-end gap-3 sm:grid-cols-[1fr_1fr_auto]">
      <WhoField label="bent by" />
      <TextField
        label="note (may be empty)"
        value={note}
        onChange={(event) => keepNote(event.target.value)}
      />
      <Button kind="strong" disabled={write.isPending || who.trim() === ''} onClick={send}>
        Write it down
      </Button>
    </div>
  );
}

interface Entry {
  job: string;
  sheet: BendSheet;
  bend: SheetBend;
  tube: MadeBendDto['tube'];
  measures: BendMeasures;
  released: MadeBendDto['released'];
  who: string;
  at: string;
  note: string;
}

/** The bend as the log has it. */
function entryOf({ job, sheet, bend, tube, measures, released, who, at, note }: Entry): MadeBendDto {
  const { reading, place, turn, zeroed, slipped } = measures;
  return {
    job,
    ...wantedBend(sheet, bend, tube),
    reading,
    released,
    place,
    turn,
    zeroed,
    slipped,
    who,
    at,
    note,
  };
}
