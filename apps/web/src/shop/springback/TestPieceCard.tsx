import { type Die, formatWithUnit, type LengthStyle, testPiecePlan, type TubeChoice } from '@gyrus/core';
import { tubeWords } from '@gyrus/formats';
import { Typeset } from '../../shared/figures/Figure.tsx';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';

/** Which tube has a test bend due on a die, and how the piece for it is cut and marked. */
export function TestPieceCard({ die, due, style }: { die: Die; due: TubeChoice[]; style: LengthStyle }) {
  const { length, pulls } = testPiecePlan({
    clr: die.clr.mm,
    clampLength: die.clampLength.mm,
    trailing: die.trailing.mm,
    reference: die.reference,
    offset: die.offset.mm,
  });
  const size = (mm: number) => formatWithUnit(mm, style);
  return (
    <section aria-label="Test piece" className="bg-sheet border-rule rounded-machined space-y-2 border p-4">
      <h2 className="text-lg">Test piece</h2>
      {due.map((tube) => (
        <p key={tubeWords(tube)}>
          <StatusMark status="look" />{' '}
          <Typeset
            text={`A test bend is due in ${tubeWords(tube)}: no sound bend of this batch tells of it.`}
          />
        </p>
      ))}
      <p>
        <Typeset
          text={`One piece of ${size(length)} gives three: clamp toward its far end each time, all in one plane, pulled to ${pulls.map(({ reading, mark }) => `${reading}° at the mark ${size(mark)}`).join(', ')} from the near end.`}
        />
      </p>
      <p className="text-quiet text-sm">
        Scribe both tangents of a bend before it leaves the die: with the die&apos;s form they say where the
        die really starts, and the legs say the finished radius.
      </p>
    </section>
  );
}
