import type { BodyProfile } from '@/core/body';
import { contentHash } from '@/core/checks';
import type { Pose } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import type { GilvoDatabase } from './database';
import type { PoseView, StoredPicture } from './kept';
import { keepForSpeed, keptForSpeed } from './keptForSpeed';

/** Small pictures that are kept: 150 to 600 kB each. */
const MOST_KEPT = 240;
/** The sources that work out pictures, as one short name; a change of any of them makes all pictures anew. */
const SOURCES = process.env.CORE_SOURCES;

/** What a small picture shows. */
export interface PictureOf {
  profile: BodyProfile;
  shot: SoloShot;
  /** Pixels of the measuring picture per shown pixel. */
  scale: number;
}

function keyOf(of: PictureOf): string {
  return contentHash([SOURCES, of]);
}

/** The small picture of a shot from the store; undefined where there is none. */
export async function keptPicture(
  db: GilvoDatabase,
  of: PictureOf,
): Promise<StoredPicture['picture'] | undefined> {
  return (await keptForSpeed(db.pictures, keyOf(of)))?.picture;
}

/** Keeps a small picture, and lets the oldest go. */
export async function keepPicture(
  db: GilvoDatabase,
  of: PictureOf,
  picture: StoredPicture['picture'],
): Promise<void> {
  await keepForSpeed(db, db.pictures, { key: keyOf(of), picture, usedAt: Date.now() }, MOST_KEPT);
}

/** A pose of the library on a sitter. */
export interface PoseViewOf {
  profile: BodyProfile;
  pose: Pose;
}

/** How a sitter looks in a pose of the library, from the store; undefined where that is not there. */
export async function keptPoseView(db: GilvoDatabase, of: PoseViewOf): Promise<PoseView | undefined> {
  const found = await keptForSpeed(db.pictures, contentHash([SOURCES, 'pose', of]));
  return found?.told && { picture: found.picture, told: found.told };
}

/** Keeps how a sitter looks in a pose, and lets the oldest go. */
export async function keepPoseView(db: GilvoDatabase, of: PoseViewOf, view: PoseView): Promise<void> {
  const key = contentHash([SOURCES, 'pose', of]);
  await keepForSpeed(db, db.pictures, { key, ...view, usedAt: Date.now() }, MOST_KEPT);
}
