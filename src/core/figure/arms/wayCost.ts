import type { Contact } from '../../pose';
import type { WristAngles } from './forearm';

/** Cost of an angle past its comfortable range, in squared tens of degrees. */
function strain(value: number, low: number, high: number): number {
  const over = value > high ? value - high : value < low ? low - value : 0;
  return (over / 10) ** 2;
}

/** Elbow and wrist go further than this only where nothing else reaches: a way round costs much more, degrees. */
const WANTED_ELBOW_DEG = 146;
const PAST_LIMIT = 25;
/** From here on a bent elbow is felt, degrees. */
const EASY_ELBOW_DEG = 132;

/** What a hand does at the end of the arm: one who bears weight on it bends the wrist back further. */
const WRISTS = {
  easy: { easyBackDeg: -38, mostDeg: 60, bent: 1 },
  bearing: { easyBackDeg: -78, mostDeg: 80, bent: 0.2 },
} as const;
type Wrist = (typeof WRISTS)[keyof typeof WRISTS];

export function wristOf({ kind }: Contact): Wrist {
  return WRISTS[kind === 'lean' ? 'bearing' : 'easy'];
}

/** Cost of an elbow bent so far, and of what stays short. */
export function reachCost(elbowDeg: number, gapM: number): number {
  return (
    strain(elbowDeg, 0, EASY_ELBOW_DEG) +
    strain(elbowDeg, 0, WANTED_ELBOW_DEG) * PAST_LIMIT +
    (gapM / 0.01) ** 2
  );
}

/** Cost of fingers turned so far from their custom; where there is none, none. */
export function fingerCost(deg: number, isFree: boolean): number {
  return isFree ? 0 : (deg / 40) ** 2 * 0.5;
}

/** Cost of a wrist and of a turned forearm. */
export function wristCost(wrist: Wrist, { bendDeg, sidewaysDeg, turnDeg }: WristAngles): number {
  return (
    strain(bendDeg, wrist.easyBackDeg, 38) +
    strain(sidewaysDeg, -12, 20) +
    strain(turnDeg, -55, 55) * 1.2 +
    strain(bendDeg, -wrist.mostDeg, wrist.mostDeg) * PAST_LIMIT +
    (bendDeg / 60) ** 2 * wrist.bent +
    (sidewaysDeg / 30) ** 2 +
    (turnDeg / 90) ** 2
  );
}

/** How firmly an elbow keeps to its easy swivel when nothing is said of it, and to one that was said. */
const EASY_SWIVEL = 0.6;
const SAID_SWIVEL = 3;

/** Weight of the squared way from the easy swivel, by the swivel that was asked for, degrees. */
export function swivelWeight(askedDeg: number): number {
  return EASY_SWIVEL + (SAID_SWIVEL - EASY_SWIVEL) * Math.min(1, Math.abs(askedDeg) / 16);
}

/** An elbow is let hang: what is less than this far below the shoulder costs, metres. */
const LOW_ELBOW_M = 0.16;
const LIFTED_ELBOW = 0.35;

/** Cost of an elbow that is held up. */
export function liftCost(aboveShoulderM: number): number {
  return LIFTED_ELBOW * (Math.max(0, aboveShoulderM + LOW_ELBOW_M) / 0.1) ** 2;
}

/** Cost of an arm that runs so far into something. */
export function intrusionCost(intoM: number): number {
  return (intoM / 0.01) ** 2;
}
