import { type JobDetail } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { FolderOpen } from 'lucide-react';
import { useNavigate } from 'react-router';
import { toast } from '../shared/frame/toast.ts';
import { FileButton } from '../shared/fields/FileButton.tsx';
import { sendFile } from '../shared/server/api.ts';
import { useAskAgain } from '../shared/server/useAskAgain.ts';

/** Opens a job out of a file that Gyrus wrote, here or in another shop: as a job of its own. */
export function OpenJobFile() {
  const askAgain = useAskAgain();
  const navigate = useNavigate();
  const open = useMutation({
    mutationFn: (file: File) => sendFile<JobDetail>('jobs/files', 'job', file, file.name),
    onSuccess: async ({ id, name, revision }) => {
      toast.success(
        `${name} is here, to revision ${revision}. What was bent, sawn and ticked off stays with the shop that did it.`,
      );
      await askAgain({ queryKey: ['jobs'] });
      await navigate(`/jobs/${id}`);
    },
    onError: (error) => toast.error(error.message),
  });
  return (
    <FileButton
      label="file of a job"
      accept=".zip,application/zip"
      busy={open.isPending}
      onFile={(file) => open.mutate(file)}
    >
      <FolderOpen aria-hidden="true" className="size-5" />
      Open a job’s file
    </FileButton>
  );
}
