import type { View } from '@/core/camera';

/**
 * Plain reference for the raster: one ray through the middle of each pixel, tried against every triangle that faces
 * the lens (Möller & Trumbore 1997). Returns the nearest triangle per pixel, -1 for none.
 */
export function rayPicture(
  view: View,
  positions: Float32Array,
  triangles: Uint32Array,
  width: number,
  height: number,
): Int32Array {
  const out = new Int32Array(width * height).fill(-1);
  const { eye, right, up, forward } = view;
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      const u = ((col + 0.5) / width - 0.5) * 2 * view.tanHalfWidth;
      const v = (0.5 - (row + 0.5) / height) * 2 * view.tanHalfHeight;
      const dx = forward[0] + right[0] * u + up[0] * v;
      const dy = forward[1] + right[1] * u + up[1] * v;
      const dz = forward[2] + right[2] * u + up[2] * v;
      let nearest = Infinity;
      for (let t = 0; t < triangles.length; t += 3) {
        const a = triangles[t]! * 3;
        const b = triangles[t + 1]! * 3;
        const c = triangles[t + 2]! * 3;
        const ax = positions[a]!;
        const ay = positions[a + 1]!;
        const az = positions[a + 2]!;
        const e1x = positions[b]! - ax;
        const e1y = positions[b + 1]! - ay;
        const e1z = positions[b + 2]! - az;
        const e2x = positions[c]! - ax;
        const e2y = positions[c + 1]! - ay;
        const e2z = positions[c + 2]! - az;
        const px = dy * e2z - dz * e2y;
        const py = dz * e2x - dx * e2z;
        const pz = dx * e2y - dy * e2x;
        const det = e1x * px + e1y * py + e1z * pz;
        if (det <= 0) continue;
        const sx = eye[0] - ax;
        const sy = eye[1] - ay;
        const sz = eye[2] - az;
        const s = (sx * px + sy * py + sz * pz) / det;
        if (s < 0 || s > 1) continue;
        const qx = sy * e1z - sz * e1y;
        const qy = sz * e1x - sx * e1z;
        const qz = sx * e1y - sy * e1x;
        const w = (dx * qx + dy * qy + dz * qz) / det;
        if (w < 0 || s + w > 1) continue;
        const depth = (e2x * qx + e2y * qy + e2z * qz) / det;
        if (depth > 0 && depth < nearest) {
          nearest = depth;
          out[i] = t / 3;
        }
      }
    }
  return out;
}

/** Every order of so many, by Heap's exchanges (1963); the same array each time. */
export function* everyPermutation(count: number): Generator<readonly number[]> {
  const order = Array.from({ length: count }, (_, i) => i);
  const turns = order.map(() => 0);
  yield order;
  for (let i = 1; i < count;) {
    if (turns[i]! >= i) {
      turns[i++] = 0;
      continue;
    }
    const other = i % 2 === 0 ? 0 : turns[i]!;
    [order[i], order[other]] = [order[other]!, order[i]!];
    turns[i]!++;
    i = 1;
    yield order;
  }
}
