import { type BendSheet, saidIn, writeSaid } from '@gyrus/core';
import { bendOffWords, partWords } from '@gyrus/formats';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { PartPicture } from './PartPicture.tsx';
import { type Practice, practisedPart } from './practised.ts';

interface JudgedProps {
  sheet: BendSheet;
  practice: Practice;
  /** Takes a new piece; the tube that was wasted on this one. mm */
  again: (wasted: number) => void;
}

/** The part that was bent, by the computation that judges real ones: whether it can be used, and why not. */
export function Judged({ sheet, practice, again }: JudgedProps) {
  const style = useJobStyle();
  const { part, offs } = practisedPart(sheet, practice.bends);
  const judged = part.ok ? partWords(part.value, sheet.blank, style) : null;
  const why = offs.flatMap((off) => {
    const made = practice.bends.find(({ bend }) => bend === off.bend);
    const clamp = sheet.bends.find(({ number }) => number === off.bend)?.clampSide;
    const told = { zeroed: made?.zeroed ?? true, clampedWrong: made?.clamp !== clamp };
    return bendOffWords(off, told, style);
  });
  return (
    <section aria-label="The part" className="bg-sheet border-rule rounded-machined space-y-3 border p-4">
      <p role="status" className="text-xl font-semibold">
        <StatusMark status={judged?.usable ? 'clear' : 'out'} />{' '}
        <Typeset
          text={
            judged?.words ??
            `No part comes of it: ${part.ok ? '' : writeSaid(saidIn(part.fault), style)}. ${sheet.stamp} is scrap.`
          }
        />
      </p>
      {part.ok && <PartPicture part={part.value} od={sheet.od} />}
      {why.length > 0 && (
        <ul className="list-disc space-y-1 pl-5">
          {why.map((words) => (
            <li key={words}>
              <Typeset text={`${words}.`} />
            </li>
          ))}
        </ul>
      )}
      <Button kind="strong" onClick={() => again(judged?.usable ? 0 : sheet.blank)}>
        Bend another piece
      </Button>
    </section>
  );
}
