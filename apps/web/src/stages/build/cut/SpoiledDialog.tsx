import { type ScrapDto } from '@gyrus/contract';
import {
  formatAngle,
  itemAt,
  loggedTube,
  pieceAnswerOf,
  spoiledPiece,
  wholeMillimetres,
  type Angle,
} from '@gyrus/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { formatISO } from 'date-fns';
import { useState } from 'react';
import { useParams } from 'react-router';
import { toast } from 'sonner';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { usePlan } from '../../../job/store/planStore.ts';
import { QuantityInput } from '../../../shared/fields/QuantityInput.tsx';
import { angleKind } from '../../../shared/fields/quantityKinds.ts';
import { SelectField } from '../../../shared/fields/SelectField.tsx';
import { TextField } from '../../../shared/fields/TextField.tsx';
import { Button } from '../../../shared/frame/Button.tsx';
import { Dialog } from '../../../shared/frame/Dialog.tsx';
import { api } from '../../../shared/server/api.ts';
import { useWho } from '../../../shared/server/useWho.ts';
import { useRackChange } from '../../../shop/rack/useRack.ts';

interface SpoiledDialogProps {
  piece: string;
  batch: string;
  onClose: () => void;
}

/** A piece that was spoiled: why, how far it was bent, and where it lies now. It is written into the log and put on the rack. */
export function SpoiledDialog({ piece, batch, onClose }: SpoiledDialogProps) {
  const found = pieceAnswerOf(useEvaluation(), piece);
  const stamp = found?.answer.stamp ?? '';
  return (
    <Dialog title={`${stamp} is spoiled`} open onClose={onClose}>
      <SpoiledForm piece={piece} batch={batch} done={onClose} />
    </Dialog>
  );
}

function SpoiledForm({ piece, batch, done }: Omit<SpoiledDialogProps, 'onClose'> & { done: () => void }) {
  const { jobId = '' } = useParams();
  const plan = usePlan();
  const found = pieceAnswerOf(useEvaluation(), piece);
  const sheet = found?.answer.sheet ?? null;
  const tube = plan.members.find(({ id }) => id === found?.of.member)?.tube;
  const [who, keepWho] = useWho();
  const [ids] = useState(() => [crypto.randomUUID(), crypto.randomUUID()] as const);
  const [pulls, setPulls] = useState(0);
  const [last, setLast] = useState<Angle | null>(null);
  const [reason, setReason] = useState('');
  const [place, setPlace] = useState('');
  const put = useRackChange();
  const scrap = useScrapped();
  if (!sheet || !tube) return <p>This tube is not in the plan any more.</p>;
  const bend = pulls > 0 ? itemAt(sheet.steps, pulls - 1).bend : null;
  const own = { ...loggedTube(tube), batch: batch || tube.batch };
  const send = async () => {
    const length = wholeMillimetres(sheet.blank);
    const bends = spoiledPiece(sheet, pulls, last?.deg ?? null);
    const at = formatISO(new Date());
    try {
      await scrap.mutateAsync({
        id: ids[0],
        body: {
          ...{ job: jobId, issued: null, stamp: sheet.stamp, tube: own, reason, length },
          cost: null,
          who,
          at,
          note: '',
        },
      });
      await put.mutateAsync({
        put: {
          ...own,
          ...{ ids: [ids[1]], length, whole: false, price: null, place, bends },
          note: `spoiled ${sheet.stamp}: ${reason}`,
        },
      });
      toast.success(`${sheet.stamp} is in the log, and on the rack.`);
      done();
    } catch {
      // Each of the two says itself what went wrong; pressed again, what is there already stays as it is.
    }
  };
  const steps = sheet.steps.map(({ bend: number }, i) => ({
    value: String(i + 1),
    text: `${i + 1} pull${i === 0 ? '' : 's'}: up to bend ${number}`,
  }));
  return (
    <div className="space-y-3">
      <SelectField
        label="how far it was bent"
        options={[{ value: '0', text: 'not at all' }, ...steps]}
        value={String(pulls)}
        onChange={(event) => setPulls(Number(event.target.value))}
      />
      {bend !== null && (
        <QuantityInput
          label={`what bend ${bend} has, released (empty: as planned)`}
          kind={angleKind({ above: 0, most: 179 })}
          value={last}
          onChange={setLast}
          placeholder={formatAngle(sheet.bends.find(({ number }) => number === bend)?.angle ?? 0)}
          optional
        />
      )}
      <TextField
        label="why it is spoiled"
        value={reason}
        maxLength={120}
        onChange={(event) => setReason(event.target.value)}
      />
      <TextField
        label="where it lies now"
        value={place}
        maxLength={120}
        onChange={(event) => setPlace(event.target.value)}
      />
      <TextField
        label="says who"
        value={who}
        maxLength={120}
        onChange={(event) => keepWho(event.target.value)}
      />
      <Button
        kind="strong"
        disabled={reason.trim() === '' || who.trim() === '' || scrap.isPending || put.isPending}
        onClick={() => void send()}
      >
        Into the log, and onto the rack
      </Button>
    </div>
  );
}

function useScrapped() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, body }: { id: string; body: ScrapDto }) => api(`log/scrap/${id}`, 'PUT', body),
    onSuccess: () => client.invalidateQueries({ queryKey: ['scrap'] }),
    onError: (error) => toast.error(error.message),
  });
}
