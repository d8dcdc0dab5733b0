import {
  mendAll,
  towards,
  vary,
  type GoalStep,
  type MendAllWishes,
  type MendedAll,
  type MendWishes,
  type Variation,
  type Wish,
} from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { fit, fitInstead, HOUSE_POSES, type Fitted } from '@/core/library';
import type { StandIn } from '@/core/picture';
import type { Pose } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import { onSet } from './standIns';
import { stoppable, type OnShare } from './stoppable';

const searches = stoppable();

/** Poses that may take the place of one that does not suit. */
const ALTERNATIVES = Object.values(HOUSE_POSES).flat();

/** A search for a sitter among the others of a picture: who is there is put in place again for each step. */
async function searched<T>(
  profile: BodyProfile,
  shot: SoloShot,
  search: (standIn: StandIn) => Generator<number, T>,
  onShare?: OnShare,
): Promise<T | null> {
  const steps = await onSet(profile, shot, search);
  return searches.run(() => onSet(profile, shot, () => steps.next()), onShare);
}

/** Searches that take a while: the newest stops the one before, which answers null. */
export const SEARCHING = {
  /** Stops what is being searched. */
  callOffSearch: (): void => searches.callOff(),

  /** Mends whatever the review sees in a shot. */
  mendAll(
    profile: BodyProfile,
    shot: SoloShot,
    wishes: MendAllWishes,
    onShare?: OnShare,
  ): Promise<MendedAll | null> {
    return searched(profile, shot, (standIn) => mendAll(standIn, shot, wishes), onShare);
  },

  /** The three changes that do most for what is wished of a picture. */
  towards(
    profile: BodyProfile,
    shot: SoloShot,
    wish: Wish,
    wishes: MendWishes,
    onShare?: OnShare,
  ): Promise<GoalStep[] | null> {
    return searched(profile, shot, (standIn) => towards(standIn, shot, wish, wishes), onShare);
  },

  /** Clean neighbours of a shot. */
  vary(
    profile: BodyProfile,
    shot: SoloShot,
    wishes: MendWishes,
    onShare?: OnShare,
  ): Promise<Variation[] | null> {
    return searched(profile, shot, (standIn) => vary(standIn, shot, wishes), onShare);
  },

  /** A pose as it suits a sitter in a picture. */
  fit(
    profile: BodyProfile,
    shot: SoloShot,
    pose: Pose,
    wishes: MendWishes,
    onShare?: OnShare,
  ): Promise<Fitted | null> {
    return searched(
      profile,
      shot,
      (standIn) => fit(standIn, shot, pose, { ...wishes, alternatives: ALTERNATIVES }),
      onShare,
    );
  },

  /** The nearest pose of the house that suits a sitter where one does not; null as well where none does. */
  fitInstead(
    profile: BodyProfile,
    shot: SoloShot,
    pose: Pose,
    wishes: MendWishes,
    onShare?: OnShare,
  ): Promise<Fitted | null> {
    const search = (standIn: StandIn) =>
      fitInstead(standIn, shot, pose, 'fault', { ...wishes, alternatives: ALTERNATIVES });
    return searched(profile, shot, search, onShare);
  },
};
