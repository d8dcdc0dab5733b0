import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '@/core/library';
import { poseSchema } from '@/core/pose';
import { GilvoDatabase } from '../store/database';
import { dropPose, keepPose, ownPoses, restorePose } from './poses';

let db: GilvoDatabase;
const pose = HOUSE_POSES.chair![1]!;

beforeEach(() => {
  db = new GilvoDatabase(`poses-${Math.random()}`);
});
afterEach(() => db.delete());

describe('own poses', () => {
  it('are kept under their own name with only what was said, and listed by name', async () => {
    await keepPose(db, { name: 'Pontoon', tags: ['calm'], note: 'with the hat', pose });
    await keepPose(db, { name: 'Anchor', tags: [], note: '', pose });
    const all = await ownPoses(db);
    expect(all.map((o) => o.name)).toEqual(['Anchor', 'Pontoon']);
    expect(all[1]).toMatchObject({ tags: ['calm'], note: 'with the hat' });
    expect(poseSchema.parse(all[1]!.pose)).toEqual({ ...pose, name: 'Pontoon' });
  });

  it('need a name, and nothing is kept without one', async () => {
    await expect(keepPose(db, { name: ' ', tags: [], note: '', pose })).rejects.toThrow(
      'give the pose a name',
    );
    expect(await ownPoses(db)).toEqual([]);
  });

  it('are taken away and put back as they were', async () => {
    const kept = await keepPose(db, { name: 'Pontoon', tags: [], note: '', pose });
    const dropped = await dropPose(db, kept.id);
    expect(await ownPoses(db)).toEqual([]);
    await restorePose(db, dropped!);
    expect(await ownPoses(db)).toEqual([kept]);
    expect(await dropPose(db, 'nobody')).toBeUndefined();
  });
});
