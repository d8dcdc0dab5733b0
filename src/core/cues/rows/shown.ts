import {
  contactOf,
  limbContact,
  settingApplies,
  settingOf,
  sided,
  SETTINGS,
  type MidlineId,
  type PairedName,
  type SettingId,
} from '../../pose';
import { SIDES, turnBetweenDeg, type Side } from '../../units';
import type { Sentence } from '../sentence';
import { FACES_DEG, isWorthSaying, settingsOf, type Between } from './between';
import type { ShownId } from './ids';

/** What the photographer's hand shows: it goes where it is wanted to the degree. */
const SHOWN: Record<ShownId, { settings: readonly (MidlineId | PairedName)[]; side: boolean }> = {
  bodyToHand: { settings: ['hipsTurnLeftDeg'], side: false },
  bodyToMe: { settings: ['hipsTurnLeftDeg'], side: false },
  shouldersToHand: { settings: ['twistLeftDeg'], side: false },
  shouldersToMe: { settings: ['twistLeftDeg'], side: false },
  shouldersOverHips: { settings: ['twistLeftDeg'], side: false },
  leanToHand: { settings: ['hingeDeg'], side: false },
  alongToHand: { settings: ['seatLeftShare'], side: false },
  noseToHand: { settings: ['headTurnLeftDeg', 'chinDownDeg'], side: false },
  noseToMe: { settings: ['headTurnLeftDeg'], side: false },
  armAsMine: { settings: ['ArmForwardDeg', 'ArmOutDeg', 'ElbowBendDeg'], side: true },
  elbowToHand: { settings: ['ElbowSwivelDeg'], side: true },
  kneeToHand: { settings: ['KneeInDeg', 'LegOutDeg', 'LegForwardDeg', 'KneeBendDeg'], side: true },
};

/** The face looks at the lens within this, degrees: nobody is asked for less (own estimate of what is seen). */
const AT_LENS_DEG = 5;
/** Shoulders come back to the photographer where they end nearer to the lens than this, degrees. */
const BACK_TO_ME_DEG = 24;

/** Whether a direction can be said of a pose in these words. */
function fits(id: ShownId, { to, lensDeg }: Between): boolean {
  const hips = settingOf(to, 'hipsTurnLeftDeg');
  const twist = settingOf(to, 'twistLeftDeg');
  const off = (deg: number) => Math.abs(turnBetweenDeg(lensDeg, deg));
  switch (id) {
    case 'bodyToMe':
      return off(hips) <= FACES_DEG;
    case 'bodyToHand':
      return off(hips) > FACES_DEG;
    case 'shouldersOverHips':
      return Math.abs(twist) < SETTINGS.twistLeftDeg.step / 2;
    case 'shouldersToMe':
      return Math.abs(twist) >= 4 && off(hips + twist) < Math.min(off(hips), BACK_TO_ME_DEG);
    case 'noseToMe':
      return off(hips + twist + settingOf(to, 'headTurnLeftDeg')) <= AT_LENS_DEG;
    case 'leanToHand':
      return settingOf(to, 'hingeDeg') > 10;
    default:
      return true;
  }
}

function shown(id: ShownId, side: Side | null, between: Between): Sentence | null {
  const { to } = between;
  const { settings: names } = SHOWN[id];
  const ids = names
    .map((name) => (side ? sided(side, name as PairedName) : (name as SettingId)))
    .filter((setting) => settingApplies(to, setting));
  if (ids.length === 0) return null;
  const settings = settingsOf(to, ids);
  if (!isWorthSaying(between, settings)) return null;
  // an arm that is held as another shows it lies on nothing
  const isArm = id === 'armAsMine' && side;
  const keys = isArm ? [...ids, `${side}:hand`, `${side}:elbow`] : ids;
  const tells = isArm ? { settings, hangs: [side] } : { settings };
  return { id, station: SETTINGS[ids[0]!].station, side, keys, tells, isDue: false };
}

/** Everything that can be shown by hand, and what needs no hand because it turns to the lens or straight. */
export function shownSentences(between: Between): Sentence[] {
  const { to } = between;
  const isFree = (side: Side) => !contactOf(to, side) && !limbContact(to, side, 'elbow');
  return (Object.keys(SHOWN) as ShownId[]).flatMap((id) => {
    const sides: readonly (Side | null)[] = SHOWN[id].side ? SIDES : [null];
    return sides.flatMap((side) => {
      if (!fits(id, between) || (id === 'armAsMine' && side && !isFree(side))) return [];
      return shown(id, side, between) ?? [];
    });
  });
}
