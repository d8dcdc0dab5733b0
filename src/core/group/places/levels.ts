import { hasLimit, motionRange, standingMinutes, type BodyProfile } from '../../body';
import { IN_A_ROW, type RowCarriage } from '../../library';
import type { Pose } from '../../pose';

/** Everything about one height at which a row of a group can be. */
interface Level {
  carriage: RowCarriage;
  /** Height of the box under those of the row, metres. */
  boxM: number;
  /** To the toes of one who is at it, and to the next row behind it, metres. */
  aheadM: number;
  behindM: number;
  /** What it asks of somebody: 0 is easy; null where it is not done. */
  strain(profile: BodyProfile): number | null;
}

/** Sitting down on the floor and getting up again bends the knees about so far, degrees (from memory). */
const FLOOR_DEG = 120;
/** From this age on nobody is put on a box, and few on the floor, years (common practice). */
const NOT_ON_A_BOX_YEARS = 65;
const NOT_ON_THE_FLOOR_YEARS = 60;
/** Younger than this, nobody stands on a box unheld, years (common practice). */
const BOX_YEARS = 8;
/** Those who stand for less than this are given a seat where there is one, minutes (common practice). */
const STANDS_WELL_MIN = 10;

/** Older people stand less gladly: 1 at seventy-five. */
function strainOfStanding(profile: BodyProfile): number {
  const short = standingMinutes(profile) < STANDS_WELL_MIN ? 1 : 0;
  return short + Math.max(0, profile.ageYears - 55) / 20;
}

/** Heights of rows, the lowest first. Distances are common practice: knees and feet of the seated need most room. */
export const LEVELS = {
  floor: {
    carriage: 'onTheFloor',
    boxM: 0,
    aheadM: 0.65,
    behindM: 0.95,
    strain: (profile) => {
      const bends = motionRange(profile, 'kneeFlexion').limitDeg >= FLOOR_DEG;
      if (!bends || hasLimit(profile, 'pregnant') || hasLimit(profile, 'usesWheelchair')) return null;
      if (profile.ageYears >= NOT_ON_THE_FLOOR_YEARS) return null;
      return profile.ageYears < 14 ? 0 : 0.1 + Math.max(0, profile.ageYears - 30) / 30;
    },
  },
  seat: {
    carriage: 'seated',
    boxM: 0,
    aheadM: 0.85,
    behindM: 0.58,
    strain: ({ ageYears }) => (ageYears < 8 ? 0.3 : 0),
  },
  standing: {
    carriage: 'standing',
    boxM: 0,
    aheadM: 0.3,
    behindM: 0.55,
    strain: (profile) => (hasLimit(profile, 'usesWheelchair') ? null : strainOfStanding(profile)),
  },
  box: {
    carriage: 'standing',
    boxM: 0.25,
    aheadM: 0.3,
    behindM: 0.55,
    strain: (profile) => {
      const { ageYears } = profile;
      const isUnsteady = ageYears >= NOT_ON_A_BOX_YEARS || ageYears < BOX_YEARS;
      if (isUnsteady || hasLimit(profile, 'pregnant') || hasLimit(profile, 'usesWheelchair')) return null;
      return standingMinutes(profile) < STANDS_WELL_MIN ? null : 0.2 + strainOfStanding(profile);
    },
  },
} as const satisfies Record<string, Level>;
export type LevelId = keyof typeof LEVELS;

/** The pose of one of a row, before it is mirrored for those on the other side of the middle. */
export function poseAt(level: LevelId, isOwnSeat: boolean): Pose {
  return IN_A_ROW[isOwnSeat ? 'inOwnChair' : LEVELS[level].carriage];
}
