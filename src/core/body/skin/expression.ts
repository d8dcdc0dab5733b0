import { radians, smoothstep, type Vec3 } from '../../units';
import { partIndex } from './parts';
import { HEAD_FORWARD_SHARE, EYEBALL } from '../bones/skeleton';
import type { Lengths } from '../bones/proportions';

/** What a face does, each a share of how far it goes; brows also downwards. */
export const FACE_MOVES = {
  smile: { min: 0, max: 1, step: 0.1, words: 'smile', ends: ['none', 'laugh'] },
  lidsClosed: { min: 0, max: 1, step: 0.1, words: 'lids', ends: ['open', 'closed'] },
  lowerLidsRaised: { min: 0, max: 1, step: 0.1, words: 'lower lids', ends: ['soft', 'raised'] },
  lipsParted: { min: 0, max: 1, step: 0.1, words: 'lips', ends: ['closed', 'parted'] },
  jawLowered: { min: 0, max: 1, step: 0.1, words: 'jaw', ends: ['closed', 'dropped'] },
  browsRaised: { min: -1, max: 1, step: 0.1, words: 'brows', ends: ['drawn down', 'raised'] },
} as const satisfies Record<
  string,
  { min: number; max: number; step: number; words: string; ends: readonly [string, string] }
>;
export type FaceMove = keyof typeof FACE_MOVES;
export const FACE_MOVE_NAMES = Object.keys(FACE_MOVES) as FaceMove[];

/** How far each move is carried, in the order of FACE_MOVE_NAMES. */
export type FaceShares = readonly number[];

function bell(x: number, y: number, atX: number, atY: number, wideX: number, wideY: number): number {
  return Math.exp(-(((x - atX) / wideX) ** 2) - ((y - atY) / wideY) ** 2);
}

const [EYE_X, EYE_Y, EYE_Z] = EYEBALL.centre;
/** A closed upper lid has come down this far about the eyeball; a raised lower lid has come up. */
const CLOSED_DEG = 44;
const RAISED_DEG = 13;

/** Turns a point about the eye's own axis; lids slide over the eyeball so. */
function aboutEye(y: number, z: number, deg: number): Vec3 {
  const a = radians(deg);
  const dy = y - EYE_Y;
  const dz = z - EYE_Z;
  return [0, dy * Math.cos(a) - dz * Math.sin(a) - dy, dy * Math.sin(a) + dz * Math.cos(a) - dz];
}

/** Height of the line between the lips, which rises towards the corners, and where it ends, head heights. */
export function mouthLine(x: number): number {
  return 0.211 + 0.011 * (x / 0.11) ** 2;
}
const MOUTH_HALF = 0.1;

/** The jaw turns about the ears, so far where it is dropped. */
const JAW_AXIS = { y: 0.42, z: 0 };
const JAW_DEG = 8;

/** Share of the jaw's turn that a point takes: all below the mouth, less and less over the cheeks and under the chin. */
function jawShare(x: number, y: number, z: number): number {
  const half = 0.006 + 0.075 * smoothstep(0.07, 0.15, x);
  const below = smoothstep(
    mouthLine(Math.min(x, MOUTH_HALF)) + half,
    mouthLine(Math.min(x, MOUTH_HALF)) - half,
    y,
  );
  return below * smoothstep(0.02, 0.24, z);
}

/** Where a full move carries a point of the left half of the face, in head heights. */
const SHIFTS: Record<FaceMove, (x: number, y: number, z: number) => Vec3> = {
  smile: (x, y, z) => {
    const front = smoothstep(0.12, 0.3, z);
    const corner = bell(x, y, 0.11, 0.212, 0.048, 0.04) * front;
    const lip = bell(x, y, 0.055, 0.205, 0.05, 0.03) * front;
    const cheek = bell(x, y, 0.165, 0.34, 0.07, 0.07) * front;
    const fold = bell(x, y, 0.15, 0.27, 0.03, 0.05) * front;
    return [
      0.03 * corner + 0.012 * cheek + 0.006 * lip,
      0.03 * corner + 0.018 * cheek + 0.004 * lip,
      -0.012 * corner + 0.016 * cheek - 0.006 * fold - 0.004 * lip,
    ];
  },
  lidsClosed: (x, y, z) => {
    const across = Math.abs(x - EYE_X);
    if (z < EYE_Z || across > 0.1) return [0, 0, 0];
    const near = smoothstep(0.1, 0.052, across);
    // the lid's edge moves whole, the skin below the brow stays
    const lid = smoothstep(0.085, 0.022, y - EYE_Y) * smoothstep(-0.012, 0.006, y - EYE_Y);
    const [, dy, dz] = aboutEye(y, z, CLOSED_DEG * near * lid);
    return [0, dy, dz + 0.013 * near * lid];
  },
  lowerLidsRaised: (x, y, z) => {
    const across = Math.abs(x - EYE_X);
    if (z < EYE_Z || across > 0.1) return [0, 0, 0];
    const near = smoothstep(0.1, 0.05, across);
    const lid = smoothstep(-0.075, -0.02, y - EYE_Y) * smoothstep(0.006, -0.008, y - EYE_Y);
    const [, dy, dz] = aboutEye(y, z, -RAISED_DEG * near * lid);
    return [0, dy, dz + 0.004 * near * lid];
  },
  lipsParted: (x, y, z) => {
    const taper = Math.max(0, 1 - (x / MOUTH_HALF) ** 2) * smoothstep(0.2, 0.3, z);
    const off = y - mouthLine(x);
    const upper = smoothstep(-0.002, 0.006, off) * smoothstep(0.06, 0.015, off);
    const lower = smoothstep(0.002, -0.006, off) * smoothstep(-0.1, -0.02, off);
    const between = Math.exp(-((off / 0.008) ** 2));
    return [0, taper * (0.007 * upper - 0.013 * lower), taper * (-0.025 * between - 0.004 * lower)];
  },
  jawLowered: (x, y, z) => {
    const a = radians(JAW_DEG) * jawShare(x, y, z);
    const dy = y - JAW_AXIS.y;
    const dz = z - JAW_AXIS.z;
    const between = Math.exp(-(((y - mouthLine(x)) / 0.008) ** 2)) * Math.max(0, 1 - (x / MOUTH_HALF) ** 2);
    return [
      0,
      dy * Math.cos(a) - dz * Math.sin(a) - dy,
      dy * Math.sin(a) + dz * Math.cos(a) - dz - 0.05 * between * smoothstep(0.2, 0.3, z),
    ];
  },
  browsRaised: (x, y, z) => {
    const front = smoothstep(0.1, 0.26, z);
    const brow = bell(x, y, 0.135, 0.6, 0.1, 0.05) * front;
    const inner = bell(x, y, 0.06, 0.59, 0.04, 0.035) * front;
    return [-0.004 * inner, 0.026 * brow + 0.006 * inner, 0.004 * brow];
  },
};

