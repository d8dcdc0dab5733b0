import { clamp, degrees, sideSign, type Side, type Vec3 } from '../../units';
import type { Axes } from '../joints/turns';
import type { MiddleCircle } from '../joints/twoBone';

/** An elbow, from its shoulder, metres, and the axes of the forearm below it: across, back along it, to its front. */
export interface Forearm {
  elbow: Vec3;
  axes: Axes;
}

export function createForearm(): Forearm {
  return {
    elbow: [0, 0, 0],
    axes: [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ],
  };
}

/** A bend from which on the plane of a limb is known by the limb itself, degrees. */
const BENT_DEG = 1;

/** Makes a vector as long as one, after taking away what of it goes along an axis of that length. */
function square(v: Vec3, axis: Vec3): void {
  const off = v[0] * axis[0] + v[1] * axis[1] + v[2] * axis[2];
  for (let c = 0; c < 3; c++) v[c]! -= off * axis[c]!;
  scale(v);
}

function scale(v: Vec3): void {
  const length = Math.sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2]);
  for (let c = 0; c < 3; c++) v[c]! /= length;
}

const side: Vec3 = [0, 0, 0];

/** Writes the forearm whose elbow lies on its circle as near to the pole as can be. Makes nothing: it is tried often. */
export function placeForearm({ elbow, axes: [x, y, z] }: Forearm, circle: MiddleCircle, pole: Vec3): void {
  const { axis, alongM, radiusM, endM, bendDeg } = circle;
  for (let c = 0; c < 3; c++) side[c] = pole[c]!;
  square(side, axis);
  for (let c = 0; c < 3; c++) {
    elbow[c] = axis[c]! * alongM + side[c]! * radiusM;
    y[c] = -elbow[c]!;
    z[c] = bendDeg > BENT_DEG ? axis[c]! * endM - elbow[c]! : axis[c]!;
  }
  // the upper arm's axes first
  scale(y);
  square(z, y);
  x[0] = y[1] * z[2] - y[2] * z[1];
  x[1] = y[2] * z[0] - y[0] * z[2];
  x[2] = y[0] * z[1] - y[1] * z[0];
  const [cos, sin] = [Math.cos((bendDeg * Math.PI) / 180), Math.sin((bendDeg * Math.PI) / 180)];
  for (let c = 0; c < 3; c++) {
    const back = y[c]!;
    y[c] = back * cos - z[c]! * sin;
    z[c] = back * sin + z[c]! * cos;
  }
}

/** Angles of a wrist, degrees: bent back negative, towards the little finger, and the forearm's turn. */
export interface WristAngles {
  bendDeg: number;
  sidewaysDeg: number;
  turnDeg: number;
}

const along = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** The wrist between the axes of a forearm and of a hand, both in the set: turn first, then bend, then sideways. */
export function wristBetween(of: Side, [x, y, z]: Axes, [hx, hy, hz]: Axes): WristAngles {
  const sign = sideSign(of);
  return {
    bendDeg: -sign * degrees(Math.asin(clamp(along(y, hx), -1, 1))),
    sidewaysDeg: degrees(Math.atan2(-along(y, hz), along(y, hy))),
    turnDeg: sign * degrees(Math.atan2(-along(z, hx), along(x, hx))),
  };
}
