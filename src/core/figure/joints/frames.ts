import { quat, vec3 } from 'gl-matrix';
import {
  bindArmDirection,
  bindLegDirection,
  jointIndex,
  JOINTS,
  type Body,
  type JointName,
  jointOn,
} from '../../body';
import { radians, tripleAt, type Quat, type Side, type Vec3 } from '../../units';

/** Values per joint transform: three rows of a 3x4 matrix from the bind pose to the posed figure, metres. */
export const TRANSFORM_STRIDE = 12;

/** World rotation (against the bind pose) and position of every joint. */
export interface Frames {
  rotation: Quat[];
  position: Vec3[];
}

export function createFrames(): Frames {
  return {
    rotation: JOINTS.map((): Quat => [0, 0, 0, 1]),
    position: JOINTS.map((): Vec3 => [0, 0, 0]),
  };
}

/** Rotation about an axis of the world or of a frame, degrees, right-handed. */
export function about(axis: 'x' | 'y' | 'z', deg: number): Quat {
  const half = radians(deg) / 2;
  const s = Math.sin(half);
  return [axis === 'x' ? s : 0, axis === 'y' ? s : 0, axis === 'z' ? s : 0, Math.cos(half)];
}

/** Product of rotations: the last is applied first. */
export function chain(...rotations: Quat[]): Quat {
  const out: Quat = [...rotations[0]!];
  for (let i = 1; i < rotations.length; i++) quat.multiply(out, out, rotations[i]!);
  return out;
}

/** The rotation that undoes another. */
export function backwards([x, y, z, w]: Quat): Quat {
  return [-x, -y, -z, w];
}

/** A vector turned by a rotation. */
export function turned(v: readonly number[], rotation: Quat): Vec3 {
  const out: Vec3 = [0, 0, 0];
  vec3.transformQuat(out, v as Vec3, rotation);
  return out;
}

/** Directions in the set of a frame's own axes: the sitter's left, up and front of what it turns. */
export function axesOf(rotation: Quat): { left: Vec3; up: Vec3; front: Vec3 } {
  return {
    left: turned([1, 0, 0], rotation),
    up: turned([0, 1, 0], rotation),
    front: turned([0, 0, 1], rotation),
  };
}

/** Rotation whose columns are the given axes. */
export function fromAxes(x: Vec3, y: Vec3, z: Vec3): Quat {
  const out: Quat = [0, 0, 0, 1];
  quat.fromMat3(out, [x[0], x[1], x[2], y[0], y[1], y[2], z[0], z[1], z[2]]);
  quat.normalize(out, out);
  return out;
}

/** Rotation between two, share 0 gives the first. */
export function between(a: Quat, b: Quat, share: number): Quat {
  const out: Quat = [0, 0, 0, 1];
  quat.slerp(out, a, b, share);
  return out;
}

/** From a joint to a bind-pose point that it carries, drawn short where its bone is. */
export function fromJoint(body: Body, j: number, p: readonly number[]): Vec3 {
  const b = body.skeleton.bind[j]!;
  const offset: Vec3 = [p[0]! - b[0], p[1]! - b[1], p[2]! - b[2]];
  const share = body.boneShares[j]!;
  if (share !== 1) {
    const d = boneDirection(j);
    const less = (share - 1) * (offset[0] * d[0] + offset[1] * d[1] + offset[2] * d[2]);
    for (let c = 0; c < 3; c++) offset[c]! += less * d[c]!;
  }
  return offset;
}

/** Direction of the bone of a limb's joint in the bind pose. */
function boneDirection(j: number): Vec3 {
  const name = JOINTS[j]!;
  const side: Side = name.startsWith('left') ? 'left' : 'right';
  return /thigh|knee|shank/.test(name) ? bindLegDirection(side) : bindArmDirection(side);
}

