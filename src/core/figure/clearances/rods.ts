import { jointOn } from '../../body';
import type { Body } from '../../body';
import { add, apart, SIDES, subtract, type Vec3 } from '../../units';
import { at, type Frames } from '../joints/frames';
import { boneDistance } from './limbDistance';

/** A lower arm or a hand that presses what is soft: a cone with round ends, radii in metres. */
export interface Rod {
  from: Vec3;
  to: Vec3;
  fromRadiusM: number;
  toRadiusM: number;
  lengthM: number;
}

/** Where along the upper arm it is far enough from the shoulder to press the trunk instead of being part of it. */
const FREE_ARM = 0.5;

/** The parts of both arms that can press trunk and thighs. */
export function armRods(frames: Frames, body: Body): Rod[] {
  const { upperArmM, forearmM, handM } = body.lengths;
  const radiusM = (alongM: number) => {
    const { front, back, outer, inner } = body.fields.armLoft.ring(alongM);
    return (front + back + outer + inner) / 4;
  };
  return SIDES.flatMap((side) => {
    const elbow = at(frames, jointOn(side, 'forearm'));
    const wrist = at(frames, jointOn(side, 'hand'));
    const shoulder = at(frames, jointOn(side, 'upperArm'));
    const palmM = PALM_RADIUS * handM;
    const rod = (from: Vec3, to: Vec3, fromRadiusM: number, toRadiusM: number): Rod => ({
      from,
      to,
      fromRadiusM,
      toRadiusM,
      lengthM: apart(from, to),
    });
    return [
      rod(
        add(shoulder, subtract(elbow, shoulder), FREE_ARM),
        elbow,
        radiusM(upperArmM * FREE_ARM),
        radiusM(upperArmM),
      ),
      rod(elbow, wrist, radiusM(upperArmM + forearmM * 0.2), radiusM(upperArmM + forearmM)),
      rod(wrist, at(frames, jointOn(side, 'middle-base')), palmM, palmM),
    ];
  });
}

/** Half the thickness of a palm, hand lengths. */
const PALM_RADIUS = 0.075;

/** Whether a place lies in the box round all rods and `withinM` beyond them: most of a body does not. */
export function boxRound(rods: readonly Rod[], withinM: number): (p: Vec3) => boolean {
  const low: Vec3 = [Infinity, Infinity, Infinity];
  const high: Vec3 = [-Infinity, -Infinity, -Infinity];
  for (const { from, to, fromRadiusM, toRadiusM } of rods) {
    const farM = Math.max(fromRadiusM, toRadiusM) + withinM;
    for (let c = 0; c < 3; c++) {
      low[c] = Math.min(low[c]!, from[c]! - farM, to[c]! - farM);
      high[c] = Math.max(high[c]!, from[c]! + farM, to[c]! + farM);
    }
  }
  return ([x, y, z]) => x > low[0] && x < high[0] && y > low[1] && y < high[1] && z > low[2] && z < high[2];
}

/** Distance to the nearest rod, metres, negative inside; Infinity where all are farther than `withinM`. */
export function rodDistance(rods: readonly Rod[], p: Vec3, withinM: number): number {
  let least = Infinity;
  for (const { from, to, fromRadiusM, toRadiusM, lengthM } of rods) {
    const x = p[0] - from[0];
    const y = p[1] - from[1];
    const z = p[2] - from[2];
    const farM = lengthM + Math.max(fromRadiusM, toRadiusM) + withinM;
    if (x * x + y * y + z * z > farM * farM) continue;
    least = Math.min(least, boneDistance(p, from, to, fromRadiusM, toRadiusM));
  }
  return least;
}
