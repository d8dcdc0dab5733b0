import { at, type Frames } from './frames';
import { supportDistance, type Carriage } from './carriage';
import { legRadiusM } from './legBones';
import { SIDES, type Vec3 } from '../units';

/** Distance from a point of the set to what an arm must not run through, metres; negative inside. */
export type Clearance = (p: Vec3) => number;

/** Distance to a cone with rounded ends. */
function boneDistance(p: Vec3, a: Vec3, b: Vec3, ra: number, rb: number): number {
  const bx = b[0] - a[0],
    by = b[1] - a[1],
    bz = b[2] - a[2];
  const px = p[0] - a[0],
    py = p[1] - a[1],
    pz = p[2] - a[2];
  const t = Math.max(0, Math.min(1, (px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz)));
  return Math.hypot(px - bx * t, py - by * t, pz - bz * t) - (ra + (rb - ra) * t);
}

/** Legs that are bent forwards stand in the way of hanging arms from here on, degrees of the thigh from upright. */
const RAISED_COSINE = 0.85;

/**
 * Everything beside the trunk that arms keep clear of: raised legs, supports and the level on which the body lies.
 * Undefined for one who stands with nothing near, which is quicker.
 */
export function obstacles(frames: Frames, carriage: Carriage): Clearance | undefined {
  const { body, solids, pose, levelM } = carriage;
  const legs = SIDES.flatMap((side) => {
    const hip = at(frames, `${side}:thigh`);
    const knee = at(frames, `${side}:shank`);
    const ankle = at(frames, `${side}:foot`);
    const raised = (hip[1] - knee[1]) / Math.hypot(hip[0] - knee[0], hip[1] - knee[1], hip[2] - knee[2]);
    return raised < RAISED_COSINE ? [{ hip, knee, ankle }] : [];
  });
  const upright = pose.support === 'stand' || pose.support === 'lean';
  if (legs.length === 0 && solids.length === 0 && upright) return undefined;
  const [thigh, kneeR, ankleR] = [
    legRadiusM(body, 'thigh'),
    legRadiusM(body, 'knee'),
    legRadiusM(body, 'ankle'),
  ];
  return (p) => {
    let least = p[1] - (upright ? 0 : levelM);
    for (const { hip, knee, ankle } of legs) {
      least = Math.min(
        least,
        boneDistance(p, hip, knee, thigh, kneeR),
        boneDistance(p, knee, ankle, kneeR, ankleR),
      );
    }
    return solids.length > 0 ? Math.min(least, supportDistance(carriage, p)) : least;
  };
}
