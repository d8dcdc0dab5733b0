import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { soloShot, withSolo } from '@/core/shot';
import { TAKEN_BY_ITSELF, type Standing } from '@/core/formats';
import { withSetting } from '@/core/pose';
import type { Take } from '@/core/sitting';
import { DEMO_SITTING, placeDemo } from '../demo/demo';
import { DEMO_SITTER } from '../demo/demoPeople';
import { changeSitting, savePerson } from '../records/people';
import { loadSitting, startSitting } from '../records/sittings';
import { addFrame, addTake, removeTake, saveTake } from '../records/takes';
import { GilvoDatabase } from '../store/database';
import { takeBack, type Arrival } from './arrivals';
import { countUnsent } from './unsent';
import { exportBackup } from './backups';
import { exportSitting, openSittingFile, takeFile } from './sittingFiles';

const ID = DEMO_SITTING.id;
let db: GilvoDatabase;
let other: GilvoDatabase;
let count = 0;
const NOW = new Date('2026-12-01T09:00:00Z');

beforeEach(async () => {
  db = new GilvoDatabase(`files-${count}`);
  other = new GilvoDatabase(`others-${count++}`);
  await placeDemo(db);
});
afterEach(async () => {
  await db.delete();
  await other.delete();
});

const everything = async (of: GilvoDatabase) =>
  Object.fromEntries(await Promise.all(of.tables.map(async (t) => [t.name, await t.toArray()] as const)));
const all = (arrivals: readonly Arrival[]) => new Set(arrivals.map((a) => a.key));
const byItself = (arrivals: readonly Arrival[]) =>
  new Set(arrivals.filter((a) => TAKEN_BY_ITSELF[a.standing]).map((a) => a.key));
const standingOf = (arrivals: readonly Arrival[], key: string): Standing | undefined =>
  arrivals.find((a) => a.key === key)?.standing;

async function turnHips(of: GilvoDatabase, takeId: string, deg: number): Promise<Take> {
  const take = (await of.takes.get(takeId))!;
  const solo = soloShot(take.shot);
  const shot = withSolo(take.shot, { ...solo, pose: withSetting(solo.pose, 'hipsTurnLeftDeg', deg) });
  return (await saveTake(of, take, { ...take, shot })).record;
}
/** Carries the sitting from one browser to another, as it offers itself. */
async function carry(from: GilvoDatabase, to: GilvoDatabase) {
  const opened = await openSittingFile(to, await exportSitting(from, ID, NOW));
  await takeFile(to, opened, byItself(opened.arrivals));
  return opened;
}

