import { create } from 'zustand';
import { beginAnew, database, openStore, placeDemo, type StoreMark, type StoreState } from '@/data';
import { readMemo, writeMemo } from './memo';

/** Where it is remembered, outside of the store, that the store was used. */
const MARK = 'gilvo.store';

const mark: StoreMark = {
  read: () => readMemo(MARK),
  // without it a lost store is only told from a new one by the store itself
  write: (storeId) => writeMemo(MARK, storeId),
};

/** How far the store of this page is. */
export const useStoreState = create<StoreState>()(() => ({ kind: 'opening' }));

/** The demo is placed before anything is shown, so that an empty store is never met. */
async function heard(state: StoreState): Promise<void> {
  if (state.kind === 'open') await placeDemo(database).catch(() => undefined);
  useStoreState.setState(state, true);
}

let begun = false;

/** Opens the store of this page, once. */
export function openPageStore(): void {
  if (begun) return;
  begun = true;
  void openStore(database, mark, (state) => void heard(state));
}

/** Takes an empty store for a new one, from the next load of the page on. */
export const startAnew = (): Promise<void> => beginAnew(database, mark);
