import { createContext, type ReactNode, useContext, useEffect, useState } from 'react';

/** What stands at the left of every step's foot: the way back. */
export const StepLeft = createContext<ReactNode>(null);

interface StepLayoutProps {
  /** What is to be done, over its figure. */
  title: string;
  /** The figure to set: the biggest thing on the screen. */
  figure?: ReactNode;
  /** What belongs to the figure. */
  children?: ReactNode;
  picture?: ReactNode;
  /** Below both, at its whole width. */
  below?: ReactNode;
  /** The way on, at the right hand. */
  actions: ReactNode;
}

/** A step's screen: what to do at the left, its picture at the right, the way on below. */
export const StepLayout = ({ title, figure, children, picture, below, actions }: StepLayoutProps) => (
  <>
    <div className="grid min-h-0 flex-1 gap-6 lg:grid-cols-2">
      <div className="min-w-0 space-y-3">
        <h2 className="text-3xl font-medium">{title}</h2>
        {figure !== undefined && (
          <p className="figure text-[clamp(4.5rem,21vh,10.5rem)] leading-none font-bold">{figure}</p>
        )}
        <div className="space-y-2 text-2xl">{children}</div>
      </div>
      {picture && <div className="flex min-h-64 items-start justify-center">{picture}</div>}
    </div>
    {below}
    <StepFoot>{actions}</StepFoot>
  </>
);

/** A step's buttons rest for so long when it appears: a second tap of a glove does not tick the step that follows. ms */
const REST = 500;

/** The way back at the left, the way on at the right. */
export function StepFoot({ children }: { children: ReactNode }) {
  const left = useContext(StepLeft);
  const [resting, setResting] = useState(true);
  useEffect(() => {
    const timer = setTimeout(() => setResting(false), REST);
    return () => clearTimeout(timer);
  }, []);
  return (
    <fieldset
      disabled={resting}
      className="bg-steel-deep sticky bottom-0 flex flex-wrap justify-between gap-4 py-1"
    >
      <div className="flex flex-wrap gap-4">{left}</div>
      <div className="flex flex-wrap justify-end gap-4">{children}</div>
    </fieldset>
  );
}

/** A caution at its step: short, and beside the figure. */
export const Caution = ({ children }: { children: ReactNode }) => (
  <p className="text-chalk font-semibold">⚠ {children}</p>
);