describe('a sitting file', () => {
  it('carries a sitting into an empty store', async () => {
    await addFrame(db, {
      id: 'f',
      sittingId: ID,
      takeId: 'demo-take-2',
      takenAt: NOW.toISOString(),
      keeper: true,
    });
    const { arrivals } = await carry(db, other);
    expect(new Set(arrivals.map((a) => a.standing))).toEqual(new Set(['new']));
    const [here, there] = [(await loadSitting(db, ID))!, (await loadSitting(other, ID))!];
    expect(there).toEqual({ ...here, people: here.people.map((p) => ({ ...p, privateNote: '' })) });
  });

  it('changes nothing while it is looked at', async () => {
    const text = await exportSitting(db, ID, NOW);
    await turnHips(db, 'demo-take-1', 12);
    const before = await everything(db);
    await openSittingFile(db, text);
    expect(await everything(db)).toEqual(before);
  });

  it('that is older than what is here reverts nothing by itself', async () => {
    const text = await exportSitting(db, ID, NOW);
    const agreed = { ...DEMO_SITTER, boundaries: 'no touch at the neck' };
    await savePerson(db, (await db.sitters.get(DEMO_SITTER.id))!, agreed);
    await turnHips(db, 'demo-take-1', 12);
    const before = await everything(db);
    const opened = await openSittingFile(db, text);
    expect(standingOf(opened.arrivals, `sitters/${DEMO_SITTER.id}`)).toBe('newerHere');
    expect(standingOf(opened.arrivals, 'takes/demo-take-1')).toBe('newerHere');
    expect(standingOf(opened.arrivals, 'takes/demo-take-2')).toBe('same');
    await takeFile(db, opened, byItself(opened.arrivals));
    const { lineages: _, ...now } = await everything(db);
    const { lineages: __, ...was } = before;
    expect(now).toEqual(was);
  });

  it('tells what another browser has changed since, and what both have', async () => {
    await carry(db, other);
    await turnHips(other, 'demo-take-1', 7);
    await turnHips(other, 'demo-take-2', 8);
    await turnHips(db, 'demo-take-2', -8);
    await turnHips(db, 'demo-take-3', -9);
    const { arrivals } = await carry(other, db);
    expect(standingOf(arrivals, 'takes/demo-take-1')).toBe('newerThere');
    expect(standingOf(arrivals, 'takes/demo-take-2')).toBe('both');
    expect(standingOf(arrivals, 'takes/demo-take-3')).toBe('newerHere');
    expect(standingOf(arrivals, 'takes/demo-take-4')).toBe('same');
    const turns = (await loadSitting(db, ID))!.takes.map(
      (t) => t.shot.people[0]!.pose.settings.hipsTurnLeftDeg,
    );
    expect([7, -8, -9].every((deg) => turns.includes(deg))).toBe(true);
    // back there: what was chosen here is newer now, and nothing is asked twice
    const back = await openSittingFile(other, await exportSitting(db, ID, NOW));
    expect(standingOf(back.arrivals, 'takes/demo-take-1')).toBe('same');
    expect(standingOf(back.arrivals, 'takes/demo-take-3')).toBe('newerThere');
  });

  it('does not bring back what was taken away here, unless it is asked to', async () => {
    const text = await exportSitting(db, ID, NOW);
    await removeTake(db, 'demo-take-2');
    const opened = await openSittingFile(db, text);
    expect(standingOf(opened.arrivals, 'takes/demo-take-2')).toBe('removedHere');
    await takeFile(db, opened, byItself(opened.arrivals));
    expect(await db.takes.get('demo-take-2')).toBeUndefined();
    await takeFile(db, opened, all(opened.arrivals));
    const takes = (await loadSitting(db, ID))!.takes;
    expect(takes.map((t) => t.position)).toEqual([0, 1, 2, 3, 4]);
    expect(takes.map((t) => t.id)).toContain('demo-take-2');
  });

  it('leaves poses that are only here, with their looks, and places without gaps or doubles', async () => {
    const text = await exportSitting(db, ID, NOW);
    await changeSitting(db, ID, (s) => ({ ...s, looks: [...s.looks, { ...s.looks[0]!, id: 'look-2' }] }));
    const like = (await db.takes.get('demo-take-1'))!;
    // its place is that of the last one in the file
    await removeTake(db, 'demo-take-3');
    await addTake(db, { ...like, id: 'own', lookId: 'look-2' });
    const opened = await openSittingFile(db, text);
    expect(opened.onlyHere.map((t) => t.id)).toEqual(['own']);
    await takeFile(db, opened, all(opened.arrivals));
    const { sitting, takes } = (await loadSitting(db, ID))!;
    expect(takes.map((t) => t.position)).toEqual([0, 1, 2, 3, 4, 5]);
    expect(sitting.looks.map((l) => l.id)).toEqual(['look-1', 'look-2']);
  });

  it('leaves an edit that was made while it was looked at', async () => {
    const opened = await openSittingFile(db, await exportSitting(db, ID, NOW));
    await turnHips(db, 'demo-take-1', 12);
    await takeFile(db, opened, new Set(['takes/demo-take-2']));
    expect((await db.takes.get('demo-take-1'))!.shot.people[0]!.pose.settings.hipsTurnLeftDeg).toBe(12);
    // what is only here is in no file yet
    expect(await countUnsent(db)).toBe(1);
  });

  it('is undone as a whole', async () => {
    const text = await exportSitting(db, ID, NOW);
    await turnHips(db, 'demo-take-1', 12);
    await removeTake(db, 'demo-take-2');
    const before = await everything(db);
    const opened = await openSittingFile(db, text);
    await takeBack(db, await takeFile(db, opened, all(opened.arrivals)));
    expect(await everything(db)).toEqual(before);
  });

  it('is written from a store that takes nothing more', async () => {
    const fail = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
    db.lineages.hook('creating', fail);
    db.lineages.hook('updating', fail);
    expect(JSON.parse(await exportSitting(db, ID, NOW))).toMatchObject({ sitting: { id: ID } });
    expect((await exportBackup(db, NOW)).length).toBeGreaterThan(1);
  });

  it('tells in which fields it says something else', async () => {
    const text = await exportSitting(db, ID, NOW);
    await db.takes.update('demo-take-1', { minutes: 11, plannedFrames: 3 });
    const { arrivals } = await openSittingFile(db, text);
    const differing = arrivals.filter((a) => a.differsIn.length > 0);
    expect(differing.map((a) => [a.key, ...a.differsIn.sort()])).toEqual([
      ['takes/demo-take-1', 'minutes', 'plannedFrames'],
    ]);
  });

  it('leaves no half when the store fails in the middle', async () => {
    const text = await exportSitting(db, ID, NOW);
    await turnHips(db, 'demo-take-1', 12);
    const before = await everything(db);
    const opened = await openSittingFile(db, text);
    const fail = () => {
      throw new DOMException('no room', 'QuotaExceededError');
    };
    db.lineages.hook('creating', fail);
    db.lineages.hook('updating', fail);
    await turnHips(db, 'demo-take-3', 5);
    const turned = await everything(db);
    expect(turned).not.toEqual(before);
    await expect(takeFile(db, opened, all(opened.arrivals))).rejects.toThrow();
    expect(await everything(db)).toEqual(turned);
  });

  it('may not take over a pose of another sitting', async () => {
    const ownId = await startSitting(db, NOW);
    const text = (await exportSitting(db, ID, NOW)).replaceAll('demo-take-1', `take-${ownId}`);
    await expect(openSittingFile(db, text)).rejects.toThrow(`takes[0].id is "take-${ownId}"`);
  });

  it('is not written for a sitting that is not there', async () => {
    await expect(exportSitting(db, 'nowhere', NOW)).rejects.toThrow('nowhere is not in the store');
  });
});
