import type { BodySurface } from '../../body';
import type { View } from '../../camera';
import type { SkinnedSurface } from '../../figure';
import type { PartSums } from '../../kernel';
import type { Lighting } from '../../light';
import type { Ground, SupportMesh } from '../../scene';
import type { Vec3 } from '../../units';
import type { Raster } from './raster';
import type { ShadowMap } from './shadow';

/** What is beside the sitter of a picture: what stands on the set, and behind it in the mesh other people. */
export interface BesideMesh extends SupportMesh {
  /** Triangles of what stands on the set; those of people follow. */
  standing: number;
}

/** What the camera sees, pixel by pixel. Row 0 is the top. */
export interface Picture {
  width: number;
  height: number;
  view: View;
  /** Part label, 0 where the ground, a support or somebody else is. */
  label: Uint8Array;
  /** Distance along the axis, metres; 0 where nothing is. */
  depthM: Float32Array;
  /** Sums over the pixels of every part, in the order of `PARTS`. */
  sums: PartSums[];
  /** Irradiance relative to the key at the face, lamps with their shadows plus ambient; filled on request. */
  light: Float32Array | undefined;
  /** Share of the key that reaches a pixel turned to it, 0 to 1; -1 where the key does not shine on it. With `light`. */
  keyOpen: Float32Array | undefined;
  raster: Raster;
  /** What is beside the sitter; its triangles are numbered after the sitter's own. */
  supports: BesideMesh | undefined;
  /** Other people's triangles are numbered from here on. */
  othersFrom: number;
  /** What lies behind and under the sitter, where `light` holds it as well. */
  ground: Ground | undefined;
  /** Whose tone each pixel of it has: one more than the place in `GROUND_PARTS`; 0 for none. */
  groundPart: Uint8Array | undefined;
}

/** The light with what it needs to cast shadows. */
export interface PictureLight {
  lighting: Lighting;
  /** Sphere round the sitter that the shadow map must hold. */
  middle: Vec3;
  radiusM: number;
  /** What stands skinned: while it is the same thing, it casts the same shadows. */
  castBy?: object;
  /** With it background and floor are lit too. */
  ground?: Ground | undefined;
  /** Ground is lit at every other pixel, and the ones between are like their neighbour. */
  isGroundCoarse?: boolean;
  /** Shadows of every source that are cast already. */
  maps?: readonly (ShadowMap | null)[];
  /** Parts that get their light by other means and stay dark here. */
  isLitElsewhere?(label: number): boolean;
}

/** Position in the set of a pixel's surface point. */
export function pointAt(picture: Picture, col: number, row: number, out: Vec3): Vec3 {
  const { view, width, height } = picture;
  const depth = picture.depthM[row * width + col]!;
  const u = ((col + 0.5) / width - 0.5) * 2 * view.tanHalfWidth * depth;
  const v = (0.5 - (row + 0.5) / height) * 2 * view.tanHalfHeight * depth;
  for (let c = 0; c < 3; c++)
    out[c] = view.eye[c]! + view.forward[c]! * depth + view.right[c]! * u + view.up[c]! * v;
  return out;
}

/** Interpolates a per-vertex vector at a pixel (perspective-correct), as a unit vector. */
export function normalAt(
  picture: Picture,
  surface: BodySurface,
  skinned: SkinnedSurface,
  pixel: number,
  point: Vec3,
  out: Vec3,
): Vec3 {
  const weights = barycentric(surface, skinned, picture.raster.triangle[pixel]!, point);
  blend(skinned.normals, surface, picture.raster.triangle[pixel]!, weights, out);
  const l = Math.hypot(out[0], out[1], out[2]) || 1;
  out[0] /= l;
  out[1] /= l;
  out[2] /= l;
  return out;
}

const corners: Vec3 = [0, 0, 0];

