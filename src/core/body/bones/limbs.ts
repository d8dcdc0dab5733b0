import { SIDES, type Side } from '../../units';
import type { BodyProfile, Limb } from '../said/profile';
import type { Lengths } from './proportions';
import { jointIndex, JOINTS, type JointName } from './skeleton';

/** Where the limbs of one sitter end, metres along the straight limb from shoulder or hip; Infinity for a whole limb. */
export interface LimbEnds {
  arm: Record<Side, number>;
  leg: Record<Side, number>;
}

export const WHOLE_LIMBS: LimbEnds = {
  arm: { left: Infinity, right: Infinity },
  leg: { left: Infinity, right: Infinity },
};

/** Limb ends of a profile on its lengths. */
export function limbEndsOf(lengths: Lengths, limbEnds: BodyProfile['limbEnds']): LimbEnds {
  if (!limbEnds) return WHOLE_LIMBS;
  const endM = (limb: Limb, wholeM: number) => {
    const share = limbEnds[limb];
    return share === undefined ? Infinity : share * wholeM;
  };
  const [armM, legM] = [lengths.upperArmM + lengths.forearmM, lengths.thighM + lengths.shankM];
  return {
    arm: { left: endM('leftArm', armM), right: endM('rightArm', armM) },
    leg: { left: endM('leftLeg', legM), right: endM('rightLeg', legM) },
  };
}

/** Sides on which a limb goes on past a place along it. */
export function sidesPast(ends: Record<Side, number>, alongM: number): Side[] {
  return SIDES.filter((side) => alongM <= ends[side]);
}

/** Groups sides on which a limb is the same, so that a pair is meshed once. */
export function sidesByEnd(ends: Record<Side, number>): [toM: number, sides: Side[]][] {
  return ends.left === ends.right
    ? [[ends.left, [...SIDES]]]
    : SIDES.map((side): [number, Side[]] => [ends[side], [side]]);
}

/** Least length that a shorter limb is modelled with, as a share of the other. */
const LEAST_SHARE = 0.35;

const BONES = {
  Arm: ['upperArm', 'elbow', 'forearm', 'forearmTwist'],
  Leg: ['thigh', 'knee', 'shank'],
} as const;

/**
 * Length of the bone that each joint carries as a share of the one in the bind pose, in the order of JOINTS: less than
 * one along a limb that is shorter than the other. The bind pose keeps both sides alike; the pose draws them short.
 */
export function boneSharesOf(lengths: Lengths, shorterM: BodyProfile['limbsShorterM']): Float64Array {
  const shares = new Float64Array(JOINTS.length).fill(1);
  for (const side of SIDES)
    for (const limb of ['Arm', 'Leg'] as const) {
      const lessM = shorterM?.[`${side}${limb}`];
      if (lessM === undefined) continue;
      const wholeM = limb === 'Arm' ? lengths.upperArmM + lengths.forearmM : lengths.thighM + lengths.shankM;
      const share = Math.max(LEAST_SHARE, 1 - lessM / wholeM);
      for (const bone of BONES[limb]) shares[jointIndex(`${side}:${bone}` satisfies JointName)] = share;
    }
  return shares;
}
