import { type Revision, type RevisionSummary, type SaveRevisionDto } from '@gyrus/contract';
import { toast } from '../../shared/frame/toast.ts';
import { leftDrafts } from '../../job/store/draft.ts';
import { isOpen, openDoc, usePlanStore } from '../../job/store/planStore.ts';
import { openTabs } from '../../job/store/tab.ts';
import { saveNow } from '../../job/store/useAutosave.ts';
import { api, ApiFault } from '../../shared/server/api.ts';
import { whoHere } from '../../shared/server/useWho.ts';
import { fetchRevision } from '../../shared/server/queries.ts';

const NOT_SAVED = 'The plan could not be saved first, so nothing was done. See the note beside Undo.';

/** A revision of the plan on screen under a note; in another branch it starts a variant. Says why where it cannot. */
async function keepAs(note: string, branch: string): Promise<void> {
  if (!(await saveNow())) return void toast.error(NOT_SAVED);
  const { base, history, savedAs, switchTo } = usePlanStore.getState();
  const doc = openDoc();
  if (!doc || !history) return;
  const dto: SaveRevisionDto = {
    id: crypto.randomUUID(),
    parent: base.id,
    branch,
    author: whoHere(),
    note,
    plan: history.present,
  };
  try {
    const kept = await api<RevisionSummary>(`jobs/${doc.jobId}/revisions`, 'POST', dto);
    if (branch === doc.branch) savedAs(doc, kept, history.present);
    else if (isOpen(doc)) switchTo({ ...kept, plan: history.present });
    toast.success(`Kept as ${note}.`);
  } catch (error) {
    toast.error(error instanceof ApiFault ? error.fault.message : String(error));
  }
}

/** Keeps what is on screen under a name. */
export const nameRevision = (name: string): Promise<void> => keepAs(name, usePlanStore.getState().branch);

/** Starts a variant from what is on screen, and goes on with it. */
export const startVariant = (name: string): Promise<void> => keepAs(`variant ${name}`, name);

/** Goes on with the newest revision of another variant. */
export async function goOnWith(jobId: string, head: RevisionSummary): Promise<void> {
  const doc = openDoc();
  if (!doc || !(await saveNow())) return void toast.error(NOT_SAVED);
  const [newest, tabs] = await Promise.all([fetched(jobId, head.number), openTabs()]);
  if (!newest || !isOpen(doc)) return;
  usePlanStore.getState().switchTo(newest, leftDrafts({ jobId, branch: newest.branch }, tabs));
}

/** Puts an earlier plan on screen, as an edit that can be undone and is saved as a new revision. */
export async function restore(jobId: string, number: number): Promise<void> {
  const doc = openDoc();
  const revision = await fetched(jobId, number);
  if (!doc || !revision || !isOpen(doc)) return;
  usePlanStore.getState().replace(`restore/${number}`, revision.plan);
  toast.success(`Revision ${number} is on screen again; Undo takes it back.`);
}

/** A revision; null where it could not be fetched, which is told. */
async function fetched(jobId: string, number: number): Promise<Revision | null> {
  try {
    return await fetchRevision(jobId, number);
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
    return null;
  }
}
