import { mirrorName, radians, sideSign, SIDES, type Side, type Vec3 } from '../../units';
import { BIND_ARM_DEG, BIND_LEG_DEG, heightsOf, type Lengths } from './proportions';

export const FINGERS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
export type Finger = (typeof FINGERS)[number];

/** Finger joints from the palm outwards. */
export const PHALANGES = ['base', 'mid', 'end'] as const;
export type Phalanx = (typeof PHALANGES)[number];

type MidlineJoint = 'pelvis' | 'spineLow' | 'spineMid' | 'spineHigh' | 'neck' | 'head';
export type SideJoint =
  | 'eye'
  | 'clavicle'
  | 'upperArm'
  | 'elbow'
  | 'forearm'
  | 'forearmTwist'
  | 'hand'
  | 'thigh'
  | 'knee'
  | 'shank'
  | 'foot'
  | 'toes'
  | `${Finger}-${Phalanx}`;
export type JointName = MidlineJoint | `${Side}:${SideJoint}`;

/** Joints in an order in which every parent stands before its children. */
export const JOINTS: readonly JointName[] = [
  'pelvis',
  'spineLow',
  'spineMid',
  'spineHigh',
  'neck',
  'head',
  ...SIDES.flatMap((s): JointName[] => [
    `${s}:eye`,
    `${s}:clavicle`,
    `${s}:upperArm`,
    `${s}:elbow`,
    `${s}:forearm`,
    `${s}:forearmTwist`,
    `${s}:hand`,
    ...FINGERS.flatMap((f) => PHALANGES.map((p): JointName => `${s}:${f}-${p}`)),
    `${s}:thigh`,
    `${s}:knee`,
    `${s}:shank`,
    `${s}:foot`,
    `${s}:toes`,
  ]),
];

const INDEX = new Map(JOINTS.map((name, i) => [name, i]));

/** Index of a joint in every per-joint array. */
export function jointIndex(name: JointName): number {
  return INDEX.get(name)!;
}

const ON_SIDE = new Map(
  JOINTS.flatMap((name) => {
    const [side, joint] = name.split(':');
    return side === 'left' ? [[joint as SideJoint, { left: name, right: mirrorName(name) }] as const] : [];
  }),
);

/** A joint of one side by its name, without putting it together anew. */
export function jointOn(side: Side, joint: SideJoint): JointName {
  return ON_SIDE.get(joint)![side];
}

/** Index of the same joint on the other side. */
export const MIRRORED_JOINTS: readonly number[] = JOINTS.map((name) => jointIndex(mirrorName(name)));

/** Heights of the trunk's joints as fractions of stature; the vertebral levels are named beside them. */
export const TRUNK_HEIGHTS = {
  pelvis: 0.53, // hip joints
  spineLow: 0.578, // L5 on S1
  spineMid: 0.648, // L1 on T12
  spineHigh: 0.725, // T8
  neck: 0.84, // C7
  head: 0.888, // atlas
} as const;

/** Directions of the straight limbs in the bind pose, pointing away from the trunk. */
export function bindArmDirection(side: Side): Vec3 {
  const a = radians(BIND_ARM_DEG);
  return [sideSign(side) * Math.sin(a), -Math.cos(a), 0];
}
export function bindLegDirection(side: Side): Vec3 {
  const a = radians(BIND_LEG_DEG);
  return [sideSign(side) * Math.sin(a), -Math.cos(a), 0];
}

/**
 * Hand data in hand lengths; y runs from the fingertips (-1) to the wrist (0), x from palm (-) to back (+),
 * z towards the thumb, for a left hand hanging with the palm at the thigh.
 */
export const HAND_SHAPE = {
  fingers: {
    index: { knuckle: [0.008, -0.468, 0.132], lengthShare: 0.46, spreadDeg: 5.5, radius: 0.043 },
    middle: { knuckle: [0.018, -0.49, 0.045], lengthShare: 0.51, spreadDeg: 0.8, radius: 0.0445 },
    ring: { knuckle: [0.013, -0.468, -0.043], lengthShare: 0.475, spreadDeg: -4.5, radius: 0.042 },
    little: { knuckle: [0.0, -0.43, -0.125], lengthShare: 0.375, spreadDeg: -11, radius: 0.0375 },
  },
  phalanxShares: [0.455, 0.29, 0.255],
  thumb: [
    [-0.055, -0.085, 0.115],
    [-0.115, -0.265, 0.262],
    [-0.135, -0.415, 0.345],
    [-0.145, -0.545, 0.398],
  ],
} as const;

/** Points of one left finger in hand coordinates, hand lengths: knuckle, two joints, tip. */
export function fingerPoints(finger: Finger): Vec3[] {
  if (finger === 'thumb') return HAND_SHAPE.thumb.map((p) => [p[0], p[1], p[2]]);
  const data = HAND_SHAPE.fingers[finger];
  const a = radians(data.spreadDeg);
  const points: Vec3[] = [[data.knuckle[0], data.knuckle[1], data.knuckle[2]]];
  for (const share of HAND_SHAPE.phalanxShares) {
    const last = points[points.length - 1]!;
    const l = share * data.lengthShare;
    points.push([last[0], last[1] - Math.cos(a) * l, last[2] + Math.sin(a) * l]);
  }
  return points;
}

/** Where the skeleton stands in the bind pose. */
export interface Skeleton {
  /** Parent index of each joint, -1 for the pelvis. */
  parents: readonly number[];
  /** Bind position of each joint, metres. */
  bind: readonly Vec3[];
}

