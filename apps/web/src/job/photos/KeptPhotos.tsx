import { type PhotoKept } from '@gyrus/contract';
import { useParams } from 'react-router';

/** Photos of the open job as they were kept, each in a window of its own by a press. */
export function KeptPhotos({ photos }: { photos: PhotoKept[] }) {
  const { jobId = '' } = useParams();
  return photos.map(({ file, name }) => (
    <a key={file} href={`/api/jobs/${jobId}/photos/${file}`} target="_blank" rel="noreferrer">
      <img
        src={`/api/jobs/${jobId}/photos/${file}`}
        alt={name || 'photo'}
        className="mr-2 inline-block h-20 w-28 object-cover"
      />
    </a>
  ));
}
