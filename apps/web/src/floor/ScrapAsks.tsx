import { type Length } from '@gyrus/core';
import { type IssuedAnswers } from '@gyrus/core';
import { useState } from 'react';
import { QuantityInput } from '../shared/fields/QuantityInput.tsx';
import { lengthKind } from '../shared/fields/quantityKinds.ts';
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
}

interface ScrapAsksProps {
  answers: IssuedAnswers;
  back: () => void;
  scrap: (lost: Lost) => void;
}

/** Asks why the piece is scrap, and what is lost with it. */
export function ScrapAsks({ answers: { sheet, style }, back, scrap }: ScrapAsksProps) {
  const [reason, setReason] = useState('');
  const [length, setLength] = useState<Length | null>({
    mm: sheet.blank,
    typed: `${Math.round(sheet.blank)} mm`,
  });
  const [cost, setCost] = useState('');
  const [note, setNote] = useState('');
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
            onClick={() => scrap({ reason, length, cost: money, note })}
          >
            Write it down as scrap
          </FloorButton>
        </>
      }
    >
      <div role="radiogroup" aria-label="why" className="flex flex-wrap gap-3">
        {SCRAP_REASONS.map((one) => (
          <FloorButton
            key={one}
            role="radio"
            aria-checked={reason === one}
            kind={reason === one ? 'now' : 'plain'}
            onClick={() => setReason(one)}
          >
            {one}
          </FloorButton>
        ))}
      </div>
      <div className="grid gap-4 sm:grid-cols-2">
        <QuantityInput
          label="tube that is lost"
          kind={lengthKind(style, { above: 0, usual: 'any' })}
          value={length}
          onChange={setLength}
          optional
        />
        <label className="block">
          <span className="text-quiet mb-1 block text-sm">what it cost (may be empty)</span>
          <input
            className="control w-full"
            inputMode="decimal"
            value={cost}
            aria-invalid={bad}
            onChange={(event) => setCost(event.target.value)}
          />
          {bad && <span className="text-chalk text-sm">a cost is a number, like 31.50</span>}
        </label>
      </div>
      <label className="block">
        <span className="text-quiet mb-1 block text-sm">note (may be empty)</span>
        <input
          className="control w-full"
          value={note}
          maxLength={4000}
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
    </StepLayout>
  );
}
