import { type PhotoKept } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { Camera } from 'lucide-react';
import { toast } from '../../shared/frame/toast.ts';
import { FileButton } from '../../shared/fields/FileButton.tsx';
import { sendPhoto } from '../../shared/photos/sendPhoto.ts';
import { isOpen, openDoc, usePlanStore } from '../store/planStore.ts';

/** So many photos are put to one thing. */
const MOST = 12;

interface JobPhotosProps {
  /** What the photos are put to, as it is read out. */
  label: string;
  photos: PhotoKept[];
  onAdd: (kept: PhotoKept) => void;
  onTakeOut: (file: string) => void;
}

/** Photos put to something of a job: taken with a tablet or chosen, and kept with the job. */
export function JobPhotos({ label, photos, onAdd, onTakeOut }: JobPhotosProps) {
  const jobId = usePlanStore((state) => state.jobId) ?? '';
  const add = useMutation({
    mutationFn: async (file: File) => {
      const doc = openDoc();
      const kept = await sendPhoto<PhotoKept>(`jobs/${jobId}/photos`, file);
      if (!doc || !isOpen(doc))
        throw new Error(`${file.name} came in after its job was left: add it there again.`);
      return kept;
    },
    onSuccess: onAdd,
    onError: (error) => toast.error(error.message),
  });
  return (
    <div className="flex flex-wrap items-center gap-2">
      {photos.map(({ file, name }) => (
        <figure key={file} className="border-edge rounded-machined border p-1">
          <a href={`/api/jobs/${jobId}/photos/${file}`} target="_blank" rel="noreferrer">
            <img
              src={`/api/jobs/${jobId}/photos/${file}`}
              alt={name || 'photo'}
              className="h-20 w-28 object-cover"
            />
          </a>
          <button
            type="button"
            aria-label={`Take out ${name || 'the photo'}`}
            className="min-h-8 w-full text-sm underline"
            onClick={() => onTakeOut(file)}
          >
            take out
          </button>
        </figure>
      ))}
      {photos.length < MOST && (
        <FileButton label={label} accept="image/*" busy={add.isPending} onFile={(file) => add.mutate(file)}>
          <Camera aria-hidden="true" className="size-4" />
          {add.isPending ? 'Keeping the photo' : 'Add a photo'}
        </FileButton>
      )}
    </div>
  );
}
