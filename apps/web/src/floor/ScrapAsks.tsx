import { type IssuedAnswers, type Length, type LengthStyle, recordOf } from '@gyrus/core';
import { lengthIn } from '../shared/fields/keptQuantities.ts';
import { QuantityInput } from '../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../shared/fields/quantityKinds.ts';
import { useKept } from '../shared/server/useKept.ts';
import { FloorButton } from './FloorButton.tsx';
import { StepLayout } from './steps/StepLayout.tsx';

/** Why a piece is thrown away; a shop counts its scrap by them. */
const SCRAP_REASONS = [
  'wrong place',
  'wrong plane',
  'wrong way round',
  'over-bent',
  'kinked or crushed',
  'slipped',
  'cut short',
  'other',
] as const;

/** What was lost with a piece. */
export interface Lost {
  reason: string;
  length: Length | null;
  cost: number | null;
  note: string;
  /** Where it lies now; empty where it is thrown away. */
  place: string;
}

interface ScrapAsksProps {
  /** Of the issued sheet. */
  id: string;
  answers: IssuedAnswers;
  back: () => void;
  scrap: (lost: Lost) => void;
}

/** What is typed about a loss, kept on the device until it is written down. */
interface LossDraft {
  reason: string;
  length: Length | null;
  cost: string;
  note: string;
  place: string;
}

/** Asks why the piece is scrap, and what is lost with it. */
export function ScrapAsks({ id, answers: { sheet, style }, back, scrap }: ScrapAsksProps) {
  const whole = { mm: sheet.blank, typed: `${Math.round(sheet.blank)} mm` };
  const [draft, keep] = useKept(`gyrus-floor/measure/${id}/scrap`, (kept) => draftIn(kept, whole));
  const { reason, length, cost, note, place } = draft;
  const money = cost.trim() === '' ? null : Number(cost.replace(',', '.'));
  const bad = money !== null && !(money >= 0 && money <= 1e6);
  return (
    <StepLayout
      title={`${sheet.stamp} is scrap: why?`}
      actions={
        <>
          <FloorButton onClick={back}>It is not</FloorButton>
          <FloorButton
            kind="now"
            disabled={reason === '' || bad}
            onClick={() => scrap({ reason, length, cost: money, note, place: place.trim() })}
          >
            Write it down as scrap
          </FloorButton>
        </>
      }
    >
      <Reasons reason={reason} choose={(next) => keep({ ...draft, reason: next })} />
      <LossFields
        style={style}
        draft={draft}
        bad={bad}
        change={(changes) => keep({ ...draft, ...changes })}
      />
    </StepLayout>
  );
}

function draftIn(kept: unknown, whole: Length): LossDraft {
  const { reason, length, cost, note, place } = recordOf(kept);
  const text = (value: unknown) => (typeof value === 'string' ? value : '');
  return {
    reason: text(reason),
    length: kept === null ? whole : lengthIn(length),
    cost: text(cost),
    note: text(note),
    place: text(place),
  };
}

const Reasons = ({ reason, choose }: { reason: string; choose: (reason: string) => void }) => (
  <div role="radiogroup" aria-label="why" className="flex flex-wrap gap-3">
    {SCRAP_REASONS.map((one) => (
      <FloorButton
        key={one}
        role="radio"
        aria-checked={reason === one}
        kind={reason === one ? 'now' : 'plain'}
        onClick={() => choose(one)}
      >
        {one}
      </FloorButton>
    ))}
  </div>
);

interface LossFieldsProps {
  style: LengthStyle;
  draft: LossDraft;
  /** The cost is no number. */
  bad: boolean;
  change: (changes: Partial<LossDraft>) => void;
}

const LossFields = ({ style, draft: { length, cost, note, place }, bad, change }: LossFieldsProps) => (
  <>
    <div className="grid gap-4 sm:grid-cols-2">
      <QuantityInput
        label="tube that is lost"
        kind={lengthKind(style, { above: 0, usual: 'any' })}
        value={length}
        onChange={(value) => change({ length: value })}
        optional
      />
      <label className="block">
        <span className="text-quiet mb-1 block text-sm">what it cost (may be empty)</span>
        <input
          className="control w-full"
          inputMode="decimal"
          value={cost}
          aria-invalid={bad}
          onChange={(event) => change({ cost: event.target.value })}
        />
        {bad && <span className="text-chalk text-sm">a cost is a number, like 31.50</span>}
      </label>
    </div>
    <label className="block">
      <span className="text-quiet mb-1 block text-sm">
        it goes on the rack, at (empty: it is thrown away)
      </span>
      <input
        className="control w-full"
        value={place}
        maxLength={120}
        placeholder="rack 2 left"
        onChange={(event) => change({ place: event.target.value })}
      />
    </label>
    <label className="block">
      <span className="text-quiet mb-1 block text-sm">note (may be empty)</span>
      <input
        className="control w-full"
        value={note}
        maxLength={4000}
        onChange={(event) => change({ note: event.target.value })}
      />
    </label>
  </>
);