/** Takes a point in left hand coordinates (hand lengths) to the bind pose, metres. */
export function handToBind(lengths: Lengths, side: Side, p: readonly number[]): Vec3 {
  const sign = sideSign(side);
  const a = radians(BIND_ARM_DEG);
  const h = lengths.handM;
  const reach = lengths.upperArmM + lengths.forearmM;
  const x = lengths.shoulderJointM + Math.sin(a) * reach + (Math.cos(a) * p[0]! - Math.sin(a) * p[1]!) * h;
  const y = lengths.shoulderHeightM - Math.cos(a) * reach + (Math.sin(a) * p[0]! + Math.cos(a) * p[1]!) * h;
  return [sign * x, y, p[2]! * h];
}

/** Head coordinates in head heights (chin 0, crown 1, ear plane z = 0) to the bind pose, metres. */
export function headToBind(lengths: Lengths, p: readonly number[]): Vec3 {
  const H = lengths.headHeightM;
  return [
    p[0]! * H * lengths.headBreadthFactor,
    lengths.chinHeightM + p[1]! * H,
    p[2]! * H + HEAD_FORWARD_SHARE * lengths.frameM,
  ];
}

/** The other way round: a bind-pose point in the head's own coordinates, head heights. */
export function bindToHead(lengths: Lengths, p: readonly number[]): Vec3 {
  const H = lengths.headHeightM;
  return [
    p[0]! / (H * lengths.headBreadthFactor),
    (p[1]! - lengths.chinHeightM) / H,
    (p[2]! - HEAD_FORWARD_SHARE * lengths.frameM) / H,
  ];
}

/** The ear plane stands this share of stature ahead of the plumb line in the bind pose. */
export const HEAD_FORWARD_SHARE = 0.008;

/** Centre of the left eyeball of an adult and its radius, head heights. */
export const EYEBALL = { centre: [0.1385, 0.488, 0.299], radius: 0.0535 } as const;

/** Centre of an eyeball of this sitter, head coordinates. */
export function eyeCentre(lengths: Lengths, side: Side): Vec3 {
  return [sideSign(side) * EYEBALL.centre[0], lengths.eyesUpShare, EYEBALL.centre[2]];
}

/** Builds the joint tree of one sitter. */
export function skeletonOf(lengths: Lengths): Skeleton {
  const S = lengths.frameM;
  const bind = new Map<JointName, Vec3>();
  const parent = new Map<JointName, JointName>();
  const put = (name: JointName, at: Vec3, under?: JointName) => {
    bind.set(name, at);
    if (under) parent.set(name, under);
  };
  const heightM = heightsOf(lengths);
  const h = TRUNK_HEIGHTS;
  put('pelvis', [0, heightM(h.pelvis), 0]);
  put('spineLow', [0, heightM(h.spineLow), -0.012 * S], 'pelvis');
  put('spineMid', [0, heightM(h.spineMid), -0.014 * S], 'spineLow');
  put('spineHigh', [0, heightM(h.spineHigh), -0.02 * S], 'spineMid');
  put('neck', [0, heightM(h.neck), -0.014 * S], 'spineHigh');
  put('head', [0, heightM(h.head), 0], 'neck');
  for (const side of SIDES) {
    const sign = sideSign(side);
    const along = (from: Vec3, dir: Vec3, m: number): Vec3 => [
      from[0] + dir[0] * m,
      from[1] + dir[1] * m,
      from[2] + dir[2] * m,
    ];
    put(`${side}:eye`, headToBind(lengths, eyeCentre(lengths, side)), 'head');
    const shoulder: Vec3 = [sign * lengths.shoulderJointM, lengths.shoulderHeightM, 0];
    const arm = bindArmDirection(side);
    put(`${side}:clavicle`, [sign * 0.014 * S, heightM(0.822), 0.012 * S], 'spineHigh');
    put(`${side}:upperArm`, shoulder, `${side}:clavicle`);
    const elbow = along(shoulder, arm, lengths.upperArmM);
    put(`${side}:elbow`, elbow, `${side}:upperArm`);
    put(`${side}:forearm`, elbow, `${side}:upperArm`);
    put(`${side}:forearmTwist`, along(elbow, arm, lengths.forearmM * 0.5), `${side}:forearm`);
    put(`${side}:hand`, along(elbow, arm, lengths.forearmM), `${side}:forearm`);
    for (const finger of FINGERS) {
      const points = fingerPoints(finger);
      PHALANGES.forEach((phalanx, i) => {
        const under: JointName = i === 0 ? `${side}:hand` : `${side}:${finger}-${PHALANGES[i - 1]!}`;
        put(`${side}:${finger}-${phalanx}`, handToBind(lengths, side, points[i]!), under);
      });
    }
    const hip: Vec3 = [sign * lengths.hipJointM, lengths.hipHeightM, 0];
    const leg = bindLegDirection(side);
    put(`${side}:thigh`, hip, 'pelvis');
    const knee = along(hip, leg, lengths.thighM);
    put(`${side}:knee`, knee, `${side}:thigh`);
    put(`${side}:shank`, knee, `${side}:thigh`);
    const ankle = along(knee, leg, lengths.shankM);
    put(`${side}:foot`, ankle, `${side}:shank`);
    put(`${side}:toes`, [ankle[0], BALL_HEIGHT_SHARE * S, BALL_FORWARD_SHARE * S], `${side}:foot`);
  }
  return {
    parents: JOINTS.map((j) => (parent.has(j) ? jointIndex(parent.get(j)!) : -1)),
    bind: JOINTS.map((j) => bind.get(j)!),
  };
}

/** Ball of the foot ahead of the ankle and above the floor, shares of stature. */
export const BALL_FORWARD_SHARE = 0.076;
export const BALL_HEIGHT_SHARE = 0.012;
/** Back of the heel behind the ankle, share of stature. */
export const HEEL_BACK_SHARE = 0.038;
