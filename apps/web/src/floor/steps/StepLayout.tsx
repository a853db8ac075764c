import { type ReactNode } from 'react';

interface StepLayoutProps {
  /** What is to be done, over its figure. */
  title: string;
  /** The figure to set: the biggest thing on the screen. */
  figure?: ReactNode;
  /** What belongs to the figure. */
  children?: ReactNode;
  picture?: ReactNode;
  /** The way on, at the right hand. */
  actions: ReactNode;
}

/** A step's screen: what to do at the left, its picture at the right, the way on below. */
export const StepLayout = ({ title, figure, children, picture, actions }: StepLayoutProps) => (
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
    <div className="flex flex-wrap justify-end gap-4">{actions}</div>
  </>
);

/** A caution at its step: short, and beside the figure. */
export const Caution = ({ children }: { children: ReactNode }) => (
  <p className="text-chalk font-semibold">⚠ {children}</p>
);
