import type { MendWishes } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';

/** The picture that is worked on, for whoever is in the hand. */
export interface InHand {
  profile: BodyProfile;
  shot: SoloShot;
  wishes: MendWishes;
  /** Ids of findings that are meant. */
  meant: ReadonlySet<string>;
  /** Takes another picture in its place. */
  take(shot: SoloShot): void;
}
