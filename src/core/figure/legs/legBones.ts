import { BIND_LEG_DEG, type Body, jointIndex, jointOn } from '../../body';
import { add, cross, dot, radians, sideSign, subtract, unit, type Side, type Vec3 } from '../../units';
import { CLOTH_M } from '../landmarks';
import { about, between, chain, hang, type Frames } from '../joints/frames';
import type { Foot } from './stance';
import { boneFrame, type TwoBone } from '../joints/twoBone';

/** One leg as it was placed: its bones, and the foot at its end. */
export interface PlacedLeg extends TwoBone {
  foot: Foot;
  /** How far a leg in the air was carried up by what it would run into, degrees. */
  carriedUpDeg?: number;
  /** How far a seated foot slid towards the seat, because the leg does not reach where it was asked, metres. */
  slidM?: number;
}

/** Half the thickness of the leg where it lies on something, metres. */
export function legRadiusM(body: Body, place: 'thigh' | 'knee' | 'calf' | 'ankle'): number {
  const { thighM, shankM } = body.lengths;
  const along = {
    thigh: thighM * 0.55,
    knee: thighM,
    calf: thighM + shankM * 0.32,
    ankle: thighM + shankM * 0.96,
  };
  const ring = body.fields.legLoft.ring(along[place]);
  return (ring.front + ring.back + ring.outer + ring.inner) / 4 + CLOTH_M;
}

/** From the line between hip and ankle towards the knee. */
export function kneeFront(hip: Vec3, leg: TwoBone): Vec3 {
  const line = unit(subtract(leg.end, hip));
  const toKnee = subtract(leg.middle, hip);
  return unit(add(toKnee, line, -dot(toKnee, line)));
}

/** Below this bend the knee's own line says nothing of where it points, degrees. */
const BENT_DEG = 0.5;

/** Where the front of a leg is: by its bent knee, or by its pole where it is straight. */
export function legFront(hip: Vec3, leg: TwoBone, pole: Vec3): Vec3 {
  return leg.bendDeg > BENT_DEG ? kneeFront(hip, leg) : pole;
}

/** A standing knee points mostly over the foot, partly with the pelvis: shares of toes, front and up. */
export const KNEE_POLE = { toes: 0.6, front: 0.5, up: 0.35 } as const;

/** Writes the joints of a leg whose bones are known. */
export function hangLeg(
  frames: Frames,
  body: Body,
  side: Side,
  hip: Vec3,
  leg: TwoBone,
  pole: Vec3,
  foot: Foot,
): void {
  const toBind = about('z', -sideSign(side) * BIND_LEG_DEG);
  const front = legFront(hip, leg, pole);
  const thigh = chain(boneFrame(hip, leg.middle, front), toBind);
  const shank = chain(boneFrame(leg.middle, leg.end, front), toBind);
  frames.rotation[jointIndex(jointOn(side, 'thigh'))] = thigh;
  hang(frames, body, jointOn(side, 'knee'), between(thigh, shank, 0.5));
  hang(frames, body, jointOn(side, 'shank'), shank);
  hang(frames, body, jointOn(side, 'foot'), foot.rotation);
  hang(frames, body, jointOn(side, 'toes'), foot.toesRotation);
}

/** A vector turned about an axis by the right-hand rule, degrees. */
export function turnedAbout(v: Vec3, axis: Vec3, deg: number): Vec3 {
  const a = radians(deg);
  const c = Math.cos(a);
  const s = Math.sin(a);
  const k = cross(axis, v);
  const d = dot(axis, v) * (1 - c);
  return [
    v[0] * c + k[0] * s + axis[0] * d,
    v[1] * c + k[1] * s + axis[1] * d,
    v[2] * c + k[2] * s + axis[2] * d,
  ];
}
