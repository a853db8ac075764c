import { type CutLengths, type EndCut } from '@gyrus/core';
import { footCutWords, footFigures, type NamedFigure, passCautions, passFigures } from '@gyrus/formats';
import { usePlan } from '../../job/store/planStore.ts';
import { useJobStyle } from '../../job/useJobStyle.ts';
import { Figure, Typeset } from '../../shared/figures/Figure.tsx';

/** How the notcher is set, pass by pass, or why it does not make this end. */
export function SawCard({ cut, lengths, od }: { cut: EndCut; lengths: CutLengths; od: number }) {
  const style = useJobStyle();
  const { coping } = usePlan();
  const { passes, why } = cut;
  return (
    <section aria-label="Saw card" className="bg-sheet border-rule rounded-machined space-y-3 border p-4">
      <h2 className="text-lg">Saw card</h2>
      <Figures figures={footFigures(cut, od, style)} />
      {passes.length === 0 && (
        <p className="font-semibold">
          {cut.method === 'plane'
            ? footCutWords(cut, coping)
            : cut.method === 'square'
              ? 'It stands on no tube and runs level: cut it square.'
              : `No setting of the notcher: ${why ?? 'it has no cut'}.`}
        </p>
      )}
      {passes.map((pass, i) => (
        <div key={pass.header} className="space-y-2">
          {passes.length > 1 && (
            <h3 className="font-semibold">
              Pass {i + 1}, to {cut.headers[pass.header]}
            </h3>
          )}
          <Figures figures={passFigures(pass, cut, lengths, style)} />
          {passCautions(pass, coping, style).map((caution) => (
            <p key={caution} className="text-look font-semibold">
              <Typeset text={caution} />
            </p>
          ))}
        </div>
      ))}
      {passes.length > 0 && (
        <p className="text-quiet text-sm">
          The pilot needs metal past the saw's centre: notch it while the bar is longer than the finished ear
          by about the saw's radius, or end-on with a guide.
        </p>
      )}
    </section>
  );
}

/** Figures in a row that wraps. */
export function Figures({ figures }: { figures: NamedFigure[] }) {
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-2">
      {figures.map(({ label, text }, i) => (
        <Figure key={i} label={label} text={text} />
      ))}
    </div>
  );
}
