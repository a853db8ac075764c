import { Link } from 'react-router';
import { useFirstSteps } from './useFirstSteps.ts';

/** On the pages that the first steps lead to: which of them are done, what comes next, and the way back. */
export function FirstStepsBand() {
  const steps = useFirstSteps();
  const next = steps?.find(({ there }) => there === null);
  if (!steps || !next) return null;
  return (
    <nav
      aria-label="First steps"
      className="bg-chalk-pale border-chalk rounded-machined flex flex-wrap items-center gap-x-5 gap-y-1 border px-4 py-2"
    >
      {steps.map(({ name, there }, i) => (
        <span key={name} className={there === null ? 'font-semibold' : 'text-quiet'}>
          {i + 1} {name} {there === null ? '–' : '✓'}
        </span>
      ))}
      <Link
        to={next.to === '/shop' ? '/jobs' : next.to}
        className="ml-auto inline-flex min-h-10 items-center font-semibold underline"
      >
        {next.to === '/shop' ? 'Back to the first steps' : `Go on: ${next.act.toLowerCase()}`}
      </Link>
    </nav>
  );
}
