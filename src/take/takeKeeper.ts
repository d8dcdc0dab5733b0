import type { Take } from '@/core/sitting';
import { database, saveTake } from '@/data';
import { createKeeper } from '@/keeping';
import { usePoseStore } from './poseStore';

/** The one keeper of this page's takes: it outlives the place in which something was edited. */
export const takeKeeper = createKeeper<Take>({
  thing: 'pose',
  write: (base, take) => saveTake(database, base, take),
  onWritten: (sent, record) => usePoseStore.getState().follow(sent, record),
});
