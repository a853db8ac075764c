import { type JobSummary } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { Archive, ArchiveRestore, Copy, Download } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { toast } from '../shared/frame/toast.ts';
import { Button } from '../shared/frame/Button.tsx';
import { Dialog } from '../shared/frame/Dialog.tsx';
import { Loading } from '../shared/frame/Waiting.tsx';
import { api } from '../shared/server/api.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

const CopyJobForm = lazy(async () => ({ default: (await import('./CopyJobForm.tsx')).CopyJobForm }));

/** What can be done with a job as a whole: copied, saved as a file, put away. */
export const JobActions = ({ job }: { job: JobSummary }) => (
  <div className="flex justify-end">
    <CopyJob job={job} />
    <SaveJobFile job={job} />
    <PutAway job={job} />
  </div>
);

function SaveJobFile({ job }: { job: JobSummary }) {
  const words = `Save ${job.name} as a file: plan, revisions, answers and photos`;
  return (
    <Button
      kind="quiet"
      aria-label={words}
      title={words}
      // The page stays, whatever comes of it.
      onClick={() =>
        Object.assign(document.createElement('a'), { href: `/api/jobs/${job.id}/file`, download: '' }).click()
      }
    >
      <Download aria-hidden="true" className="size-5" />
    </Button>
  );
}

/** The next car of the model starts with the cage of this one. */
function CopyJob({ job }: { job: JobSummary }) {
  const [copying, setCopying] = useState(false);
  const words = `Copy ${job.name} for the next car`;
  return (
    <>
      <Button kind="quiet" aria-label={words} title={words} onClick={() => setCopying(true)}>
        <Copy aria-hidden="true" className="size-5" />
      </Button>
      <Dialog title={words} open={copying} onClose={() => setCopying(false)}>
        <Suspense fallback={<Loading what="the form" />}>
          <CopyJobForm job={job} />
        </Suspense>
      </Dialog>
    </>
  );
}

/** Jobs are put away and never deleted: their sheets may be on the floor. */
function PutAway({ job }: { job: JobSummary }) {
  const askAgain = useAskAgain();
  const change = useMutation({
    mutationFn: () => api(`jobs/${job.id}`, 'PATCH', { archived: !job.archived }),
    onSuccess: () => askAgain({ queryKey: ['jobs'] }),
    onError: (error) => toast.error(error.message),
  });
  const words = job.archived ? `Take ${job.name} out again` : `Put ${job.name} away`;
  const Icon = job.archived ? ArchiveRestore : Archive;
  return (
    <Button kind="quiet" aria-label={words} title={words} onClick={() => change.mutate()}>
      <Icon aria-hidden="true" className="size-5" />
    </Button>
  );
}
