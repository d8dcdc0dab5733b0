import {
  cameraFor,
  lightFor,
  mend,
  type CameraGoal,
  type CameraProposal,
  type LightGoal,
  type LightProposal,
  type MendResult,
  type MendWishes,
} from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { framedAsPlanned, type Planned } from '@/core/compose';
import type { Finding } from '@/core/review';
import type { Room } from '@/core/scene';
import type { Framing, Lens } from '@/core/set';
import type { SoloShot } from '@/core/shot';
import { onSet } from './standIns';

/** What is proposed for a shot at one go. */
export const ADAPTING = {
  /** Lens, distance and height that do what is wanted; null when no lens holds the framing in the room. */
  async cameraFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: CameraGoal,
    framing: Framing,
    room: Room,
    lenses: Lens[],
  ): Promise<CameraProposal | null> {
    return onSet(profile, shot, (standIn) => cameraFor(standIn, shot, goal, framing, room, lenses));
  },

  /** A planned picture of a sitter as it is taken in a room. */
  framedAsPlanned(
    profile: BodyProfile,
    start: SoloShot,
    planned: Planned,
    room: Room,
    lenses: Lens[],
  ): Promise<SoloShot> {
    return onSet(profile, start, (standIn) => framedAsPlanned(standIn, start, planned, room, lenses));
  },

  /** A place of the key that draws a wanted pattern; null when the room has none. */
  async lightFor(
    profile: BodyProfile,
    shot: SoloShot,
    goal: LightGoal,
    room: Room,
  ): Promise<LightProposal | null> {
    return onSet(profile, shot, (standIn) => lightFor(standIn, shot, goal, room));
  },

  /** Looks for the smallest change that clears a finding. */
  async mend(
    profile: BodyProfile,
    shot: SoloShot,
    finding: Finding,
    wishes: MendWishes,
  ): Promise<MendResult> {
    return onSet(profile, shot, (standIn) => mend(standIn, shot, finding, wishes));
  },
};
