import type { Sight } from '../../picture';
import type { MendVariable } from '../../review';
import { SIDES } from '../../units';
import { bothSides, settings } from '../variables';
import {
  breadthTaken,
  curve,
  drawnLegs,
  drawnStature,
  faceUnrest,
  shareSeen,
  waistBreadth,
  type Feature,
  type Gauge,
} from './gauges';

/** What the picture is to do for the sitter. */
export interface Goal {
  unit: string;
  /** Whether more of what is measured is better. */
  isMore: boolean;
  /** A gain of less than this share of what there was is not seen (from memory). */
  leastGain: number;
  measure(sight: Sight): Gauge | null;
  /** What may be changed for it. */
  variables: readonly MendVariable[];
}

/** The body turned under a head that stays. */
const TURNED: MendVariable = { on: 'pose', id: 'hipsTurnLeftDeg', holds: 'headTurnLeftDeg' };
const ROUND: MendVariable = { on: 'camera', name: 'arcDeg' };
const HEIGHT: MendVariable = { on: 'camera', name: 'heightM' };

/** Of what is drawn by places of the body. */
const LEAST_DRAWN = 0.015;

const GOALS = {
  slimmer: {
    unit: 'faces broad',
    isMore: false,
    leastGain: LEAST_DRAWN,
    measure: waistBreadth,
    variables: [
      TURNED,
      ROUND,
      HEIGHT,
      ...settings('twistLeftDeg', 'leftWeightShare', 'hipsForwardCm', 'hingeDeg'),
      ...bothSides('ArmOutDeg', 'ElbowBendDeg'),
    ],
  },
  taller: {
    unit: 'faces high',
    isMore: true,
    leastGain: LEAST_DRAWN,
    measure: drawnStature,
    variables: [
      HEIGHT,
      ...settings('drawnUpShare', 'hingeDeg', 'leanForwardDeg', 'upperCurveDeg', 'heelSpacingShoulders'),
      ...bothSides('KneeBendDeg', 'HeelLiftShare'),
    ],
  },
  longerLegs: {
    unit: 'faces long',
    isMore: true,
    leastGain: LEAST_DRAWN,
    measure: drawnLegs,
    variables: [
      HEIGHT,
      TURNED,
      { on: 'seat', name: 'turnLeftDeg' },
      ...settings('feetAheadFeet', 'leftAheadFeet', 'leftWeightShare', 'seatDepthShare', 'hipsForwardCm'),
      ...bothSides('KneeBendDeg', 'HeelLiftShare', 'FootPointedDeg', 'LegForwardDeg'),
    ],
  },
  presence: {
    unit: 'faces broad',
    isMore: true,
    leastGain: LEAST_DRAWN,
    measure: breadthTaken,
    variables: [
      TURNED,
      ROUND,
      ...settings('heelSpacingShoulders', 'twistLeftDeg', 'drawnUpShare'),
      ...bothSides('ArmOutDeg', 'ElbowBendDeg', 'KneeInDeg', 'FootOutDeg'),
    ],
  },
  softer: {
    unit: '° of curve',
    isMore: true,
    leastGain: LEAST_DRAWN,
    measure: curve,
    variables: settings(
      'headTiltLeftDeg',
      'hipsLeftUpDeg',
      'shouldersLeftUpDeg',
      'leftWeightShare',
      'hipsShiftLeftShare',
      'bendLeftDeg',
    ),
  },
  calmFace: {
    unit: '° from rest',
    isMore: false,
    leastGain: LEAST_DRAWN,
    measure: faceUnrest,
    variables: [HEIGHT, ...settings('chinDownDeg', 'headTiltLeftDeg', 'headTurnLeftDeg')],
  },
} as const satisfies Record<string, Goal>;
export type GoalId = keyof typeof GOALS;
export const GOAL_IDS = Object.keys(GOALS) as GoalId[];

/** What is wished of a picture: one of the goals, or something of the sitter shown or hidden. */
export type Wish = { goal: GoalId } | { goal: 'show' | 'hide'; feature: Feature };

/** Whatever may bring a part of the body into view or out of it. */
const ANYTHING: readonly MendVariable[] = [
  TURNED,
  ROUND,
  HEIGHT,
  ...settings(
    'twistLeftDeg',
    'headTurnLeftDeg',
    'headTiltLeftDeg',
    'chinDownDeg',
    'hingeDeg',
    'leftWeightShare',
  ),
  ...bothSides(
    'ArmForwardDeg',
    'ArmOutDeg',
    'ElbowBendDeg',
    'ForearmTurnDeg',
    'WristBendDeg',
    'KneeInDeg',
    'KneeBendDeg',
    'FootOutDeg',
  ),
  ...SIDES.map((side): MendVariable => ({
    on: 'handPlace',
    side,
    among: ['frontPocket', 'hipCrest', 'thighTop', 'waistFront', 'waistBack', null],
  })),
];

/** The row of a wish. */
export function goalOf(wish: Wish): Goal {
  if (wish.goal !== 'show' && wish.goal !== 'hide') return GOALS[wish.goal];
  const { feature } = wish;
  return {
    unit: '% of the figure',
    isMore: wish.goal === 'show',
    // pixels of one part come and go with those of all the others
    leastGain: 0.1,
    measure: (sight) => shareSeen(sight, feature),
    variables: ANYTHING,
  };
}
