import { database, saveTake } from '@/data';
import { createKeeper } from './keeper';
import { usePoseStore } from './poseStore';

/** The one keeper of this page's takes: it outlives the place in which something was edited. */
export const takeKeeper = createKeeper({
  write: (base, take) => saveTake(database, base, take),
  onWritten: (sent, record) => usePoseStore.getState().follow(sent, record),
});

/** Whatever place is open, a page with an edit that could not be written is not closed without a question. */
function warnOfUnsaved(event: BeforeUnloadEvent): void {
  if (takeKeeper.useKeeping.getState().state.kind === 'failed') event.preventDefault();
}
if (typeof window !== 'undefined') addEventListener('beforeunload', warnOfUnsaved);
