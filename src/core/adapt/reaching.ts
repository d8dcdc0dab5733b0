import { staysShort, type Figure } from '../figure';
import { settingApplies, settingOf, SETTINGS, withSetting, type Pose, type SettingId } from '../pose';

/** One change that would bring everything within reach. */
export interface ReachingChange {
  id: SettingId;
  from: number;
  to: number;
  /** What would still be missing, metres; 0 where all is reached. */
  leftM: number;
}

/** What can bring a hand or a foot nearer, the least trouble first. */
const TRIED: readonly SettingId[] = [
  'hingeDeg',
  'twistLeftDeg',
  'bendLeftDeg',
  'leftShoulderForwardShare',
  'rightShoulderForwardShare',
  'seatDepthShare',
  'seatLeftShare',
  'feetAheadFeet',
  'heelSpacingShoulders',
  'leftKneeBendDeg',
  'rightKneeBendDeg',
  'chinDownDeg',
  'faceForwardCm',
];
const MOST_STEPS = 5;
/** Less than this is as good as reached, metres. */
const REACHED_M = 0.01;

function missingM({ unreached }: Figure): number {
  return unreached.filter(staysShort).reduce((s, u) => s + u.amount, 0);
}

/**
 * The smallest change of one setting, in comfortable steps, that brings what stays short within reach; where none
 * does, the one that brings it nearest. Undefined where nothing stays short or nothing helps.
 * @param figureOf the figure of a pose where it stands, among whoever is there.
 */
export function whatReaches(pose: Pose, figureOf: (pose: Pose) => Figure): ReachingChange | undefined {
  const before = missingM(figureOf(pose));
  if (before <= REACHED_M) return undefined;
  let best: ReachingChange | undefined;
  for (let steps = 1; steps <= MOST_STEPS; steps++) {
    for (const id of TRIED) {
      if (!settingApplies(pose, id)) continue;
      const { min, max, step } = SETTINGS[id];
      const from = settingOf(pose, id);
      for (const to of [from + steps * step, from - steps * step]) {
        if (to < min || to > max) continue;
        const leftM = missingM(figureOf(withSetting(pose, id, to)));
        if (leftM <= REACHED_M) return { id, from, to, leftM };
        if (leftM < (best?.leftM ?? before * 0.8)) best = { id, from, to, leftM };
      }
    }
  }
  return best;
}
