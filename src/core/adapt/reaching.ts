import { staysShort, type Figure } from '../figure';
import {
  contactOf,
  settingApplies,
  settingOf,
  SETTINGS,
  withSetting,
  withTouch,
  type Contact,
  type Pose,
  type SettingId,
} from '../pose';
import { nearerContacts } from './nearerPlaces';

/** One change that would bring everything within reach: of a setting, or of where a hand is laid. */
export type ReachingChange = {
  /** What would still be missing, metres; 0 where all is reached. */
  leftM: number;
} & (
  { kind: 'setting'; id: SettingId; from: number; to: number } | { kind: 'place'; from: Contact; to: Contact }
);

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

type FigureOf = (pose: Pose) => Figure;
type SettingChange = Extract<ReachingChange, { kind: 'setting' }>;

/** The smallest change of one setting that reaches; where none does, the one that comes nearest. */
function bySetting(pose: Pose, before: number, figureOf: FigureOf): SettingChange | undefined {
  let best: SettingChange | undefined;
  for (let steps = 1; steps <= MOST_STEPS; steps++) {
    for (const id of TRIED) {
      if (!settingApplies(pose, id)) continue;
      const { min, max, step } = SETTINGS[id];
      const from = settingOf(pose, id);
      for (const to of [from + steps * step, from - steps * step]) {
        if (to < min || to > max) continue;
        const leftM = missingM(figureOf(withSetting(pose, id, to)));
        if (leftM <= REACHED_M) return { kind: 'setting', id, from, to, leftM };
        if (leftM < (best?.leftM ?? before * 0.8)) best = { kind: 'setting', id, from, to, leftM };
      }
    }
  }
  return best;
}

/** The first other place, the next nearest first, at which a hand that stays short is laid so that all is reached. */
function byPlace(pose: Pose, short: Figure, figureOf: FigureOf): ReachingChange | undefined {
  for (const { id, side } of short.unreached) {
    const from = id === 'hand' && side ? contactOf(pose, side) : undefined;
    for (const to of from ? nearerContacts(from) : []) {
      const leftM = missingM(figureOf(withTouch(pose, to)));
      if (leftM <= REACHED_M) return { kind: 'place', from: from!, to, leftM };
    }
  }
  return undefined;
}

/**
 * The smallest change of one setting, in comfortable steps, that brings what stays short within reach; where none
 * does, the nearest place at which the hand would be; where there is none, the setting that brings it nearest.
 * Undefined where nothing stays short or nothing helps.
 * @param figureOf the figure of a pose where it stands, among whoever is there.
 */
export function whatReaches(pose: Pose, figureOf: FigureOf): ReachingChange | undefined {
  const short = figureOf(pose);
  const before = missingM(short);
  if (before <= REACHED_M) return undefined;
  const setting = bySetting(pose, before, figureOf);
  if (setting && setting.leftM <= REACHED_M) return setting;
  return byPlace(pose, short, figureOf) ?? setting;
}
