import { type PhotoKept } from '@gyrus/contract';
import { useMutation } from '@tanstack/react-query';
import { Camera } from 'lucide-react';
import { toast } from 'sonner';
import { isOpen, openDoc, usePlanStore } from '../../job/store/planStore.ts';
import { sendFile } from '../../shared/server/api.ts';
import { FileButton } from '../../shared/fields/FileButton.tsx';
import { asPhoto } from './asPhoto.ts';

/** A plan holds so many photos of one answer. */
const MOST = 12;

interface AnswerPhotosProps {
  answerKey: string;
  photos: PhotoKept[];
}

/** Photos put to an answer: taken with a tablet or chosen, kept with the job, and printed on the inspector's sheet. */
export function AnswerPhotos({ answerKey, photos }: AnswerPhotosProps) {
  const jobId = usePlanStore((state) => state.jobId) ?? '';
  const change = usePlanStore((state) => state.change);
  const add = useMutation({
    mutationFn: async (file: File) => {
      const doc = openDoc();
      const name = `${file.name.replace(/\.\w+$/, '')}.jpg`;
      const kept = await sendFile<PhotoKept>(`jobs/${jobId}/photos`, 'photo', await asPhoto(file), name);
      if (!doc || !isOpen(doc))
        throw new Error(`${name} came in after its job was left: add it there again.`);
      return kept;
    },
    onSuccess: (kept) =>
      change(`answers/${answerKey}/photos/${kept.file}`, ({ answers }) => {
        answers[answerKey]?.photos.push(kept);
      }),
    onError: (error) => toast.error(error.message),
  });
  const takeOut = (file: string) =>
    change(`answers/${answerKey}/photos/${file}`, ({ answers }) => {
      const given = answers[answerKey];
      if (given) given.photos = given.photos.filter((one) => one.file !== file);
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
            onClick={() => takeOut(file)}
          >
            take out
          </button>
        </figure>
      ))}
      {photos.length < MOST && (
        <FileButton
          label="photo for this answer"
          accept="image/*"
          busy={add.isPending}
          onFile={(file) => add.mutate(file)}
        >
          <Camera aria-hidden="true" className="size-4" />
          {add.isPending ? 'Keeping the photo' : 'Add a photo'}
        </FileButton>
      )}
    </div>
  );
}