/** Barycentric weights of a point on a triangle, by areas. The returned array is reused. */
export function barycentric(surface: BodySurface, skinned: SkinnedSurface, t: number, p: Vec3): Vec3 {
  const q = skinned.positions;
  const a = surface.triangles[t * 3]! * 3;
  const b = surface.triangles[t * 3 + 1]! * 3;
  const c = surface.triangles[t * 3 + 2]! * 3;
  const abx = q[b]! - q[a]!,
    aby = q[b + 1]! - q[a + 1]!,
    abz = q[b + 2]! - q[a + 2]!;
  const acx = q[c]! - q[a]!,
    acy = q[c + 1]! - q[a + 1]!,
    acz = q[c + 2]! - q[a + 2]!;
  const apx = p[0] - q[a]!,
    apy = p[1] - q[a + 1]!,
    apz = p[2] - q[a + 2]!;
  const d00 = abx * abx + aby * aby + abz * abz;
  const d01 = abx * acx + aby * acy + abz * acz;
  const d11 = acx * acx + acy * acy + acz * acz;
  const d20 = apx * abx + apy * aby + apz * abz;
  const d21 = apx * acx + apy * acy + apz * acz;
  const denominator = d00 * d11 - d01 * d01 || 1e-20;
  const v = (d11 * d20 - d01 * d21) / denominator;
  const w = (d00 * d21 - d01 * d20) / denominator;
  corners[0] = 1 - v - w;
  corners[1] = v;
  corners[2] = w;
  return corners;
}

/** Blends a per-vertex vector over a triangle. */
export function blend(values: Float32Array, surface: BodySurface, t: number, w: Vec3, out: Vec3): void {
  const a = surface.triangles[t * 3]! * 3;
  const b = surface.triangles[t * 3 + 1]! * 3;
  const c = surface.triangles[t * 3 + 2]! * 3;
  for (let i = 0; i < 3; i++) out[i] = w[0] * values[a + i]! + w[1] * values[b + i]! + w[2] * values[c + i]!;
}

/** What a pixel without a figure sees: what hangs behind the sitter, the wall beside it, or the floor. */
export const GROUND_PARTS = ['background', 'wall', 'floor'] as const;
export type GroundPart = (typeof GROUND_PARTS)[number];

/**
 * What a pixel without a figure sees of the ground, where, and the normal there.
 * @returns null where it sees none.
 */
export function groundAt(
  { view, width, height }: Picture,
  col: number,
  row: number,
  { backgroundM, halfWidthM, wallM }: Ground,
  point: Vec3,
  normal: Vec3,
): GroundPart | null {
  const { eye, forward, right, up } = view;
  const u = ((col + 0.5) / width - 0.5) * 2 * view.tanHalfWidth;
  const v = (0.5 - (row + 0.5) / height) * 2 * view.tanHalfHeight;
  const dx = forward[0] + right[0] * u + up[0] * v;
  const dy = forward[1] + right[1] * u + up[1] * v;
  const dz = forward[2] + right[2] * u + up[2] * v;
  const toFloor = dy < 0 ? -eye[1] / dy : Infinity;
  const toBack = dz < 0 ? (-backgroundM - eye[2]) / dz : Infinity;
  const isBackground = Math.abs(eye[0] + dx * toBack) <= halfWidthM;
  const toUpright = isBackground || dz >= 0 ? toBack : (-wallM - eye[2]) / dz;
  const isFloor = toFloor < toUpright;
  const far = isFloor ? toFloor : toUpright;
  if (!(far > 0 && far < Infinity)) return null;
  point[0] = eye[0] + dx * far;
  point[1] = eye[1] + dy * far;
  point[2] = eye[2] + dz * far;
  normal[0] = 0;
  normal[1] = isFloor ? 1 : 0;
  normal[2] = isFloor ? 0 : 1;
  if (isFloor) return 'floor';
  return isBackground ? 'background' : 'wall';
}

/** Whether what hangs behind the sitter lies on the floor at a place, as wide as it is. */
export function isSwept({ sweeps, halfWidthM, backgroundM }: Ground, floor: Vec3): boolean {
  return sweeps && Math.abs(floor[0]) <= halfWidthM && floor[2] >= -backgroundM;
}
