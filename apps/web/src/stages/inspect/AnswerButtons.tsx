import { lazy, Suspense } from 'react';
import { type Finding } from '@gyrus/core';
import { usePlan, usePlanStore } from '../../job/store/planStore.ts';
import { Segmented } from '../../shared/fields/Segmented.tsx';
import { TextField } from '../../shared/fields/TextField.tsx';

const AnswerPhotos = lazy(async () => ({ default: (await import('./AnswerPhotos.tsx')).AnswerPhotos }));

const ANSWERS = [
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
  { value: 'open', text: 'not yet' },
] as const;

/** What no program can compute is asked of a person, who puts a name, a note and photos to it; when is written down. */
export function AnswerButtons({ finding }: { finding: Finding }) {
  const answer = usePlan().answers[finding.key];
  const change = usePlanStore((state) => state.change);
  const set = (value: 'yes' | 'no' | 'open') =>
    change(`answers/${finding.key}`, ({ answers }) => {
      if (value === 'open') delete answers[finding.key];
      else
        answers[finding.key] = {
          answer: value,
          by: answer?.by ?? '',
          note: answer?.note ?? '',
          on: new Date().toISOString(),
          photos: answer?.photos ?? [],
        };
    });
  const setText = (key: 'by' | 'note', text: string) =>
    change(`answers/${finding.key}/${key}`, ({ answers }) => {
      const given = answers[finding.key];
      if (given) given[key] = text;
    });
  return (
    <div className="mt-1 space-y-2">
      <div className="flex flex-wrap items-end gap-3">
        <Segmented quiet label="answer" value={answer?.answer ?? 'open'} options={ANSWERS} onChange={set} />
        {answer && (
          <>
            <TextField
              label="who checked"
              maxLength={120}
              value={answer.by}
              onChange={(event) => setText('by', event.target.value)}
            />
            <TextField
              label="note"
              maxLength={4000}
              value={answer.note}
              onChange={(event) => setText('note', event.target.value)}
            />
          </>
        )}
      </div>
      {answer && (
        <Suspense>
          <AnswerPhotos answerKey={finding.key} photos={answer.photos} />
        </Suspense>
      )}
    </div>
  );
}
