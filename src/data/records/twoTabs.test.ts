import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { soloShot, withSolo } from '@/core/shot';
import { merge, type Conflict } from '@/core/changes';
import { TAKEN_BY_ITSELF } from '@/core/formats';
import { withSetting, type SettingId } from '@/core/pose';
import type { Take } from '@/core/sitting';
import { exportSitting, openSittingFile, takeFile } from '../files/sittingFiles';
import { GilvoDatabase } from '../store/database';
import { placeDemo } from '../demo/demo';
import { loadSitting } from './sittings';
import { removeTake, reorderTakes, restoreTake, saveTake } from './takes';
import { GoneError } from '../store/writeChange';

const ID = 'demo-yearbook';
let db: GilvoDatabase;
beforeEach(async () => {
  db = new GilvoDatabase(`two-tabs-${crypto.randomUUID()}`);
  await placeDemo(db);
});
afterEach(() => db.delete());

/** Numbers that repeat from run to run. */
function numbers(seed: number): () => number {
  let s = seed;
  return () => (s = (s * 48271) % 2147483647) / 2147483647;
}

/** What two tabs edit of a take, each a number of its own. */
const FIELDS: Record<string, { read(t: Take): number; with(t: Take, n: number): Take }> = {
  minutes: { read: (t) => t.minutes, with: (t, n) => ({ ...t, minutes: 1 + n / 100 }) },
  plannedFrames: { read: (t) => t.plannedFrames, with: (t, n) => ({ ...t, plannedFrames: n }) },
  hips: {
    read: (t) => t.shot.people[0]!.pose.settings.hipsTurnLeftDeg ?? 0,
    with: (t, n) => turned(t, 'hipsTurnLeftDeg', n / 100),
  },
  chin: {
    read: (t) => t.shot.people[0]!.pose.settings.headTurnLeftDeg ?? 0,
    with: (t, n) => turned(t, 'headTurnLeftDeg', n / 100),
  },
  lens: {
    read: (t) => t.shot.camera.distanceM,
    with: (t, n) => ({ ...t, shot: { ...t.shot, camera: { ...t.shot.camera, distanceM: 2 + n / 1000 } } }),
  },
  key: {
    read: (t) => t.shot.light.heightM,
    with: (t, n) => ({ ...t, shot: { ...t.shot, light: { ...t.shot.light, heightM: 1 + n / 1000 } } }),
  },
};

function turned(take: Take, id: SettingId, value: number): Take {
  const solo = soloShot(take.shot);
  return { ...take, shot: withSolo(take.shot, { ...solo, pose: withSetting(solo.pose, id, value) }) };
}

/** A tab that has takes open, edits them, and writes what it has edited later. */
class Tab {
  readonly open = new Map<string, { base: Take; take: Take }>();
  told: unknown[] = [];

  async read(): Promise<void> {
    for (const take of (await loadSitting(db, ID))!.takes) {
      const own = this.open.get(take.id);
      const both = own && merge(own.base, own.take, take);
      this.tell(both?.conflicts ?? []);
      this.open.set(take.id, { base: take, take: both?.value ?? take });
    }
  }

  private tell(conflicts: readonly Conflict[]): void {
    this.told.push(...conflicts.flatMap((c) => [c.mine, c.theirs]));
  }

  async write(takeId: string): Promise<void> {
    const { base, take } = this.open.get(takeId)!;
    try {
      const { record, conflicts } = await saveTake(db, base, take);
      this.tell(conflicts);
      this.open.set(takeId, { base: record, take: record });
    } catch (error) {
      if (!(error instanceof GoneError)) throw error;
      this.told.push(takeId);
    }
  }
}

describe('two tabs on one store', () => {
  it.each([11, 29, 47])(
    'lose nothing in 300 edits, orders, removals and older files read again but what is told, seed %i',
    async (seed) => {
      const random = numbers(seed);
      const any = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
      const tabs = [new Tab(), new Tab()];
      for (const tab of tabs) await tab.read();
      const takeIds = [...tabs[0]!.open.keys()];
      /** Values that were set, by take and field, and those that were replaced by somebody who saw them. */
      const set = new Map<string, Set<number>>();
      const replaced = new Set<string>();
      let file = await exportSitting(db, ID, new Date());

      for (let n = 1; n <= 300; n++) {
        const tab = any(tabs);
        const chance = random();
        if (chance < 0.7) {
          const [takeId, field] = [any(takeIds), any(Object.keys(FIELDS))];
          const own = tab.open.get(takeId)!;
          const place = `${takeId} ${field}`;
          replaced.add(`${place} ${FIELDS[field]!.read(own.take)}`);
          const take = FIELDS[field]!.with(own.take, n);
          tab.open.set(takeId, { ...own, take });
          set.set(place, (set.get(place) ?? new Set()).add(FIELDS[field]!.read(take)));
        } else if (chance < 0.85) await tab.write(any(takeIds));
        else if (chance < 0.87) file = await exportSitting(db, ID, new Date());
        else if (chance < 0.89) {
          const opened = await openSittingFile(db, file);
          const chosen = opened.arrivals.filter((a) => TAKEN_BY_ITSELF[a.standing]);
          await takeFile(db, opened, new Set(chosen.map((a) => a.key)));
        } else if (chance < 0.93) {
          const order = (await loadSitting(db, ID))!.takes.map((t) => t.id);
          await reorderTakes(db, ID, [...order.slice(1), order[0]!]);
        } else if (chance < 0.96) {
          const removed = await removeTake(db, any(takeIds));
          await tab.write(removed!.take.id);
          await restoreTake(db, removed!);
        } else await tab.read();
        const { takes } = (await loadSitting(db, ID))!;
        expect(takes.map((t) => t.position)).toEqual(takes.map((_, i) => i));
      }
      for (const tab of tabs) for (const id of takeIds) await tab.write(id);

      const told = new Set(tabs.flatMap((tab) => tab.told));
      const stored = new Map((await loadSitting(db, ID))!.takes.map((t) => [t.id, t]));
      const lost: string[] = [];
      for (const [place, values] of set)
        for (const value of values) {
          const [takeId, field] = place.split(' ') as [string, string];
          const isThere = FIELDS[field]!.read(stored.get(takeId)!) === value;
          if (!isThere && !replaced.has(`${place} ${value}`) && !told.has(value))
            lost.push(`${place} ${value}`);
        }
      expect(lost).toEqual([]);
      expect(stored.size).toBe(takeIds.length);
      // the tabs did get into each other's way
      expect(told.size).toBeGreaterThan(5);
    },
  );

  it('of which one turns the hips and the other the head, both are kept', async () => {
    const take = (await loadSitting(db, ID))!.takes[0]!;
    await saveTake(db, take, FIELDS.hips!.with(take, 2100));
    const { record, conflicts } = await saveTake(db, take, FIELDS.chin!.with(take, 900));
    expect(conflicts).toEqual([]);
    expect(record.shot.people[0]!.pose.settings).toMatchObject({ hipsTurnLeftDeg: 21, headTurnLeftDeg: 9 });
  });

  it('a removed take is not written back by an edit', async () => {
    const take = (await loadSitting(db, ID))!.takes[1]!;
    await removeTake(db, take.id);
    await expect(saveTake(db, take, { ...take, minutes: 9 })).rejects.toThrow(GoneError);
    expect(await db.takes.get(take.id)).toBeUndefined();
  });
});
