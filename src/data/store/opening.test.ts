import Dexie from 'dexie';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { placeDemo } from '../demo/demo';
import { GilvoDatabase } from './database';
import { storeFaultOf } from './faults';
import { beginAnew, openStore, type StoreMark, type StoreState } from './opening';

let count = 0;
const open: Dexie[] = [];
const named = () => `opening-${count++}`;

function watched(name: string, mark = markOf()) {
  const db = new GilvoDatabase(name);
  open.push(db);
  const states: StoreState[] = [];
  const opened = openStore(db, mark, (state) => states.push(state));
  return { db, mark, states, opened, last: () => states.at(-1) };
}
function markOf(written: string | null = null): StoreMark {
  let value = written;
  return { read: () => value, write: (id) => (value = id) };
}
afterEach(async () => {
  for (const db of open.splice(0)) {
    db.close();
    await Dexie.delete(db.name);
  }
});
const wait = (until: () => unknown) => vi.waitUntil(until, { timeout: 5000 });

describe('the store', () => {
  it('opens, and is known again', async () => {
    const first = watched(named());
    await first.opened;
    expect(first.states).toEqual([{ kind: 'open' }]);
    await placeDemo(first.db);
    const again = watched(first.db.name, first.mark);
    await again.opened;
    expect(again.last()).toEqual({ kind: 'open' });
    expect((await again.db.preferences.get('storeId'))!.value).toBe(first.mark.read());
  });

  it('that was used before and is empty now is not taken for a new one', async () => {
    const lost = watched(named(), markOf('earlier'));
    await lost.opened;
    expect(lost.last()).toEqual({ kind: 'fault', fault: 'lost', wasOpen: false });
    expect(await lost.db.sittings.count()).toBe(0);
    await beginAnew(lost.db, lost.mark);
    const again = watched(lost.db.name, lost.mark);
    await again.opened;
    expect(again.last()).toEqual({ kind: 'open' });
  });

  it('of a newer Gilvo is not opened', async () => {
    const name = named();
    const newer = new Dexie(name);
    open.push(newer);
    newer.version(99).stores({ sitters: 'id' });
    await newer.open();
    newer.close();
    const old = watched(name);
    await old.opened;
    expect(old.last()).toEqual({ kind: 'fault', fault: 'outdated', wasOpen: false });
  });

  it('that an older Gilvo holds open is waited for', async () => {
    const name = named();
    const older = new Dexie(name);
    older.version(1).stores({ sitters: 'id' });
    older.on('versionchange', () => false);
    await older.open();
    const page = watched(name);
    await wait(() => page.states.length > 0);
    expect(page.last()).toEqual({ kind: 'fault', fault: 'held', wasOpen: false });
    older.close();
    await page.opened;
    expect(page.last()).toEqual({ kind: 'open' });
  });

  it('that is cleared while it is open is not written to any more, nor made anew', async () => {
    const page = watched(named());
    await page.opened;
    await placeDemo(page.db);
    await Dexie.delete(page.db.name);
    await wait(() => page.last()?.kind === 'fault');
    expect(page.last()).toEqual({ kind: 'fault', fault: 'cleared', wasOpen: true });
    await expect(page.db.takes.toArray()).rejects.toThrow();
    expect(await Dexie.exists(page.db.name)).toBe(false);
  });

  it('gives way to a newer Gilvo, and says so', async () => {
    const page = watched(named());
    await page.opened;
    const newer = new Dexie(page.db.name);
    open.push(newer);
    newer.version(99).stores({ sitters: 'id' });
    await newer.open();
    expect(page.last()).toEqual({ kind: 'fault', fault: 'outdated', wasOpen: true });
  });
});

const failure = (name: string, inner?: unknown) => Object.assign(new Error(name), { name, inner });

it.each([
  ['QuotaExceededError', 'full'],
  ['UnknownError', 'damaged'],
  ['VersionError', 'outdated'],
  ['MissingAPIError', 'absent'],
  ['DatabaseClosedError', 'refused'],
  ['AbortError', 'refused'],
])('an error of the name %s tells of the fault %s', (name, fault) => {
  expect(storeFaultOf(failure(name))).toBe(fault);
});

it('an error that was raised for another tells what that one tells', () => {
  expect(storeFaultOf(failure('AbortError', failure('QuotaExceededError')))).toBe('full');
  expect(storeFaultOf('text')).toBe('refused');
});
