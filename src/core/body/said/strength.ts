import { clamp } from '../../units';
import type { StrengthClass } from './motion';
import type { BodyProfile } from './profile';

/** Joints whose muscles hold a pose up. */
export const HELD_JOINTS = {
  neck: { words: 'neck', momentNm: 45 },
  lowerBack: { words: 'lower back', momentNm: 230 },
  leftShoulder: { words: 'left shoulder', momentNm: 65 },
  rightShoulder: { words: 'right shoulder', momentNm: 65 },
  leftElbow: { words: 'left elbow', momentNm: 62 },
  rightElbow: { words: 'right elbow', momentNm: 62 },
  leftHip: { words: 'left hip', momentNm: 190 },
  rightHip: { words: 'right hip', momentNm: 190 },
  leftKnee: { words: 'left knee', momentNm: 200 },
  rightKnee: { words: 'right knee', momentNm: 200 },
  leftAnkle: { words: 'left ankle', momentNm: 140 },
  rightAnkle: { words: 'right ankle', momentNm: 140 },
} as const;
// Greatest moments of an average adult of 75 kg and 1.75 m (from memory; textbooks give ranges of a third either way).
export type HeldJoint = keyof typeof HELD_JOINTS;
export const HELD_JOINT_NAMES = Object.keys(HELD_JOINTS) as HeldJoint[];

const CLASS_FACTOR: Record<StrengthClass, number> = { slight: 0.7, average: 1, strong: 1.35 };

/** Strength falls by about this share a year after forty (from memory). */
const LOSS_PER_YEAR = 0.009;
const LEAN_KG_PER_M2 = 24.5;

/**
 * Greatest moment that a joint of this sitter can hold, newton metres: the average adult's by lean mass times
 * stature, class of strength and age.
 */
export function greatestMomentNm(profile: BodyProfile, joint: HeldJoint): number {
  const { statureM, massKg, ageYears, strength = 'average' } = profile;
  // what is beyond a lean body is carried, it does not carry
  const leanKg = Math.min(massKg, LEAN_KG_PER_M2 * statureM * statureM);
  const size = (leanKg * statureM) / (75 * 1.75);
  const age = clamp(1 - LOSS_PER_YEAR * Math.max(0, ageYears - 40), 0.5, 1);
  return HELD_JOINTS[joint].momentNm * size * age * CLASS_FACTOR[strength];
}

/** Below this share of the greatest moment a pose can be held for long (Rohmert 1960). */
export const TIRELESS_SHARE = 0.15;

/**
 * How long a share of the greatest strength can be held, seconds: Rohmert (1960),
 * T = -90 + 126/f - 36/f² + 6/f³ for 0.15 < f <= 1; without end below, nothing above.
 */
export function holdS(share: number): number {
  if (share <= TIRELESS_SHARE) return Infinity;
  if (share > 1) return 0;
  return -90 + 126 / share - 36 / share ** 2 + 6 / share ** 3;
}
