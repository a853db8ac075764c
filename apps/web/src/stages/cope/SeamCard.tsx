import { type Copes, type EndCut, formatWithUnit } from '@gyrus/core';
import { prepWords, seamWords } from '@gyrus/formats';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Typeset } from '../../shared/figures/Figure.tsx';

/** The weld of this end: its length, what covers it later, what is ground back, and where its node's order puts it. */
export function SeamCard({ cut, copes }: { cut: EndCut; copes: Copes }) {
  const style = useJobStyle();
  const seam = copes.seams.find(({ piece, end }) => piece === cut.piece && end === cut.end);
  if (!seam) return null;
  const node = copes.seams.filter(({ headers }) => headers.some((one) => cut.headers.includes(one)));
  const place = node.indexOf(seam) + 1;
  return (
    <section aria-label="Seam" className="bg-sheet border-rule rounded-machined space-y-1 border p-4">
      <h2 className="text-lg">Seam</h2>
      {seamWords(seam, style).map((words) => (
        <p key={words}>
          <Typeset text={words} />
        </p>
      ))}
      <p>
        It closes as number {place} of {node.length} on {cut.headers.join(', ')}
        {node.length > 1 && `: ${node.map(({ stamp, end }) => `${stamp} ${end.toUpperCase()}`).join(', ')}`}.
      </p>
      {cut.prep &&
        prepWords(cut.prep, cut.passes.length > 0, style).map((words) => (
          <p key={words}>
            <Typeset text={words} />
          </p>
        ))}
      <p className="text-quiet">
        <Typeset text={`All seams of the cage: ${formatWithUnit(copes.seamLength, style)}.`} />
      </p>
    </section>
  );
}
