import { viewTowards, type View } from '../../camera';
import type { Mesh } from '../../kernel';
import type { LightSamples } from '../../light';
import { apart, type Vec3 } from '../../units';
import { createRaster, rasterise, type Raster } from './raster';

/** What a lamp sees: a depth map from its centre. */
export interface ShadowMap {
  raster: Raster;
  view: View;
  /** Side of the source over which the penumbra spreads, metres. */
  sizeM: number;
  /** Tiles of the map that hold something, or have a neighbour that does: no other place can be in shadow. */
  occupied: Uint8Array;
}

/** Depth by which a surface may lie behind the map without being in its own shadow, metres. */
const BIAS_M = 0.008;

/** Renders what casts shadows from a lamp's centre, framed on the sphere of `radiusM` round `middle`. */
export function shadowMapFrom(
  { centre, sizeM }: LightSamples,
  middle: Vec3,
  radiusM: number,
  meshes: readonly Mesh[],
  raster = createRaster(320, 320),
): ShadowMap {
  const distance = apart(centre, middle);
  const tan = Math.min(3, radiusM / Math.max(0.1, Math.sqrt(Math.max(0.01, distance ** 2 - radiusM ** 2))));
  const view = viewTowards(centre, middle, tan);
  rasterise(raster, view, meshes);
  return { raster, view, sizeM, occupied: occupiedTiles(raster) };
}

/** A tile has 2^4 pixels a side: a blocker is looked for no farther than that. */
const TILE_BITS = 4;

const tilesAlong = (pixels: number) => (pixels + (1 << TILE_BITS) - 1) >> TILE_BITS;

/** Which tiles of a shadow map hold something, or have a neighbour that does. */
export function occupiedTiles({ width, height, inverseDepth }: Raster): Uint8Array {
  const [across, down] = [tilesAlong(width), tilesAlong(height)];
  const out = new Uint8Array(across * down);
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      if (inverseDepth[i]! > 0) out[(row >> TILE_BITS) * across + (col >> TILE_BITS)] = 1;
    }
  const near = new Uint8Array(out.length);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++) {
      if (out[y * across + x] === 0) continue;
      for (let ny = Math.max(0, y - 1); ny <= Math.min(down - 1, y + 1); ny++)
        for (let nx = Math.max(0, x - 1); nx <= Math.min(across - 1, x + 1); nx++) near[ny * across + nx] = 1;
    }
  return near;
}

/** Without a normal a place is taken to face the lamp. */
const NO_NORMAL = [0, 0, 0] as const;
/** A surface that the lamp grazes by less than this is taken to lie at this slope, cosine. */
const LEAST_COSINE = 0.1;

/** Places that are looked at round a point, pairs in shares of the width of the edge. */
const TAPS = Float64Array.from([
  0, 0, 0.35, 0.1, -0.1, 0.35, -0.35, -0.1, 0.1, -0.35, 0.42, -0.42, -0.42, 0.42, 0.45, 0.45, -0.45, -0.45,
]);

/**
 * Share of the lamp that reaches a point, 0 to 1. The penumbra's width follows from similar triangles:
 * source size * (receiver - blocker) / blocker.
 */
export function shareReaching(
  map: ShadowMap,
  x: number,
  y: number,
  z: number,
  normal: ArrayLike<number> = NO_NORMAL,
): number {
  const { view, raster } = map;
  const dx = x - view.eye[0];
  const dy = y - view.eye[1];
  const dz = z - view.eye[2];
  const depth = dx * view.forward[0] + dy * view.forward[1] + dz * view.forward[2];
  if (depth <= 0.05) return 1;
  const half = raster.width / 2;
  const k = half / (depth * view.tanHalfWidth);
  const px = half + (dx * view.right[0] + dy * view.right[1] + dz * view.right[2]) * k;
  const py = half - (dx * view.up[0] + dy * view.up[1] + dz * view.up[2]) * k;
  const { width, height, inverseDepth } = raster;
  // what lies beside the map can still be shaded by its rim
  const x0 = px < 0 ? 0 : px >= width ? width - 1 : px | 0;
  const y0 = py < 0 ? 0 : py >= height ? height - 1 : py | 0;
  if (map.occupied[(y0 >> TILE_BITS) * tilesAlong(width) + (x0 >> TILE_BITS)] === 0) return 1;
  // what lies nearer to the lamp than this holds it off: the surface's own plane, seen by the lamp, is none of that.
  // Reciprocal depth of a plane is linear in the picture: n.d / Z = n.(X, Y, Z) / Z
  const nearer = 1 / (depth - BIAS_M);
  const [nx, ny, nz] = [normal[0]!, normal[1]!, normal[2]!];
  const towards = nx * dx + ny * dy + nz * dz;
  const steepest = -LEAST_COSINE * Math.sqrt(dx * dx + dy * dy + dz * dz);
  const step = view.tanHalfWidth / half / Math.min(towards, steepest);
  const right = (nx * view.right[0] + ny * view.right[1] + nz * view.right[2]) * step;
  const down = -(nx * view.up[0] + ny * view.up[1] + nz * view.up[2]) * step;
  const search = Math.min(14, Math.max(1, map.sizeM * 0.1 * k));
  let blockers = 0;
  let blockerDepth = 0;
  for (let i = 0; i < TAPS.length; i += 2) {
    const col = (px + TAPS[i]! * search) | 0;
    const row = (py + TAPS[i + 1]! * search) | 0;
    if (col < 0 || row < 0 || col >= width || row >= height) continue;
    const inverse = inverseDepth[row * width + col]!;
    if (inverse > nearer + right * (col + 0.5 - px) + down * (row + 0.5 - py)) {
      blockers++;
      blockerDepth += 1 / inverse;
    }
  }
  if (blockers === 0) return 1;
  const mean = blockerDepth / blockers;
  const penumbra = Math.max(1.4, Math.min(24, ((map.sizeM * (depth - mean)) / mean) * k));
  let held = 0;
  for (let i = 0; i < TAPS.length; i += 2) {
    const col = (px + TAPS[i]! * penumbra) | 0;
    const row = (py + TAPS[i + 1]! * penumbra) | 0;
    if (col < 0 || row < 0 || col >= width || row >= height) continue;
    const own = nearer + right * (col + 0.5 - px) + down * (row + 0.5 - py);
    if (inverseDepth[row * width + col]! > own) held++;
  }
  return 1 - held / (TAPS.length / 2);
}
