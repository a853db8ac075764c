import { type BuildStep } from '@gyrus/core';
import { readingWords } from '@gyrus/formats';
import { format } from 'date-fns';
import { KeptPhotos } from '../../../job/photos/KeptPhotos.tsx';
import { useJobStyle } from '../../../job/useJobStyle.ts';
import { useBuildEntries } from './useBuildEntries.ts';

/** What was noted at a step, with its photos: by whom, and when. */
export function WrittenAtStep({ step }: { step: BuildStep }) {
  const style = useJobStyle();
  const entries = useBuildEntries().data ?? [];
  const own = entries.filter(
    ({ ticks, note, photos, readings }) =>
      ticks.some((tick) => step.ticks.includes(tick)) &&
      (note !== '' || photos.length > 0 || readings.length > 0),
  );
  if (own.length === 0) return null;
  return (
    <ul aria-label="Written down at this step" className="space-y-2">
      {own.map(({ id, who, at, note, photos, readings }) => (
        <li key={id} className="border-rule border-l-4 pl-3">
          <p>
            <b>{who}</b>, {format(new Date(at), 'd MMMM, HH:mm')}
            {note && `: ${note}`}
            {readings.length > 0 &&
              ` — taped ${readings.map((reading) => readingWords(reading, style)).join(', ')}`}
          </p>
          <KeptPhotos photos={photos} />
        </li>
      ))}
    </ul>
  );
}
