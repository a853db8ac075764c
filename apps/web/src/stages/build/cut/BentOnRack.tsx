import { bentOffcutsFor } from '@gyrus/core';
import { bentOffcutWords } from '@gyrus/formats';
import { usePlan } from '../../../job/store/planStore.ts';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useEvaluation } from '../../../answers/useAnswers.ts';
import { Typeset } from '../../../shared/figures/Figure.tsx';
import { useRack } from '../../../shop/rack/useRack.ts';

/** Bent pieces on the rack that a tube of this cage can be cut from. */
export function BentOnRack() {
  const plan = usePlan();
  const style = useJobStyle();
  const { members } = useEvaluation();
  const rack = useRack().data?.filter(({ promised, bends }) => promised === null && bends !== null);
  if (!rack || rack.length === 0) return null;
  const errors = plan.measuringError;
  const found = members.flatMap(({ member, pieces }) => {
    const tube = plan.members.find(({ id }) => id === member)?.tube;
    return pieces.flatMap(({ sheet }) =>
      sheet && tube && sheet.bends.length > 0
        ? bentOffcutsFor(sheet, tube, rack, { mm: errors.mm, deg: errors.deg }).map((offcut) => ({
            sheet,
            offcut,
            piece: rack.find(({ id }) => id === offcut.rack),
          }))
        : [],
    );
  });
  return (
    <section aria-label="Bent pieces on the rack" className="space-y-2">
      <h2 className="text-lg">Bent pieces on the rack</h2>
      {found.length === 0 ? (
        <p>None of the {rack.length} bent pieces there holds a tube of this cage.</p>
      ) : (
        <ul className="list-disc space-y-1 pl-5">
          {found.map(({ sheet, offcut, piece }) => (
            <li key={`${sheet.piece}/${offcut.rack}`}>
              <b>{piece?.note || 'a bent piece'}</b>
              {piece?.place && `, ${piece.place}`}: <Typeset text={bentOffcutWords(offcut, sheet, style)} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
