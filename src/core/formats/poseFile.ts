import { z } from 'zod';
import { eachOnce, explain, shown } from '../checks';
import { ownPoseSchema, type OwnPose } from '../sitting';
import { FileError, readJson } from './readJson';

export const POSE_FORMAT = 'gilvo.poses';
export const POSE_VERSION = 2;
/** Versions that can be read; what an older one says is what the newest says, which can say more. */
const READABLE = [1, 2];

/** Larger files than this are not read; the most poses that are allowed have about half of it, bytes. */
export const POSE_FILE_BYTES = 20e6;
/** More own poses than this are not in one file. */
export const MOST_POSES_IN_FILE = 5000;

const poseFileSchema = z.strictObject({
  format: z.literal(POSE_FORMAT),
  version: z.literal(POSE_VERSION),
  exportedAt: z.iso.datetime(),
  poses: z.array(ownPoseSchema).min(1).max(MOST_POSES_IN_FILE).superRefine(eachOnce('id')),
});
export type PoseFile = z.infer<typeof poseFileSchema>;

/** Writes own poses as JSON text. */
export function writePoseFile(poses: readonly OwnPose[], exportedAt: Date): string {
  const file = { format: POSE_FORMAT, version: POSE_VERSION, exportedAt: exportedAt.toISOString(), poses };
  return JSON.stringify(file, null, 1);
}

/**
 * Reads a file of own poses.
 * @throws FileError naming the first path that is wrong, its value, and what would be right.
 */
export function readPoseFile(text: string): PoseFile {
  const raw = readJson(text) as { format?: unknown; version?: unknown } | null;
  if (raw?.format !== POSE_FORMAT)
    throw new FileError(`format is ${shown(raw?.format)}; a file of poses says "${POSE_FORMAT}"`);
  if (!READABLE.includes(raw.version as number))
    throw new FileError(`version is ${shown(raw.version)}; this Gilvo reads version ${READABLE.join(', ')}`);
  const parsed = poseFileSchema.safeParse({ ...raw, version: POSE_VERSION });
  if (!parsed.success) throw new FileError(explain(parsed.error, raw));
  return parsed.data;
}
