import { HOUSE_POSES } from '@/core/library';
import { bodyKey, type Pose } from '@/core/pose';
import { ownPoseSchema, type OwnPose } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/sound';

/**
 * Keeps a pose under its own name.
 * @throws ZodError when its name is empty or the pose is not one.
 */
export async function keepPose(db: GilvoDatabase, said: Omit<OwnPose, 'id' | 'keptAt'>): Promise<OwnPose> {
  const kept = ownPoseSchema.parse({
    ...said,
    id: crypto.randomUUID(),
    keptAt: new Date().toISOString(),
    pose: { ...said.pose, name: said.name },
  });
  await db.poses.add(kept);
  return kept;
}

/** Names of the house's poses and one's own, by what the body does; of twins one's own. */
export function namesByBody(own: readonly OwnPose[]): Map<string, string> {
  const house = Object.values(HOUSE_POSES).flat();
  return new Map([...house, ...own.map((o) => o.pose)].map((pose) => [bodyKey(pose), pose.name]));
}

/** As what a pose is here already, whatever it is called; undefined where it is new. */
export async function knownAs(db: GilvoDatabase, pose: Pose): Promise<string | undefined> {
  return namesByBody(sound(db, 'poses', await db.poses.toArray())).get(bodyKey(pose));
}

/** The own poses that were kept last, by name, and how many there are in all. */
export async function newestPoses(
  db: GilvoDatabase,
  most: number,
): Promise<{ poses: OwnPose[]; count: number }> {
  const newest = await db.poses.orderBy('keptAt').reverse().limit(most).toArray();
  const poses = sound(db, 'poses', newest).sort((a, b) => a.name.localeCompare(b.name));
  return { poses, count: await db.poses.count() };
}

/** The first own poses by name whose name, tags or notes have these words in them. */
export async function findPoses(db: GilvoDatabase, words: string, most: number): Promise<OwnPose[]> {
  const wanted = words.trim().toLowerCase();
  const said = ({ name, tags, note }: OwnPose) => [name, ...(tags ?? []), note].join(' ').toLowerCase();
  const all = db.poses.orderBy('name');
  const found = wanted === '' ? all : all.filter((pose) => said(pose).includes(wanted));
  return sound(db, 'poses', await found.limit(most).toArray());
}

/** Takes a kept pose away and hands it back, so that it can be put back. */
export async function dropPose(db: GilvoDatabase, id: string): Promise<OwnPose | undefined> {
  const kept = await db.poses.get(id);
  await db.poses.delete(id);
  return kept;
}

/** Puts a kept pose back. */
export async function restorePose(db: GilvoDatabase, pose: OwnPose): Promise<void> {
  await db.poses.put(pose);
}
