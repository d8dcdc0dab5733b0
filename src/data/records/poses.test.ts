import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { HOUSE_POSES } from '@/core/library';
import { poseSchema, withSetting } from '@/core/pose';
import { GilvoDatabase } from '../store/database';
import { dropPose, findPoses, keepPose, knownAs, newestPoses, restorePose } from './poses';

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
    const all = await findPoses(db, '', 100);
    expect(all.map((o) => o.name)).toEqual(['Anchor', 'Pontoon']);
    expect(all[1]).toMatchObject({ tags: ['calm'], note: 'with the hat' });
    expect(poseSchema.parse(all[1]!.pose)).toEqual({ ...pose, name: 'Pontoon' });
  });

  it('need a name, and nothing is kept without one', async () => {
    await expect(keepPose(db, { name: ' ', tags: [], note: '', pose })).rejects.toThrow(
      'give the pose a name',
    );
    expect(await findPoses(db, '', 100)).toEqual([]);
  });

  it('are taken away and put back as they were', async () => {
    const kept = await keepPose(db, { name: 'Pontoon', tags: [], note: '', pose });
    const dropped = await dropPose(db, kept.id);
    expect(await findPoses(db, '', 100)).toEqual([]);
    await restorePose(db, dropped!);
    expect(await findPoses(db, '', 100)).toEqual([kept]);
    expect(await dropPose(db, 'nobody')).toBeUndefined();
  });
});

it('are known by what the body does, whatever they are called', async () => {
  const other = withSetting(pose, 'bendLeftDeg', 6);
  expect(await knownAs(db, pose)).toBe(pose.name);
  expect(await knownAs(db, other)).toBeUndefined();
  await keepPose(db, { name: 'Pontoon', tags: [], note: '', pose: other });
  expect(await knownAs(db, { ...other, name: 'x', words: 'y' })).toBe('Pontoon');
  await keepPose(db, { name: 'Mine', tags: [], note: '', pose });
  expect(await knownAs(db, pose)).toBe('Mine');
});

it('the newest are offered first, and all are found by words', async () => {
  const pose = HOUSE_POSES.standing?.[0] ?? Object.values(HOUSE_POSES)[0]![0]!;
  for (let i = 0; i < 5; i++) {
    const kept = await keepPose(db, { name: `Jetty ${i}`, tags: [i % 2 ? 'calm' : 'wild'], note: '', pose });
    await db.poses.update(kept.id, { keptAt: `2026-12-0${i + 1}T10:00:00.000Z` });
  }
  const { poses, count } = await newestPoses(db, 2);
  expect(poses.map((p) => p.name)).toEqual(['Jetty 3', 'Jetty 4']);
  expect(count).toBe(5);
  expect((await findPoses(db, ' CALM', 10)).map((p) => p.name)).toEqual(['Jetty 1', 'Jetty 3']);
  expect(await findPoses(db, 'jetty', 3)).toHaveLength(3);
});
