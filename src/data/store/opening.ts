import { isFromNewerGilvo, type GilvoDatabase } from './database';
import { storeFaultOf, type StoreFault } from './faults';

/** How far the store is: being opened, open, or why it is not. */
export type StoreState =
  | { kind: 'opening' }
  | { kind: 'open' }
  | {
      kind: 'fault';
      fault: StoreFault;
      /** Whether it was open before: what the page shows may be the only copy left. */
      wasOpen: boolean;
    };

/** What a page remembers of the store outside of it: that it was used, and which one it was. */
export interface StoreMark {
  read(): string | null;
  write(storeId: string): void;
}

/**
 * Which store this is, as it says itself; a store without a name is given one where it is not a lost one come back
 * empty.
 */
async function nameStore(db: GilvoDatabase, mark: StoreMark): Promise<'lost' | 'open'> {
  const known = await db.preferences.get('storeId');
  const isEmpty = (await db.sittings.count()) === 0 && (await db.sitters.count()) === 0;
  if (!known && isEmpty && mark.read() !== null) return 'lost';
  const storeId = known?.value ?? crypto.randomUUID();
  if (!known) await db.preferences.put({ key: 'storeId', value: storeId });
  mark.write(storeId);
  return 'open';
}

/**
 * Has the store stay closed once it is taken away, and calls back then. From then on nothing is read or written:
 * a store that is opened again by itself after it was cleared would come back empty, and be half written.
 */
export function stayClosed(db: GilvoDatabase, told: (fault: StoreFault) => void = () => undefined): void {
  let isLost = false;
  const lose = (fault: StoreFault) => {
    if (isLost) return;
    isLost = true;
    db.close({ disableAutoOpen: true });
    told(fault);
  };
  db.on('versionchange', (event) => {
    lose(event.newVersion === null ? 'cleared' : 'outdated');
    return false;
  });
  // the library opens it again by itself after this event, unless it is closed once more when that is over
  db.on('close', () => queueMicrotask(() => lose('cleared')));
}

/**
 * Opens the store and tells how far it is, now and whenever that changes. A store that was used before and is empty
 * now is not taken for a new one.
 */
export async function openStore(
  db: GilvoDatabase,
  mark: StoreMark,
  told: (state: StoreState) => void,
): Promise<void> {
  let wasOpen = false;
  const toldOf = (fault: StoreFault) => told({ kind: 'fault', fault, wasOpen });
  db.on('blocked', () => toldOf('held'));
  try {
    await db.open();
    if (isFromNewerGilvo(db)) {
      db.close({ disableAutoOpen: true });
      return toldOf('outdated');
    }
    stayClosed(db, toldOf);
    if ((await nameStore(db, mark)) === 'lost') return toldOf('lost');
    wasOpen = true;
    told({ kind: 'open' });
  } catch (error) {
    toldOf(storeFaultOf(error));
  }
}

/** Takes an empty store for a new one, after somebody has said so. */
export async function beginAnew(db: GilvoDatabase, mark: StoreMark): Promise<void> {
  const storeId = crypto.randomUUID();
  await db.preferences.put({ key: 'storeId', value: storeId });
  mark.write(storeId);
}
