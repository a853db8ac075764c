import { termDrawing, type TermKey, TERMS } from '@gyrus/formats';
import { DrawingView } from '../figures/DrawingView.tsx';

/** A word, its drawing and its sentence. */
export const TermHelp = ({ of }: { of: TermKey }) => (
  <div className="grid grid-cols-[6.5rem_1fr] items-start gap-3">
    <div className="border-rule border bg-white">
      <DrawingView drawing={termDrawing(of)} />
    </div>
    <div>
      <p className="font-bold">{TERMS[of].name}</p>
      <p className="text-sm">{TERMS[of].says}</p>
    </div>
  </div>
);
