import { settingOf, sided } from '../../pose';
import { type Side, type Vec3 } from '../../units';
import { anchorOf } from './anchor';
import { sitsFree, standsFree, type Carriage } from '../carriage';
import { bonesM } from '../joints/frames';
import { balanceTarget } from './mass';
import type { ReachGoal } from './reach';
import type { Foot } from '../legs/stance';
import { HEAD_AS_SAID, type TrunkState } from './trunk';
import { reachAtBendM } from '../joints/twoBone';

/** Weights of the search, per metre or per degree; see the residuals below. */
export const BALANCE_PER_M = 600;

/** Differencing steps: metres for the pelvis, degrees for the angles. */
export const STEPS = [1e-6, 1e-6, 1e-6, ...Array.from({ length: 13 }, () => 1e-4)];

/** Gain below which the search has settled: so little that mirrored poses agree to a tenth of a millimetre. */
export const ENOUGH = 2e-5;

/** The state as the search sees it: pelvis (3), roll, leans (2), bow, twist, collarbones left (2) and right (2), head (4). */
export function toUnknowns({ pelvis, girdle, head, ...s }: TrunkState): number[] {
  return [
    ...pelvis,
    s.rollDeg,
    s.leanLeftDeg,
    s.leanForwardDeg,
    s.bowDeg,
    s.twistLeftDeg,
    girdle.left.raisedDeg,
    girdle.left.forwardDeg,
    girdle.right.raisedDeg,
    girdle.right.forwardDeg,
    head.turnLeftDeg,
    head.tiltLeftDeg,
    head.chinDownDeg,
    head.forwardCm,
  ];
}

export function fromUnknowns(x: readonly number[], tuckDeg: number): TrunkState {
  return {
    tuckDeg,
    pelvis: [x[0]!, x[1]!, x[2]!],
    rollDeg: x[3]!,
    leanLeftDeg: x[4]!,
    leanForwardDeg: x[5]!,
    bowDeg: x[6]!,
    twistLeftDeg: x[7]!,
    girdle: {
      left: { raisedDeg: x[8]!, forwardDeg: x[9]! },
      right: { raisedDeg: x[10]!, forwardDeg: x[11]! },
    },
    head: { turnLeftDeg: x[12]!, tiltLeftDeg: x[13]!, chinDownDeg: x[14]!, forwardCm: x[15]! },
  };
}

const PELVIS = [0, 1, 2];

const LEAN_AHEAD = 5;

const BALANCE = [...PELVIS, 3, 4, LEAN_AHEAD];

const TRUNK = [4, 5, 6, 7, 8, 9, 10, 11];
/** Those of the head, which gives way for nothing but somebody else's. */
export const HEAD = [12, 13, 14, 15];

/** Which unknowns may move: the pelvis of one who stands, the trunk of one who reaches for something. */
export function unknownsOf(carriage: Carriage, goals: readonly ReachGoal[]): number[] {
  const standing = standsFree(carriage);
  if (goals.length === 0) return standing ? BALANCE : sitsFree(carriage) ? [LEAN_AHEAD] : [];
  return standing ? [...PELVIS, 3, ...TRUNK] : TRUNK;
}

function stateAt(pelvis: Vec3): TrunkState {
  const still = { raisedDeg: 0, forwardDeg: 0 };
  return {
    pelvis,
    rollDeg: 0,
    leanLeftDeg: 0,
    leanForwardDeg: 0,
    tuckDeg: 0,
    bowDeg: 0,
    twistLeftDeg: 0,
    girdle: { left: { ...still }, right: { ...still } },
    head: { ...HEAD_AS_SAID },
  };
}

/** First guess: the pelvis where it sits or lies; standing, over the balance target as high as the loaded leg allows. */
export function firstState(carriage: Carriage, feet: Record<Side, Foot>): TrunkState {
  const { body, pose } = carriage;
  if (!standsFree(carriage)) return stateAt(anchorOf(carriage).pelvis);
  const target = balanceTarget(pose, feet);
  const loaded: Side = settingOf(pose, 'leftWeightShare') >= 0.5 ? 'left' : 'right';
  const reach = reachAtBendM(...bonesM(body, 'leg', loaded), settingOf(pose, sided(loaded, 'KneeBendDeg')));
  const foot = feet[loaded].ankle;
  const flat = Math.hypot(target[0] - foot[0], target[2] - foot[2]);
  const y = foot[1] + Math.sqrt(Math.max(0.05, reach ** 2 - Math.min(flat, reach * 0.9) ** 2));
  return stateAt([target[0], y, target[2]]);
}
