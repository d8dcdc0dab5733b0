import { BIND_ARM_DEG, BIND_LEG_DEG, type Body, jointIndex, type JointName, jointOn } from '../../body';
import { clamp, sideSign, type Side, type Vec3 } from '../../units';
import { about, at, bonesM, chain, turned, type Frames } from '../joints/frames';
import { CLOTH_M } from '../landmarks';
import type { Clearance } from './clearance';

/** Distance to a cone with rounded ends. */
export function boneDistance(p: Vec3, a: Vec3, b: Vec3, ra: number, rb: number): number {
  const bx = b[0] - a[0],
    by = b[1] - a[1],
    bz = b[2] - a[2];
  const px = p[0] - a[0],
    py = p[1] - a[1],
    pz = p[2] - a[2];
  const t = Math.max(0, Math.min(1, (px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz)));
  const x = px - bx * t,
    y = py - by * t,
    z = pz - bz * t;
  return Math.sqrt(x * x + y * y + z * z) - (ra + (rb - ra) * t);
}

/** A palm and its fingers, half as thick as this share of the hand's length. */
const HAND_RADIUS = 0.09;

/** From here on a distance need not be exact, metres. */
const FAR_M = 0.06;

/** Distance to one posed arm or leg, dressed: its bones with the body's own cross-sections, and a plain hand. */
export function limbDistance(frames: Frames, body: Body, limb: 'arm' | 'leg', side: Side): Clearance {
  const { lengths, fields } = body;
  const isArm = limb === 'arm';
  const upperM = isArm ? lengths.upperArmM : lengths.thighM;
  const lowerM = isArm ? lengths.forearmM : lengths.shankM;
  const share = bonesM(body, limb, side)[0] / upperM;
  const loft = isArm ? fields.armLoft : fields.legLoft;
  const bone = (joint: JointName, fromM: number, toM: number): Clearance => {
    const j = jointIndex(joint);
    const [ox, oy, oz] = frames.position[j]!;
    const sign = sideSign(side);
    const rotation = chain(frames.rotation[j]!, about('z', sign * (isArm ? BIND_ARM_DEG : BIND_LEG_DEG)));
    const across = turned([sign, 0, 0], rotation);
    const up = turned([0, 1, 0], rotation);
    const front = turned([0, 0, 1], rotation);
    const lengthM = (toM - fromM) * share;
    const ring = loft.ring(fromM);
    const widestM = Math.max(ring.front, ring.back, ring.outer, ring.inner) * 1.25;
    return (p) => {
      const x = p[0] - ox,
        y = p[1] - oy,
        z = p[2] - oz;
      const down = -(x * up[0] + y * up[1] + z * up[2]);
      const beyond = down < 0 ? down : down > lengthM ? down - lengthM : 0;
      // far away the distance to the widest cylinder will do
      const off = Math.sqrt(Math.max(0, x * x + y * y + z * z - down * down) + beyond * beyond) - widestM;
      if (off > FAR_M) return off;
      const along = fromM + down / share;
      const past = Math.max(fromM - along, along - toM, 0) * share;
      const d =
        loft.distance(
          clamp(along, fromM, toM),
          x * across[0] + y * across[1] + z * across[2],
          x * front[0] + y * front[1] + z * front[2],
        ) - CLOTH_M;
      if (past === 0) return d;
      return d > 0 ? Math.sqrt(d * d + past * past) : past;
    };
  };
  const upper = bone(isArm ? jointOn(side, 'upperArm') : jointOn(side, 'thigh'), 0, upperM);
  const lower = bone(isArm ? jointOn(side, 'forearm') : jointOn(side, 'shank'), upperM, upperM + lowerM);
  if (!isArm) return (p) => Math.min(upper(p), lower(p));
  const wrist = at(frames, jointOn(side, 'hand'));
  const knuckle = at(frames, jointOn(side, 'middle-mid'));
  const r = HAND_RADIUS * lengths.handM;
  return (p) => Math.min(upper(p), lower(p), boneDistance(p, wrist, knuckle, r, r));
}
