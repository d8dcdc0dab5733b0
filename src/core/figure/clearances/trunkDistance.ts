import { jointIndex, type Body, type JointName } from '../../body';
import type { Quat, Vec3 } from '../../units';
import type { Clearance } from './clearance';
import type { Frames } from '../joints/frames';
import { dressedTrunk } from '../landmarks';

const CHAIN: readonly JointName[] = ['pelvis', 'spineLow', 'spineMid', 'spineHigh'];

function intoBind(frames: Frames, body: Body, joint: number, p: Vec3, out: Vec3): void {
  const q: Quat = frames.rotation[joint]!;
  const o = frames.position[joint]!;
  const b = body.skeleton.bind[joint]!;
  const x = p[0] - o[0],
    y = p[1] - o[1],
    z = p[2] - o[2];
  // conjugate rotation
  const qx = -q[0],
    qy = -q[1],
    qz = -q[2],
    qw = q[3];
  const tx = 2 * (qy * z - qz * y);
  const ty = 2 * (qz * x - qx * z);
  const tz = 2 * (qx * y - qy * x);
  out[0] = b[0] + x + qw * tx + (qy * tz - qz * ty);
  out[1] = b[1] + y + qw * ty + (qz * tx - qx * tz);
  out[2] = b[2] + z + qw * tz + (qx * ty - qy * tx);
}

/**
 * Distance to the posed, dressed trunk. Takes a point back through the spine into the bind pose (two fixed-point steps on its height) and evaluates the
 * bind field there.
 */
export function trunkDistance(frames: Frames, body: Body): Clearance {
  const S = body.lengths.frameM;
  const joints = CHAIN.map(jointIndex);
  const heights = joints.map((j) => body.skeleton.bind[j]![1]);
  const a: Vec3 = [0, 0, 0];
  const b: Vec3 = [0, 0, 0];
  return (p) => {
    intoBind(frames, body, joints[2]!, p, a);
    for (let step = 0; step < 2; step++) {
      let i = 0;
      while (i < 2 && a[1] > heights[i + 1]! + 0.02 * S) i++;
      const t = Math.max(0, Math.min(1, (a[1] - heights[i + 1]! + 0.03 * S) / (0.06 * S)));
      intoBind(frames, body, joints[i]!, p, a);
      intoBind(frames, body, joints[i + 1]!, p, b);
      for (let c = 0; c < 3; c++) a[c] = a[c]! + (b[c]! - a[c]!) * t;
    }
    return dressedTrunk(body, a[0], a[1], a[2]);
  };
}
