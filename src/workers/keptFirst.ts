import type { BodyProfile, BodySurface } from '@/core/body';
import type { Said } from '@/core/cues';
import type { SoloShot } from '@/core/shot';
import {
  database,
  keptPicture,
  keptPoseView,
  keptSurface,
  keptWords,
  type PoseView,
  type PoseViewOf,
  type WayTo,
} from '@/data';
import type { PictureBytes } from './shotReport';
import { studio } from './studioClient';
import type { OnPiece } from './studio/bodies';

/*
 * What is in the store is read by the page itself: it need not wait for a worker that is only being loaded. A store
 * that cannot be used only costs time.
 */

/** The fine surface of a sitter: kept, or built backstage. `onPiece` hears of it where it has to be built. */
export async function drawnSurface(profile: BodyProfile, onPiece?: OnPiece): Promise<BodySurface> {
  const kept = await keptSurface(database, profile, 'drawn').catch(() => undefined);
  return kept?.surface ?? studio('backstage').drawnSurface(profile, onPiece);
}

/** The measuring picture of a shot, developed small: kept, or worked out backstage. */
export async function smallPicture(
  profile: BodyProfile,
  shot: SoloShot,
  scale: number,
): Promise<PictureBytes> {
  const kept = await keptPicture(database, { profile, shot, scale }).catch(() => undefined);
  return kept ?? studio('backstage').smallPicture(profile, shot, scale);
}

/** How a sitter looks in a pose of the library: fitted where that is kept, or as it is, worked out backstage. */
export async function poseViewOf(of: PoseViewOf, start: SoloShot): Promise<PoseView> {
  const kept = await keptPoseView(database, of).catch(() => undefined);
  return kept ?? studio('backstage').poseView(of, start);
}

/** How a sitter looks in a pose of the library that is fitted to them, worked out backstage. */
export function fittedViewOf(of: PoseViewOf, start: SoloShot): Promise<PoseView> {
  return studio('backstage').fittedView(of, start);
}

/** Ways whose words are being looked for: a run and its next picture ask for the same. */
const asked = new Map<string, Promise<Said>>();

/** What is said on the way to a picture: kept, or worked out backstage. */
export function wordsTo(way: WayTo): Promise<Said> {
  const key = JSON.stringify(way);
  const known = asked.get(key);
  if (known) return known;
  const words = keptWords(database, way)
    .catch(() => undefined)
    .then((kept) => kept ?? studio('backstage').words(way))
    .finally(() => asked.delete(key));
  asked.set(key, words);
  return words;
}
