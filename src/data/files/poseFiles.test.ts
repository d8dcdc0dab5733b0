import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '@/core/library';
import { withSetting } from '@/core/pose';
import type { OwnPose } from '@/core/sitting';
import { findPoses, keepPose } from '../records/poses';
import { GilvoDatabase } from '../store/database';
import { exportPoses, openPoseFile, takePoses, takePosesBack } from './poseFiles';

const AT = new Date('2026-11-20T10:00:00.000Z');
const house = HOUSE_POSES.chair![1]!;
/** A pose that the house does not have. */
const own = (bendDeg: number) => withSetting(house, 'bendLeftDeg', bendDeg);

let here: GilvoDatabase;
let there: GilvoDatabase;
beforeEach(() => {
  here = new GilvoDatabase(`here-${Math.random()}`);
  there = new GilvoDatabase(`there-${Math.random()}`);
});
afterEach(async () => {
  await here.delete();
  await there.delete();
});
const keep = (db: GilvoDatabase, name: string, bendDeg: number) =>
  keepPose(db, { name, tags: ['calm'], note: 'with the hat', pose: own(bendDeg) });
const all = (db: GilvoDatabase): Promise<OwnPose[]> => findPoses(db, '', 100);

describe('own poses in a file', () => {
  it('go to another browser as they are, and back out of it', async () => {
    await keep(here, 'Pontoon', 4);
    await keep(here, 'Anchor', 8);
    const opened = await openPoseFile(there, await exportPoses(here, AT));
    expect(await all(there)).toEqual([]);
    await takePoses(there, opened);
    expect(await all(there)).toEqual(await all(here));
    expect(opened.known).toEqual([]);
    await takePosesBack(there, opened);
    expect(await all(there)).toEqual([]);
  });

  it('that are here already, under whatever name, do not come again', async () => {
    await keep(here, 'Pontoon', 4);
    await keep(here, 'Anchor', 8);
    await keep(there, 'Quay', 4);
    const text = await exportPoses(here, AT);
    const opened = await openPoseFile(there, text);
    expect(opened.known).toEqual([{ name: 'Pontoon', as: 'Quay' }]);
    await takePoses(there, opened);
    expect((await all(there)).map((p) => p.name)).toEqual(['Anchor', 'Quay']);
    const again = await openPoseFile(there, text);
    expect(again.fresh).toEqual([]);
    expect(again.known).toHaveLength(2);
  });

  it('that the house has, or that are there twice in one file, come once or not at all', async () => {
    await keepPose(here, { name: 'Mine', tags: [], note: '', pose: house });
    await keep(here, 'One', 4);
    await keep(here, 'Two', 4);
    const { fresh, known } = await openPoseFile(there, await exportPoses(here, AT));
    expect(fresh.map((p) => p.name)).toEqual(['One']);
    expect(known).toEqual([
      { name: 'Mine', as: house.name },
      { name: 'Two', as: 'One' },
    ]);
  });

  it('keep both where one id says two things', async () => {
    const mine = await keep(here, 'Pontoon', 4);
    await there.poses.add({ ...mine, name: 'Other', pose: own(8) });
    const opened = await openPoseFile(there, await exportPoses(here, AT));
    await takePoses(there, opened);
    expect((await all(there)).map((p) => p.name)).toEqual(['Other', 'Pontoon']);
    expect(await there.poses.get(mine.id)).toMatchObject({ name: 'Other' });
  });

  it('are all taken or none', async () => {
    await keep(here, 'Pontoon', 4);
    await keep(here, 'Anchor', 8);
    const opened = await openPoseFile(there, await exportPoses(here, AT));
    // somebody kept one of them in between
    await there.poses.add(opened.fresh[1]!);
    await expect(takePoses(there, opened)).rejects.toThrow();
    expect(await all(there)).toHaveLength(1);
  });

  it('cannot be written where none was kept', async () => {
    await expect(exportPoses(here, AT)).rejects.toThrow('none was kept yet');
  });
});
