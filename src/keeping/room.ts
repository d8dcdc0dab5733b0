/** Room of the browser's store, megabytes. */
export interface StoreRoom {
  /** What the browser has promised of the data for when it needs room. */
  promise: 'kept' | 'open' | 'unsaid';
  usedMb: number | null;
  leftMb: number | null;
}

/** What the browser says of the room that Gilvo has. */
export async function storeRoom(): Promise<StoreRoom> {
  const storage = navigator.storage as StorageManager | undefined;
  if (!storage) return { promise: 'unsaid', usedMb: null, leftMb: null };
  const { usage, quota } = await storage.estimate();
  return {
    promise: (await storage.persisted()) ? 'kept' : 'open',
    usedMb: usage === undefined ? null : usage / 1e6,
    leftMb: usage === undefined || quota === undefined ? null : (quota - usage) / 1e6,
  };
}

let asked = false;

/** Asks the browser, once a page and when something own is kept, not to throw the data away when it needs room. */
export function askToPersist(): void {
  if (asked || typeof document === 'undefined') return;
  asked = true;
  const storage = navigator.storage as StorageManager | undefined;
  // a browser that cannot answer keeps the data as well as it keeps any
  storage?.persist().catch(() => false);
}
