import { type PhotoKept } from '@gyrus/contract';
import { JobPhotos } from '../../job/photos/JobPhotos.tsx';
import { usePlanStore } from '../../job/store/planStore.ts';

interface AnswerPhotosProps {
  answerKey: string;
  photos: PhotoKept[];
}

/** Photos put to an answer: they are printed on the inspector's sheet. */
export function AnswerPhotos({ answerKey, photos }: AnswerPhotosProps) {
  const change = usePlanStore((state) => state.change);
  const takeOut = (file: string) =>
    change(`answers/${answerKey}/photos/${file}`, ({ answers }) => {
      const given = answers[answerKey];
      if (given) given.photos = given.photos.filter((one) => one.file !== file);
    });
  return (
    <JobPhotos
      label="photo for this answer"
      photos={photos}
      onAdd={(kept) =>
        change(`answers/${answerKey}/photos/${kept.file}`, ({ answers }) => {
          answers[answerKey]?.photos.push(kept);
        })
      }
      onTakeOut={takeOut}
    />
  );
}
