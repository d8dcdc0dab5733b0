import type { View } from '../../camera';

/** Nearest surface per pixel: triangle index (or -1) and 1/depth. Row 0 is the top of the picture. */
export interface Raster {
  width: number;
  height: number;
  triangle: Int32Array;
  /** Reciprocal of the depth along the axis, per metre; 0 where nothing is. */
  inverseDepth: Float32Array;
}

/** Buffers that are reused from picture to picture. */
export interface RasterScratch {
  projected: Float32Array;
}

/** Allocates a raster. */
export function createRaster(width: number, height: number): Raster {
  return {
    width,
    height,
    triangle: new Int32Array(width * height),
    inverseDepth: new Float32Array(width * height),
  };
}

const NEAR_M = 0.05;

/**
 * Draws triangles into the raster with a depth test; only those that face the camera.
 * Triangles with a corner nearer than 5 cm are left out: a camera is never that near. With `over` the raster keeps
 * what it holds, and the new triangles are numbered from there on.
 */
export function rasterise(
  raster: Raster,
  view: View,
  positions: Float32Array,
  triangles: Uint32Array,
  scratch: RasterScratch,
  over?: number,
): void {
  const first = over ?? 0;
  const { width, height, triangle, inverseDepth } = raster;
  if (over === undefined) {
    triangle.fill(-1);
    inverseDepth.fill(0);
  }
  const count = positions.length / 3;
  if (scratch.projected.length < count * 3) scratch.projected = new Float32Array(count * 3);
  const p = scratch.projected;
  const [ex, ey, ez] = view.eye;
  const [rx, ry, rz] = view.right;
  const [ux, uy, uz] = view.up;
  const [fx, fy, fz] = view.forward;
  const sx = width / 2 / view.tanHalfWidth;
  const sy = height / 2 / view.tanHalfHeight;
  const cx = width / 2;
  const cy = height / 2;
  for (let i = 0, o = 0; i < count; i++, o += 3) {
    const dx = positions[o]! - ex;
    const dy = positions[o + 1]! - ey;
    const dz = positions[o + 2]! - ez;
    const inv = 1 / (dx * fx + dy * fy + dz * fz);
    p[o] = cx + (dx * rx + dy * ry + dz * rz) * inv * sx;
    p[o + 1] = cy - (dx * ux + dy * uy + dz * uz) * inv * sy;
    p[o + 2] = inv;
  }
  const nearest = 1 / NEAR_M;
  for (let t = 0, o = 0; o < triangles.length; t++, o += 3) {
    const a = triangles[o]! * 3;
    const b = triangles[o + 1]! * 3;
    const c = triangles[o + 2]! * 3;
    const ax = p[a]!,
      ay = p[a + 1]!,
      ai = p[a + 2]!;
    const bx = p[b]!,
      by = p[b + 1]!,
      bi = p[b + 2]!;
    const kx = p[c]!,
      ky = p[c + 1]!,
      ki = p[c + 2]!;
    // counter-clockwise from outside is clockwise in rows counted downwards
    const area = (kx - ax) * (by - ay) - (bx - ax) * (ky - ay);
    if (area <= 0) continue;
    if (!(ai > 0 && bi > 0 && ki > 0 && ai < nearest && bi < nearest && ki < nearest)) continue;
    const x0 = Math.max(0, Math.ceil(Math.min(ax, bx, kx) - 0.5));
    const x1 = Math.min(width - 1, Math.floor(Math.max(ax, bx, kx) - 0.5));
    const y0 = Math.max(0, Math.ceil(Math.min(ay, by, ky) - 0.5));
    const y1 = Math.min(height - 1, Math.floor(Math.max(ay, by, ky) - 0.5));
    if (x0 > x1 || y0 > y1) continue;
    const scale = 1 / area;
    for (let y = y0; y <= y1; y++) {
      const py = y + 0.5;
      let row = y * width + x0;
      for (let x = x0; x <= x1; x++, row++) {
        const px = x + 0.5;
        const wa = (kx - bx) * (py - by) - (px - bx) * (ky - by);
        const wb = (ax - kx) * (py - ky) - (px - kx) * (ay - ky);
        const wc = (bx - ax) * (py - ay) - (px - ax) * (by - ay);
        if (wa > 0 || wb > 0 || wc > 0) continue;
        const inv = -(wa * ai + wb * bi + wc * ki) * scale;
        if (inv > inverseDepth[row]!) {
          inverseDepth[row] = inv;
          triangle[row] = first + t;
        }
      }
    }
  }
}
