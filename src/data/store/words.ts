import type { BodyProfile } from '@/core/body';
import type { Said } from '@/core/cues';
import { contentHash } from '@/core/checks';
import type { Pose } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import type { GilvoDatabase } from './database';
import { keepForSpeed, keptForSpeed } from './keptForSpeed';

/** Ways whose words are kept: a few kB each. */
const MOST_KEPT = 600;
/** The sources that work words out, as one short name; a change of any of them makes all words anew. */
const SOURCES = process.env.CORE_SOURCES;

/** Between what words are looked for. */
export interface WayTo {
  profile: BodyProfile;
  from: Pose;
  shot: SoloShot;
  /** After how many sentences something did not come by itself, rising. */
  notByItself: readonly number[];
}

function keyOf(way: WayTo): string {
  return contentHash([SOURCES, way]);
}

/** What is said on a way, from the store; undefined where it is not there. */
export async function keptWords(db: GilvoDatabase, way: WayTo): Promise<Said | undefined> {
  return (await keptForSpeed(db.words, keyOf(way)))?.said;
}

/** Keeps what is said on a way, and lets the oldest go. */
export async function keepWords(db: GilvoDatabase, way: WayTo, said: Said): Promise<void> {
  await keepForSpeed(db, db.words, { key: keyOf(way), said, usedAt: Date.now() }, MOST_KEPT);
}