/** Lengths of the two bones of a limb, metres. */
export function bonesM(
  body: Body,
  limb: 'arm' | 'leg',
  side: Side,
): readonly [upperM: number, lowerM: number] {
  const { upperArmM, forearmM, thighM, shankM } = body.lengths;
  const share =
    body.boneShares[jointIndex(limb === 'arm' ? jointOn(side, 'forearm') : jointOn(side, 'shank'))]!;
  return limb === 'arm' ? [upperArmM * share, forearmM * share] : [thighM * share, shankM * share];
}

/** From each joint's parent to it, and from it to the middle of its mass, as the bones of a body are; found once. */
interface Offsets {
  toJoint: Vec3[];
  toMass: Vec3[];
}

const offsets = new WeakMap<Body, Offsets>();

export function offsetsOf(body: Body): Offsets {
  const known = offsets.get(body);
  if (known) return known;
  const { bind, parents } = body.skeleton;
  const centre = body.masses.centreM;
  const found: Offsets = {
    toJoint: JOINTS.map((_, j) => (parents[j]! < 0 ? [0, 0, 0] : fromJoint(body, parents[j]!, bind[j]!))),
    toMass: JOINTS.map((_, j) => fromJoint(body, j, tripleAt(centre, j))),
  };
  offsets.set(body, found);
  return found;
}

/** Puts a joint at the end of its parent bone and gives it a world rotation. */
export function hang(frames: Frames, body: Body, name: JointName, rotation: Quat): void {
  const j = jointIndex(name);
  const parent = body.skeleton.parents[j]!;
  const v = turned(offsetsOf(body).toJoint[j]!, frames.rotation[parent]!);
  const p = frames.position[parent]!;
  frames.position[j] = [p[0] + v[0], p[1] + v[1], p[2] + v[2]];
  frames.rotation[j] = rotation;
}

/** Position of a joint. */
export function at(frames: Frames, name: JointName): Vec3 {
  return frames.position[jointIndex(name)]!;
}

/** World rotation of a joint. */
export function rotationOf(frames: Frames, name: JointName): Quat {
  return frames.rotation[jointIndex(name)]!;
}

/** A bind-pose point carried along by one joint. */
export function carried(frames: Frames, body: Body, name: JointName, bindPoint: readonly number[]): Vec3 {
  const j = jointIndex(name);
  const v = turned(fromJoint(body, j, bindPoint), frames.rotation[j]!);
  const p = frames.position[j]!;
  return [p[0] + v[0], p[1] + v[1], p[2] + v[2]];
}

/** Writes bind-to-pose matrices for skinning. */
export function transformsOf(frames: Frames, body: Body): Float64Array {
  const out = new Float64Array(JOINTS.length * TRANSFORM_STRIDE);
  for (let j = 0; j < JOINTS.length; j++) {
    const [x, y, z, w] = frames.rotation[j]!;
    const rows = [
      1 - 2 * (y * y + z * z),
      2 * (x * y - z * w),
      2 * (x * z + y * w),
      2 * (x * y + z * w),
      1 - 2 * (x * x + z * z),
      2 * (y * z - x * w),
      2 * (x * z - y * w),
      2 * (y * z + x * w),
      1 - 2 * (x * x + y * y),
    ];
    const share = body.boneShares[j]!;
    if (share !== 1) {
      const d = boneDirection(j);
      for (let r = 0; r < 9; r += 3) {
        const less = (share - 1) * (rows[r]! * d[0] + rows[r + 1]! * d[1] + rows[r + 2]! * d[2]);
        for (let c = 0; c < 3; c++) rows[r + c]! += less * d[c]!;
      }
    }
    const b = body.skeleton.bind[j]!;
    const p = frames.position[j]!;
    for (let r = 0; r < 3; r++) {
      const o = j * TRANSFORM_STRIDE + r * 4;
      out[o] = rows[r * 3]!;
      out[o + 1] = rows[r * 3 + 1]!;
      out[o + 2] = rows[r * 3 + 2]!;
      out[o + 3] = p[r]! - (rows[r * 3]! * b[0] + rows[r * 3 + 1]! * b[1] + rows[r * 3 + 2]! * b[2]);
    }
  }
  return out;
}