/** The face of a surface with what each move does to it. */
export interface FaceShape {
  /** Vertices that move. */
  faceVertices: Uint32Array;
  /** Shift of each by each full move, metres, and change of its normal: six values a move, moves side by side. */
  faceShifts: Float32Array;
}

const SMALLEST_SHIFT = 0.0002;
/** Values per move and vertex. */
const STRIDE = 6;

/** Works out what each move does to the vertices of a head. */
export function faceOf(
  lengths: Lengths,
  positions: Float32Array,
  normals: Float32Array,
  triangles: Uint32Array,
  labels: Uint8Array,
): FaceShape {
  const H = lengths.headHeightM;
  const wide = H * lengths.headBreadthFactor;
  const originZ = HEAD_FORWARD_SHARE * lengths.frameM;
  const skin = new Set([partIndex('face'), partIndex('neck')]);
  const moved: number[] = [];
  const shifts: Vec3[][] = [];
  for (let v = 0; v < labels.length; v++) {
    if (!skin.has(labels[v]!)) continue;
    const x = positions[v * 3]! / wide;
    const y = (positions[v * 3 + 1]! - lengths.chinHeightM) / H;
    const z = (positions[v * 3 + 2]! - originZ) / H;
    if (y < 0 || y > 0.75 || z < 0.1) continue;
    const own = FACE_MOVE_NAMES.map((move) => {
      const [dx, dy, dz] = SHIFTS[move](Math.abs(x), y, z);
      return [Math.sign(x) * dx * wide, dy * H, dz * H] as Vec3;
    });
    if (own.every((s) => Math.hypot(...s) < SMALLEST_SHIFT * H)) continue;
    moved.push(v);
    shifts.push(own);
  }
  const faceShifts = new Float32Array(moved.length * FACE_MOVE_NAMES.length * STRIDE);
  const place = new Map(moved.map((v, i) => [v, i]));
  FACE_MOVE_NAMES.forEach((_, m) => {
    const at = (v: number, c: number) => positions[v * 3 + c]! + (shifts[place.get(v) ?? -1]?.[m]![c] ?? 0);
    const turned = new Float64Array(moved.length * 3);
    for (let t = 0; t < triangles.length; t += 3) {
      const corners = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
      if (!corners.some((v) => place.has(v))) continue;
      const [a, b, c] = corners as [number, number, number];
      const u = [0, 1, 2].map((i) => at(b, i) - at(a, i));
      const w = [0, 1, 2].map((i) => at(c, i) - at(a, i));
      const n = [u[1]! * w[2]! - u[2]! * w[1]!, u[2]! * w[0]! - u[0]! * w[2]!, u[0]! * w[1]! - u[1]! * w[0]!];
      for (const v of corners) {
        const i = place.get(v);
        if (i !== undefined) for (let k = 0; k < 3; k++) turned[i * 3 + k]! += n[k]!;
      }
    }
    moved.forEach((v, i) => {
      const o = (i * FACE_MOVE_NAMES.length + m) * STRIDE;
      const l = Math.hypot(turned[i * 3]!, turned[i * 3 + 1]!, turned[i * 3 + 2]!) || 1;
      for (let k = 0; k < 3; k++) {
        faceShifts[o + k] = shifts[i]![m]![k]!;
        faceShifts[o + 3 + k] = turned[i * 3 + k]! / l - normals[v * 3 + k]!;
      }
    });
  });
  return { faceVertices: Uint32Array.from(moved), faceShifts };
}

/** Writes a face with an expression over the bind positions and normals; normals are left to be made unit later. */
export function moveFace(
  { faceVertices, faceShifts }: FaceShape,
  shares: FaceShares,
  positions: Float32Array,
  normals: Float32Array,
): void {
  const moves = FACE_MOVE_NAMES.length;
  for (let i = 0; i < faceVertices.length; i++) {
    const v = faceVertices[i]! * 3;
    for (let m = 0; m < moves; m++) {
      const share = shares[m]!;
      if (share === 0) continue;
      const o = (i * moves + m) * STRIDE;
      for (let k = 0; k < 3; k++) {
        positions[v + k]! += faceShifts[o + k]! * share;
        normals[v + k]! += faceShifts[o + 3 + k]! * share;
      }
    }
  }
}
