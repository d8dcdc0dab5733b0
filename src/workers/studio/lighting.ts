import type { BodyProfile } from '@/core/body';
import {
  readMeter,
  seeBodyLight,
  seeLight,
  type BodyLight,
  type LightReading,
  type Meter,
  type MeterReading,
} from '@/core/picture';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { onSet } from './standIns';

/** What the light of a shot does. */
export const LIGHTING = {
  /** What the light does to the face and along the body. */
  async light(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<LightReading> {
    return onSet(profile, shot, (standIn) => seeLight(standIn, shot, ground));
  },

  /** What the light does to body, outline and background. */
  async bodyLight(profile: BodyProfile, shot: SoloShot, ground: Ground): Promise<BodyLight> {
    return onSet(profile, shot, (standIn) => seeBodyLight(standIn, shot, ground));
  },

  /** What a light meter reads at a place of the set. */
  async meter(profile: BodyProfile, shot: SoloShot, ground: Ground, meter: Meter): Promise<MeterReading> {
    return onSet(profile, shot, (standIn) => readMeter(standIn, shot, ground, meter));
  },
};
