import { ownPoseSchema, type OwnPose } from '@/core/sitting';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/setAside';

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

/** The photographer's own poses by name. */
export async function ownPoses(db: GilvoDatabase): Promise<OwnPose[]> {
  const all = sound(db, 'poses', await db.poses.toArray());
  return all.sort((a, b) => a.name.localeCompare(b.name));
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
