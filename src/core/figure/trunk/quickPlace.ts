import { jointIndex, type JointName } from '../../body';
import { legModes } from '../../pose';
import { SIDES, type Vec3 } from '../../units';
import { standsFree } from '../carriage';
import { offsetsOf } from '../joints/frames';
import { addMass, addTurned, blend, times, timesX, timesY, timesZ, type Turn } from '../joints/turns';
import { quickLeg } from '../legs/quickLeg';
import type { Placed, Wishes } from './residuals';
import { headLocal, keptByHead, NECK_FOLLOWS, neckReachDeg, spineAngles, type TrunkState } from './trunk';

/*
 * The trunk and the legs of one who stands, placed for the search alone: what `placeTrunk` and `placeLegs` do, in flat
 * numbers, without a joint that bears no mass. A search places them some seventy times.
 */

const SPINE = ['spineLow', 'spineMid', 'spineHigh'] as const;
/** Joints of the trunk whose weight counts. */
const WEIGHED: readonly JointName[] = ['pelvis', ...SPINE, 'neck', 'head'];

/**
 * What the search asks of a trial: the centre of mass and the hips, for one who stands on both legs and reaches for
 * nothing. Null for anybody else.
 */
export function quickPlace(wishes: Wishes): ((state: TrunkState) => Placed) | null {
  const { carriage, goals, lump } = wishes;
  const { body, pose } = carriage;
  const modes = legModes(pose);
  const isPlain = standsFree(carriage) && !carriage.seat && goals.length === 0;
  const crosses = pose.crossed !== undefined && pose.crossed.how !== 'ankles';
  if (!isPlain || crosses || SIDES.some((side) => modes[side] !== 'stands')) return null;
  const { toJoint, toMass } = offsetsOf(body);
  const { massKg } = body.masses;
  const totalKg = body.masses.totalKg + lump.burdenKg;
  const [pelvisJ, lowJ, midJ, highJ, neckJ, headJ] = WEIGHED.map(jointIndex) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const local = headLocal(pose);
  const [reachDeg, keeps] = [neckReachDeg(body, pose), keptByHead(pose)];
  const legs = {
    left: quickLeg(carriage, 'left', wishes.feet.left),
    right: quickLeg(carriage, 'right', wishes.feet.right),
  };
  const hipOffset = {
    left: toJoint[jointIndex('left:thigh')]!,
    right: toJoint[jointIndex('right:thigh')]!,
  };
  const [q, upright, head, neck] = [0, 1, 2, 3].map(() => new Float64Array(4)) as [Turn, Turn, Turn, Turn];
  const pelvis = new Float64Array(4);

  return (state) => {
    const { rollDeg, pitchDeg, vertebrae } = spineAngles(carriage, state);
    const sum: Vec3 = [0, 0, 0];
    const at: Vec3 = [...state.pelvis];
    q.set(carriage.base);
    timesZ(q, rollDeg);
    timesX(q, pitchDeg);
    pelvis.set(q);
    addMass(sum, at, toMass[pelvisJ]!, q, massKg[pelvisJ]!);
    for (let k = 0; k < 3; k++) {
      const j = k === 0 ? lowJ : k === 1 ? midJ : highJ;
      addTurned(at, toJoint[j]!, q);
      const { sideDeg, twistDeg, forwardDeg } = vertebrae[k]!;
      timesZ(q, sideDeg);
      timesY(q, twistDeg);
      timesX(q, forwardDeg);
      addMass(sum, at, toMass[j]!, q, massKg[j]!);
    }
    addMass(sum, at, lump.offset, q, lump.massKg);
    const half = Math.atan2(2 * (q[0]! * q[2]! + q[3]! * q[1]!), 1 - 2 * (q[0]! ** 2 + q[1]! ** 2)) / 2;
    upright.set([0, Math.sin(half), 0, Math.cos(half)]);
    blend(head, upright, q, keeps);
    times(head, local);
    blend(neck, q, head, NECK_FOLLOWS);
    timesX(neck, reachDeg);
    addTurned(at, toJoint[neckJ]!, q);
    addMass(sum, at, toMass[neckJ]!, neck, massKg[neckJ]!);
    addTurned(at, toJoint[headJ]!, neck);
    addMass(sum, at, toMass[headJ]!, head, massKg[headJ]!);
    const hips = { left: [...state.pelvis] as Vec3, right: [...state.pelvis] as Vec3 };
    for (const side of SIDES) {
      addTurned(hips[side], hipOffset[side], pelvis);
      legs[side](sum, hips[side], pelvis);
    }
    return { com: [sum[0] / totalKg, sum[1] / totalKg, sum[2] / totalKg], hips };
  };
}
