import { readPoseFile, writePoseFile } from '@/core/formats';
import { bodyKey } from '@/core/pose';
import type { OwnPose } from '@/core/sitting';
import { namesByBody } from '../records/poses';
import type { GilvoDatabase } from '../store/database';
import { sound } from '../store/sound';

/**
 * All own poses as file text, by name.
 * @throws RangeError when there are none.
 */
export async function exportPoses(db: GilvoDatabase, exportedAt: Date): Promise<string> {
  const all = sound(db, 'poses', await db.poses.orderBy('name').toArray());
  if (all.length === 0) throw new RangeError('poses 0 must be at least 1: none was kept yet');
  return writePoseFile(all, exportedAt);
}

/** Poses of a file against what is here. */
export interface OpenedPoses {
  /** What would come, with ids that nothing here has. */
  fresh: OwnPose[];
  /** What would not, and as what it is here: the body does the same. */
  known: { name: string; as: string }[];
}

/**
 * Reads a file of poses and compares it with the own poses and those of the house; nothing is changed.
 * @throws FileError when the file is broken.
 */
export async function openPoseFile(db: GilvoDatabase, text: string): Promise<OpenedPoses> {
  const { poses } = readPoseFile(text);
  const here = sound(db, 'poses', await db.poses.toArray());
  const names = namesByBody(here);
  const ids = new Set(await db.poses.toCollection().primaryKeys());
  const opened: OpenedPoses = { fresh: [], known: [] };
  for (const one of poses) {
    const key = bodyKey(one.pose);
    const as = names.get(key);
    if (as !== undefined) {
      opened.known.push({ name: one.name, as });
      continue;
    }
    names.set(key, one.name);
    opened.fresh.push(ids.has(one.id) ? { ...one, id: crypto.randomUUID() } : one);
  }
  return opened;
}

/** Keeps the poses of a file that are not here yet, all or none. */
export async function takePoses(db: GilvoDatabase, { fresh }: OpenedPoses): Promise<void> {
  await db.transaction('rw', db.poses, async () => {
    await db.poses.bulkAdd(fresh);
  });
}

/** Takes poses away that came with a file. */
export async function takePosesBack(db: GilvoDatabase, { fresh }: OpenedPoses): Promise<void> {
  await db.poses.bulkDelete(fresh.map((p) => p.id));
}
