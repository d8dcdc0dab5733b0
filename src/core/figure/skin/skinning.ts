import { jointIndex, moveFace, type BodySurface, type FaceShares } from '../../body';
import { skin } from '../../kernel';
import { SIDES } from '../../units';
import { TRANSFORM_STRIDE } from '../joints/frames';

/** A surface in a pose. */
export interface SkinnedSurface {
  positions: Float32Array;
  normals: Float32Array;
  /** The bind surface with the face's expression, and the expression that it holds. */
  bind: { positions: Float32Array; normals: Float32Array; shares: string };
}

/** Buffers for skinning one surface. */
export function createSkinned(surface: BodySurface): SkinnedSurface {
  return {
    positions: new Float32Array(surface.positions.length),
    normals: new Float32Array(surface.positions.length),
    bind: { positions: surface.positions, normals: surface.normals, shares: '' },
  };
}

/** The bind surface with an expression; made anew only when the expression changes. */
function withExpression(surface: BodySurface, shares: FaceShares, out: SkinnedSurface): void {
  const key = shares.some((s) => s !== 0) ? shares.join(' ') : '';
  if (out.bind.shares === key) return;
  out.bind =
    key === ''
      ? { positions: surface.positions, normals: surface.normals, shares: key }
      : { positions: surface.positions.slice(), normals: surface.normals.slice(), shares: key };
  if (key !== '') moveFace(surface, shares, out.bind.positions, out.bind.normals);
}

/**
 * Linear blend skinning of the bind surface; normals are turned by the blended matrix and made unit.
 * `transforms` holds TRANSFORM_STRIDE values per joint, `face` the shares of FACE_MOVE_NAMES.
 */
export function skinSurface(
  surface: BodySurface,
  transforms: Float64Array,
  out: SkinnedSurface,
  face: FaceShares = [],
): void {
  withExpression(surface, face, out);
  const count = surface.joints.length / 4;
  for (let v = 0; v < count; v++) skinVertex(surface, transforms, out, v);
}

function skinVertex(
  { joints, weights }: BodySurface,
  transforms: Float64Array,
  out: SkinnedSurface,
  v: number,
): void {
  const { positions, normals } = out.bind;
  const o = v * 3;
  const px = positions[o]!,
    py = positions[o + 1]!,
    pz = positions[o + 2]!;
  const nx = normals[o]!,
    ny = normals[o + 1]!,
    nz = normals[o + 2]!;
  let x = 0,
    y = 0,
    z = 0,
    a = 0,
    b = 0,
    c = 0;
  for (let i = v * 4; i < v * 4 + 4; i++) {
    const k = weights[i]!;
    if (k === 0) break;
    const m = joints[i]! * TRANSFORM_STRIDE;
    const m0 = transforms[m]!,
      m1 = transforms[m + 1]!,
      m2 = transforms[m + 2]!;
    const m4 = transforms[m + 4]!,
      m5 = transforms[m + 5]!,
      m6 = transforms[m + 6]!;
    const m8 = transforms[m + 8]!,
      m9 = transforms[m + 9]!,
      m10 = transforms[m + 10]!;
    x += k * (m0 * px + m1 * py + m2 * pz + transforms[m + 3]!);
    y += k * (m4 * px + m5 * py + m6 * pz + transforms[m + 7]!);
    z += k * (m8 * px + m9 * py + m10 * pz + transforms[m + 11]!);
    a += k * (m0 * nx + m1 * ny + m2 * nz);
    b += k * (m4 * nx + m5 * ny + m6 * nz);
    c += k * (m8 * nx + m9 * ny + m10 * nz);
  }
  const l = 1 / (Math.sqrt(a * a + b * b + c * c) || 1);
  out.positions[o] = x;
  out.positions[o + 1] = y;
  out.positions[o + 2] = z;
  out.normals[o] = a * l;
  out.normals[o + 1] = b * l;
  out.normals[o + 2] = c * l;
}

const EYES: ReadonlySet<number> = new Set(SIDES.map((side) => jointIndex(`${side}:eye`)));

/** Vertices of a surface that an eye carries; found once. */
const eyeVertices = new WeakMap<BodySurface, Uint32Array>();

function eyeVerticesOf(surface: BodySurface): Uint32Array {
  const known = eyeVertices.get(surface);
  if (known) return known;
  const found: number[] = [];
  surface.joints.forEach((joint, i) => {
    if (EYES.has(joint) && surface.weights[i]! > 0 && found.at(-1) !== i >> 2) found.push(i >> 2);
  });
  const vertices = Uint32Array.from(found);
  eyeVertices.set(surface, vertices);
  return vertices;
}

/** Skins only what the eyes carry anew: a body that is looked at from elsewhere moves nothing else. */
export function skinEyes(surface: BodySurface, transforms: Float64Array, out: SkinnedSurface): void {
  for (const v of eyeVerticesOf(surface)) skinVertex(surface, transforms, out, v);
}

/** The same by the compiled loops, for workers and Node: a page may not start them. 32-bit sums, 0.3 µm off. */
export function skinSurfaceFast(
  surface: BodySurface,
  transforms: Float64Array,
  out: SkinnedSurface,
  face: FaceShares = [],
): void {
  withExpression(surface, face, out);
  const { joints, weights } = surface;
  skin({ ...out.bind, joints, weights }, transforms, out);
}
