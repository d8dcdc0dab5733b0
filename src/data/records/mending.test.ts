import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DEMO_SITTING, placeDemo } from '../demo/demo';
import { erasePerson } from './erasing';
import { allPeople } from './people';
import { loadSitting } from './sittings';
import { GilvoDatabase } from '../store/database';
import { mended, mendSetAside, removeSetAside, restoreSetAside } from './mending';

const ID = DEMO_SITTING.id;
let db: GilvoDatabase;
let count = 0;

beforeEach(async () => {
  db = new GilvoDatabase(`aside-${count++}`);
  await placeDemo(db);
});
afterEach(() => db.delete());

/** Breaks a stored take, as another program or an older fault might. */
async function breakTake(id: string, how: (take: Record<string, unknown>) => void): Promise<unknown> {
  const take = structuredClone(await db.takes.get(id)) as unknown as Record<string, unknown>;
  how(take);
  await db.table('takes').put(take);
  return take;
}
const withoutCamera = (take: Record<string, unknown>) => delete (take.shot as Record<string, unknown>).camera;
const aside = () => vi.waitUntil(async () => (await db.setAside.toArray())[0], { timeout: 5000 });

describe('a broken record', () => {
  it('is left out of what is read, and set aside with its reason', async () => {
    const broken = await breakTake('demo-take-2', withoutCamera);
    expect((await loadSitting(db, ID))!.takes.map((t) => t.id)).not.toContain('demo-take-2');
    expect(await aside()).toMatchObject({
      key: 'takes/demo-take-2',
      table: 'takes',
      reason: 'shot.camera is missing: give an object',
      record: broken,
    });
    expect(await db.takes.get('demo-take-2')).toBeUndefined();
    expect((await loadSitting(db, ID))!.takes).toHaveLength(4);
  });

  it('of a person leaves everybody else', async () => {
    const people = await allPeople(db);
    await db.table('sitters').put({ ...people[0], profile: null });
    expect(await allPeople(db)).toHaveLength(people.length - 1);
    expect((await aside()).name).toBe(people[0]!.name);
  });

  it('is mended with what is usual in the place of what is wrong, and nothing else of it', async () => {
    const before = (await db.takes.get('demo-take-2'))!;
    await breakTake('demo-take-2', (take) => {
      withoutCamera(take);
      take.mood = 'bright';
      take.minutes = -3;
    });
    await loadSitting(db, ID);
    const found = await aside();
    const changed = mended(found)!.changed.map((p) => p.join('.'));
    expect(changed.sort()).toEqual(['minutes', 'mood', 'shot.camera']);
    await mendSetAside(db, found.key);
    const now = (await db.takes.get('demo-take-2'))!;
    expect(now.shot.people[0]!.pose).toEqual(before.shot.people[0]!.pose);
    expect(now.shot.light).toEqual(before.shot.light);
    expect(now.minutes).toBe(4);
    expect(await db.setAside.count()).toBe(0);
  });

  it('that nothing sound can be made of is not mended', async () => {
    await breakTake('demo-take-2', (take) => delete take.lookId);
    await breakTake('demo-take-2', (take) => (take.sittingId = ID));
    await db.table('takes').put({ id: 'x', sittingId: ID, shot: 'none', position: 'first', lookId: 7 });
    await db.table('sittings').put({ id: 'y', startsAt: 4 });
    await loadSitting(db, ID);
    await loadSitting(db, 'y');
    const found = await vi.waitUntil(async () => db.setAside.get('sittings/y'), { timeout: 5000 });
    expect(mended(found)).toBeNull();
    await expect(mendSetAside(db, 'sittings/y')).rejects.toThrow('cannot be mended');
  });

  it('is removed, and put back', async () => {
    await breakTake('demo-take-2', withoutCamera);
    await loadSitting(db, ID);
    const { key } = await aside();
    const gone = (await removeSetAside(db, key))!;
    expect(await db.setAside.count()).toBe(0);
    await restoreSetAside(db, gone);
    expect((await db.setAside.toArray())[0]).toEqual(gone);
  });

  it('of a person who is erased goes as well', async () => {
    await breakTake('demo-take-2', withoutCamera);
    await loadSitting(db, ID);
    await aside();
    await erasePerson(db, DEMO_SITTING.personIds[0]!);
    expect(await db.setAside.count()).toBe(0);
  });

  it('that was put right meanwhile stays where it is', async () => {
    const sound = (await db.takes.get('demo-take-2'))!;
    await breakTake('demo-take-2', withoutCamera);
    const reading = loadSitting(db, ID);
    await reading;
    await db.takes.put(sound);
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(await db.setAside.count()).toBe(0);
    expect(await db.takes.get('demo-take-2')).toEqual(sound);
  });
});
