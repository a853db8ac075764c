import { type JobDetail } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { toast } from '../../shared/frame/toast.ts';
import { api } from '../../shared/server/api.ts';
import { useAskAgain } from '../../shared/server/useAskAgain.ts';
import { StatusMark } from '../../shared/figures/StatusMark.tsx';
import { Button } from '../../shared/frame/Button.tsx';
import { type FirstStep } from './useFirstSteps.ts';

/** What comes first in a program that has nothing yet, why, and what is there of it; and a job to look round in. */
export function FirstSteps({ steps }: { steps: FirstStep[] }) {
  const next = steps.findIndex(({ there }) => there === null);
  return (
    <section aria-label="First steps" className="space-y-4">
      <p className="max-w-prose text-lg">Three things, and then the tape measure.</p>
      <ol className="grid gap-3 md:grid-cols-3">
        {steps.map((step, i) => (
          <li
            key={step.name}
            className={`bg-sheet rounded-machined flex flex-col gap-2 border p-4 ${i === next ? 'border-ink border-t-chalk border-t-8' : 'border-rule border-t-rule border-t-8'}`}
          >
            <h2 className="text-xl">
              <span className="figure text-quiet">{i + 1}</span> {step.name}
            </h2>
            <p className="flex-1">{step.why}</p>
            {step.there !== null && <StatusMark status="clear" word={`there: ${step.there}`} />}
            <Link
              to={step.to}
              className={`rounded-machined inline-flex min-h-11 items-center self-start border px-4 font-semibold ${i === next ? 'border-ink bg-ink text-white' : 'border-edge bg-sheet'}`}
            >
              {step.act}
            </Link>
          </li>
        ))}
      </ol>
      <Example />
    </section>
  );
}

/** An invented cage to walk through. */
function Example() {
  const askAgain = useAskAgain();
  const navigate = useNavigate();
  const start = useMutation({
    mutationFn: () => api<JobDetail>('examples', 'POST'),
    onSuccess: async ({ id }) => {
      await Promise.all([askAgain({ queryKey: ['jobs'] }), askAgain({ queryKey: ['rule-books'] })]);
      await navigate(`/jobs/${id}/design?view=side`);
    },
    onError: (error) => toast.error(error.message),
  });
  return (
    <div className="border-rule flex flex-wrap items-center gap-4 border-t pt-4">
      <p className="max-w-prose flex-1">
        Or look round first: an invented car with a whole cage, from the brief to the inspector&apos;s sheet.
        Change what you like in it, and put it away when you have seen enough.
      </p>
      <Button disabled={start.isPending} onClick={() => start.mutate()}>
        Open the example
      </Button>
    </div>
  );
}
