import { type JobDetail, type RevisionSummary } from '@gyrus/contract';
import { useEffect } from 'react';
import { api } from '../../shared/server/api.ts';
import { type Doc, isDoc } from './draft.ts';
import { putTogetherWith } from './merging.ts';
import { openDoc, usePlanStore } from './planStore.ts';

interface News extends Doc {
  id: string;
  number: number;
}

const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('gyrus-saved');

/** Tells the other tabs of this browser that there is a newer revision. */
export const tellTabs = (doc: Doc, { id, number }: Pick<RevisionSummary, 'id' | 'number'>): void =>
  channel?.postMessage({ ...doc, id, number } satisfies News);

/** Another tab saved what is on screen here too: the newer revision is put into the plan on screen before anything is typed over it. */
export function useTabNews(): void {
  useEffect(() => {
    const heard = ({ data }: MessageEvent<News>) => void follow(data);
    channel?.addEventListener('message', heard);
    return () => channel?.removeEventListener('message', heard);
  }, []);
}

async function follow(news: News): Promise<void> {
  const doc = openDoc();
  const { saveState, base } = usePlanStore.getState();
  // With something unsaved here, the save itself meets the newer revision.
  if (!doc || !isDoc(doc, news) || saveState !== 'saved' || base.number >= news.number) return;
  try {
    const { head } = await api<JobDetail>(`jobs/${doc.jobId}?branch=${encodeURIComponent(doc.branch)}`);
    const now = usePlanStore.getState();
    if (now.saveState === 'saved' && now.base.number < head.number) await putTogetherWith(doc, head);
  } catch {
    // Nothing is lost: the next save here meets the newer revision.
    if (usePlanStore.getState().saveState === 'clash') usePlanStore.getState().notSaved(doc, 'no-answer');
  }
}
