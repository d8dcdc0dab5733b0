import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { soloShot } from '@/core/shot';
import { writeBackup } from '@/core/formats';
import { DEMO_SITTING, placeDemo } from '../demo/demo';
import { keepPose } from '../records/poses';
import { addFrame, removeTake } from '../records/takes';
import { GilvoDatabase } from '../store/database';
import { TABLE_IDS } from '../store/tables';
import { takeBack } from './arrivals';
import { counted, exportBackup, openBackup, restoreBackup } from './backups';
import { countUnsent } from './unsent';

const NOW = new Date('2026-12-01T09:00:00Z');
const PASSPHRASE = 'three oars and a wet towel';
let db: GilvoDatabase;
let other: GilvoDatabase;
let count = 0;

beforeEach(async () => {
  db = new GilvoDatabase(`backup-${count}`);
  other = new GilvoDatabase(`restored-${count++}`);
  await placeDemo(db);
  await db.sitters.update('demo-runa', { privateNote: 'for me alone' });
  for (let i = 0; i < 250; i++) {
    const takenAt = new Date(NOW.getTime() + i * 1000).toISOString();
    await addFrame(db, {
      id: `f${i}`,
      sittingId: DEMO_SITTING.id,
      takeId: 'demo-take-2',
      takenAt,
      keeper: i % 9 === 0,
    });
  }
  const { shot } = (await db.takes.get('demo-take-2'))!;
  await keepPose(db, { name: 'Own', tags: [], note: '', pose: soloShot(shot).pose });
});
afterEach(async () => {
  await db.delete();
  await other.delete();
});

/** What a person said, without what belongs to one browser. */
const said = async (of: GilvoDatabase) =>
  Object.fromEntries(
    await Promise.all(
      TABLE_IDS.filter((t) => t !== 'preferences').map(
        async (t) => [t, await of.table(t).toArray()] as const,
      ),
    ),
  );
const textOf = async (passphrase?: string) => (await exportBackup(db, NOW, passphrase)).join('\n');

describe('a backup', () => {
  it.each([undefined, PASSPHRASE])(
    'restores everything into an empty store, locked with %s',
    async (passphrase) => {
      const text = await textOf(passphrase);
      expect(text.includes('for me alone')).toBe(passphrase === undefined);
      const opened = await openBackup(other, text, passphrase);
      expect(opened).toMatchObject({ lost: 0, unsound: [] });
      await restoreBackup(other, opened, 'join');
      expect(await said(other)).toEqual(await said(db));
    },
  );

  it('joins what is new, and leaves what has gone on here', async () => {
    const text = await textOf();
    await db.takes.update('demo-take-1', { minutes: 11 });
    await removeTake(db, 'demo-take-5');
    await db.poses.clear();
    const opened = await openBackup(db, text);
    await restoreBackup(db, opened, 'join');
    expect((await db.takes.get('demo-take-1'))!.minutes).toBe(11);
    expect(await db.takes.get('demo-take-5')).toBeUndefined();
    // erased here is erased: joining brings nothing back that was taken away
    expect(await db.poses.count()).toBe(0);
  });

  it('in place of all is the store as it was, and is undone as a whole', async () => {
    const before = await said(db);
    const text = await textOf();
    await db.takes.update('demo-take-1', { minutes: 11 });
    await db.poses.clear();
    await db.groups.put({ id: 'new', name: 'Eight', kind: 'crew', members: [] });
    const changed = await said(db);
    const was = await restoreBackup(db, await openBackup(db, text), 'replace');
    expect(await said(db)).toEqual(before);
    await takeBack(db, was);
    expect(await said(db)).toEqual(changed);
  });

  it('opens with its own passphrase alone, and says so', async () => {
    const text = await textOf(PASSPHRASE);
    await expect(openBackup(other, text, 'another one')).rejects.toThrow(/The passphrase is another/);
    await expect(openBackup(other, text)).rejects.toThrow('type its passphrase');
    // what was locked is bound to its place: exchanged blocks do not open
    const [head, first, second, ...rest] = text.split('\n');
    const swap = (line: string, to: number) => line.replace(/"block":\d+/, `"block":${to}`);
    const mixed = [head, swap(second!, 0), swap(first!, 1), ...rest].join('\n');
    expect((await openBackup(other, mixed, PASSPHRASE)).lost).toBe(200);
  });

  it.each([undefined, PASSPHRASE])(
    'that is cut off restores what is whole and counts the rest, locked with %s',
    async (passphrase) => {
      const text = await textOf(passphrase);
      const made = JSON.parse(text.slice(0, text.indexOf('\n'))) as { counts: Record<string, number> };
      const total = Object.values(made.counts).reduce((a, b) => a + b);
      const opened = await openBackup(other, text.slice(0, text.length * 0.85), passphrase);
      expect(opened.lost).toBeGreaterThan(0);
      expect(opened.lost + opened.entries.length).toBe(total);
      await restoreBackup(other, opened, 'join');
      expect(await other.sitters.count()).toBe(await db.sitters.count());
    },
  );

  it('names a record that is not sound, and restores the others', async () => {
    await db.takes.put({ ...(await db.takes.get('demo-take-1'))!, minutes: 9999 });
    const opened = await openBackup(other, await textOf());
    expect(opened.unsound).toEqual([{ table: 'takes', reason: 'minutes is 9999: give at most 120' }]);
    expect(opened.entries.filter((e) => e.table === 'takes')).toHaveLength((await db.takes.count()) - 1);
  });

  it('tells of a record that this Gilvo has no table for', async () => {
    const lines = await writeBackup(
      [
        ['boats', { id: 'b' }, []],
        ['groups', { id: 'g', name: 'Eight', kind: 'crew', members: [] }, []],
      ],
      NOW,
    );
    const opened = await openBackup(other, lines.join('\n'));
    expect(opened.unsound).toEqual([{ table: null, reason: 'boats' }]);
    expect(counted(opened)).toEqual({ groups: { new: 1 } });
  });

  it('refuses a later version and what is none', async () => {
    const text = await textOf();
    await expect(openBackup(other, text.replace('"version":1', '"version":2'))).rejects.toThrow(
      'version is 2; this Gilvo reads backups of version 1 to 1',
    );
    await expect(openBackup(other, '{}')).rejects.toThrow('format is missing');
    await expect(openBackup(other, text.split('\n')[0]!)).rejects.toThrow('Nothing of the backup is whole');
  });
});

it('what is in no file yet is counted, until it is', async () => {
  // the own pose; the demo comes with Gilvo, and the private note does not count
  expect(await countUnsent(db)).toBe(1);
  await exportBackup(db, NOW);
  expect(await countUnsent(db)).toBe(0);
  await db.takes.update('demo-take-1', { minutes: 11 });
  expect(await countUnsent(db)).toBe(1);
});
