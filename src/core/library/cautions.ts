import { hasLimit, type BodyProfile } from '../body';
import { CARRIED, isOnFeet, isOnFloor, isOnSeat, settingOf, type Pose } from '../pose';
import { patchOf, placeSupport } from '../scene';

/** From here on it is asked whether a hand is wanted to get up, years (common practice). */
const OLDER_YEARS = 65;
/** Up to here somebody stands beside a high seat, years (from memory). */
const SMALL_YEARS = 12;
/** A seat from which feet do not stand flat, metres (from memory). */
const HIGH_SEAT_M = 0.58;
/** A back so hollow, or bent so far back, is held for seconds, degrees (from memory; a usual hollow is 10). */
const HOLLOW_DEG = 25;
const BENT_BACK_DEG = -15;
/** All but a foot's touch is on one leg, share of the weight (from memory). */
const ONE_LEG_SHARE = 0.06;

const isOnKnees = ({ support }: Pose) => CARRIED[support].on === 'knees';

/** Height of what one sits on, metres; 0 where one does not sit. */
function seatHeightM({ support, objects }: Pose): number {
  const seat = objects?.[0];
  if (!seat || !isOnSeat(support)) return 0;
  return patchOf(placeSupport(seat), 'seat')?.point[1] ?? 0;
}

type Caution = (pose: Pose, profile: BodyProfile) => boolean;

/** What a photographer minds before a pose is asked for, in the order in which it is said. */
const ROWS = {
  brakesOn: ({ objects }) => objects?.some((o) => o.kind === 'wheelchair') ?? false,
  standsFirm: ({ support, on, objects }) =>
    on === 'armrest' || (isOnSeat(support) && objects?.[0]?.kind === 'table'),
  besideHighSeat: (pose, { ageYears }) => ageYears < SMALL_YEARS && seatHeightM(pose) >= HIGH_SEAT_M,
  softUnderKnees: (pose) => isOnFloor(pose) && isOnKnees(pose),
  handToGetUp: (pose, profile) =>
    isOnFloor(pose) && (profile.ageYears >= OLDER_YEARS || hasLimit(profile, 'pregnant')),
  secondsOnly: (pose) =>
    settingOf(pose, 'lowerHollowDeg') >= HOLLOW_DEG ||
    (isOnFeet(pose.support) && settingOf(pose, 'hingeDeg') <= BENT_BACK_DEG),
  restOneLeg: (pose) => {
    const left = settingOf(pose, 'leftWeightShare');
    return isOnFeet(pose.support) && Math.min(left, 1 - left) <= ONE_LEG_SHARE;
  },
} as const satisfies Record<string, Caution>;
export type CautionId = keyof typeof ROWS;
export const CAUTION_IDS = Object.keys(ROWS) as CautionId[];

/** What is minded before a pose is asked of somebody. */
export function cautionsOf(pose: Pose, profile: BodyProfile): CautionId[] {
  return CAUTION_IDS.filter((id) => ROWS[id](pose, profile));
}
