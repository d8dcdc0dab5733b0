import Dexie from 'dexie';
import { afterEach, expect, it } from 'vitest';
import { contentHash } from '@/core/checks';
import { soloShot } from '@/core/shot';
import { DEMO_SITTING, demoTakes } from '../demo/demo';
import { DEMO_SITTER } from '../demo/demoPeople';
import { loadSitting } from '../records/sittings';
import { GilvoDatabase } from './database';

const NAME = 'store-of-version-9';

/** Records as they were while a sitting had one sitter. */
const { personIds: _, ...plain } = DEMO_SITTING;
const OLD_SITTING = { ...plain, sitterId: DEMO_SITTER.id };
const OLD_TAKES = demoTakes().map((take) => ({
  ...take,
  shot: soloShot(take.shot),
  meant: [{ findingId: 'fist:left', reason: 'she boxes' }],
}));

/** A store as the version before the last one left it. */
async function placeOld(): Promise<void> {
  const old = new Dexie(NAME);
  old.version(9).stores({
    sitters: 'id, name',
    sittings: 'id, sitterId, startsAt',
    takes: 'id, sittingId, [sittingId+position]',
    frames: 'id, sittingId, takeId',
    preferences: 'key',
    groups: 'id',
    surfaces: 'key, usedAt',
    poses: 'id, name, keptAt',
    kits: 'id',
    rooms: 'name',
    heads: 'key, usedAt',
    setAside: 'key',
    lineages: 'key',
    pictures: 'key, usedAt',
  });
  await old.table('sitters').add(DEMO_SITTER);
  await old.table('sittings').add(OLD_SITTING);
  await old.table('takes').bulkAdd(OLD_TAKES);
  await old.table('lineages').bulkAdd([
    { key: `sittings/${OLD_SITTING.id}`, past: [contentHash(OLD_SITTING)] },
    { key: `takes/${OLD_TAKES[0]!.id}`, past: [contentHash(OLD_TAKES[0])] },
    { key: `takes/${OLD_TAKES[1]!.id}`, past: ['0123456789abcdef'] },
  ]);
  old.close();
}

let db: GilvoDatabase;
afterEach(() => db.delete());

it('gives each picture its person, and what was in a file is still known to be in it', async () => {
  await placeOld();
  db = new GilvoDatabase(NAME);
  const whole = (await loadSitting(db, OLD_SITTING.id))!;
  expect(whole.sitting).toEqual(DEMO_SITTING);
  const meant = [{ findingId: 'a/fist:left', reason: 'she boxes' }];
  expect(whole.takes).toEqual(demoTakes().map((take) => ({ ...take, meant })));
  expect(await db.sittings.where('personIds').equals(DEMO_SITTER.id).count()).toBe(1);
  const pastOf = async (key: string) => (await db.lineages.get(key))!.past;
  expect((await pastOf(`sittings/${DEMO_SITTING.id}`)).at(-1)).toBe(contentHash(whole.sitting));
  expect((await pastOf(`takes/${OLD_TAKES[0]!.id}`)).at(-1)).toBe(contentHash(whole.takes[0]));
  // what had gone on since then counts as gone on
  expect(await pastOf(`takes/${OLD_TAKES[1]!.id}`)).toEqual(['0123456789abcdef']);
});
