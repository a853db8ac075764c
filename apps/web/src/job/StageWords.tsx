import { type TermKey, TERMS } from '@gyrus/formats';
import { Term } from '../shared/terms/Term.tsx';

/** Words of the trade that a stage uses, by the page's place in the address. */
const WORDS: Record<string, readonly TermKey[]> = {
  brief: ['main-hoop', 'landing', 'verdict'],
  survey: ['main-hoop', 'clearance', 'landing', 'plinth', 'axis', 'verdict'],
  design: [
    'stands-on',
    'node',
    'axis',
    'tangent',
    'radius',
    'clearance',
    'take-off',
    'gusset',
    'plinth',
    'trim',
  ],
  harness: ['slot', 'window', 'verdict'],
  driver: ['slot', 'verdict'],
  bend: ['datum', 'mark', 'blank', 'trim', 'clamp', 'tangent', 'turn', 'springback', 'test-bend', 'ear'],
  cope: ['cope', 'ear', 'throat', 'face-line', 'stands-on', 'node'],
  build: ['blank', 'trim', 'node'],
  inspect: ['verdict', 'clearance', 'node', 'gusset', 'window'],
};

/** The words of a stage, each with its help in place. */
export function StageWords({ page }: { page: string }) {
  const words = WORDS[page];
  if (!words) return null;
  return (
    <aside
      aria-label="Words of this page"
      className="text-quiet hidden flex-wrap items-center gap-x-4 gap-y-1 px-5 pt-2 text-sm sm:flex"
    >
      <span>words here:</span>
      {words.map((key) => (
        <Term key={key} of={key}>
          {TERMS[key].name}
        </Term>
      ))}
    </aside>
  );
}
