import { fractionRuns } from '@gyrus/core';

/** Text whose fractions are typeset as such. */
export function Typeset({ text }: { text: string }) {
  return fractionRuns(text).map((run, i) =>
    run.fraction ? (
      <span key={i} className="fraction">
        {run.text}
      </span>
    ) : (
      run.text
    ),
  );
}

/** A figure with its label above it; the figure is the bigger. */
export function Figure({ label, text, large = false }: { label: string; text: string; large?: boolean }) {
  return (
    <div>
      <div className="text-quiet text-sm">{label}</div>
      <div className={`figure font-semibold ${large ? 'text-4xl' : 'text-2xl'}`}>
        <Typeset text={text} />
      </div>
    </div>
  );
}
