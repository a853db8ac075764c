import { toast } from '../../shared/frame/toast.ts';
import { isOpen, openDoc, usePlanStore } from './planStore.ts';
import { saveNow } from './useAutosave.ts';

/** Opens a sheet of the saved revision in a window of its own: what is printed can be found again. */
export function useOpenSaved(): (addressOf: (from: string) => string) => Promise<boolean> {
  return async (addressOf) => {
    // The window must be opened by the press itself, or the browser takes it for an advertisement.
    const sheet = window.open('', '_blank');
    const doc = openDoc();
    const saved = (await saveNow()) && doc !== null && isOpen(doc);
    const { jobId, base } = usePlanStore.getState();
    if (!saved || !sheet) {
      sheet?.close();
      toast.error(
        saved
          ? 'The browser did not open a window for the sheet: allow it for this page.'
          : 'The plan could not be saved, so nothing was printed. See the note beside Undo.',
      );
      return false;
    }
    sheet.location.href = addressOf(`/api/jobs/${jobId}/revisions/${base.number}`);
    return true;
  };
}
