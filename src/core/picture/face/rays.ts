import type { Mesh } from '../../kernel';
import type { Vec3 } from '../../units';

/** Triangles in boxes within boxes, to ask quickly whether a ray is blocked. */
export interface RayTree {
  /** Nine coordinates a triangle, in the order of the leaves. */
  corners: Float32Array;
  /** Six bounds a box: least x y z, greatest x y z. */
  bounds: Float32Array;
  /** First triangle of a leaf, or the second child of a box (the first one follows it). */
  first: Int32Array;
  /** Triangles of a leaf; 0 for a box of boxes. */
  count: Int32Array;
}

const LEAF = 6;

/** Middles of triangles, three numbers each. */
function middlesOf(positions: Float32Array, triangles: ArrayLike<number>): Float32Array {
  const out = new Float32Array(triangles.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]! * 3, triangles[t + 1]! * 3, triangles[t + 2]! * 3];
    for (let k = 0; k < 3; k++) out[t + k] = (positions[a + k]! + positions[b + k]! + positions[c + k]!) / 3;
  }
  return out;
}

/** Puts those of `order` from one place to another whose middle lies below `level` along an axis first; says how far they go. */
function partition(
  order: Int32Array,
  middle: Float32Array,
  axis: number,
  level: number,
  from: number,
  to: number,
): number {
  let next = from;
  for (let i = from; i < to; i++) {
    const t = order[i]!;
    if (middle[t * 3 + axis]! >= level) continue;
    order[i] = order[next]!;
    order[next++] = t;
  }
  return next;
}

/** Builds the tree: boxes parted at the middle of their longest side, or in halves where all lie on one side of it. */
export function rayTreeOf({ positions, triangles }: Mesh): RayTree {
  const n = triangles.length / 3;
  const middle = middlesOf(positions, triangles);
  const order = Int32Array.from({ length: n }, (_, t) => t);
  const bounds: number[] = [];
  const first: number[] = [];
  const count: number[] = [];
  const least = new Float64Array(3);
  const most = new Float64Array(3);

  const measure = (from: number, to: number): void => {
    least.fill(Infinity);
    most.fill(-Infinity);
    for (let i = from; i < to; i++)
      for (let k = 0; k < 3; k++) {
        const v = triangles[order[i]! * 3 + k]! * 3;
        for (let c = 0; c < 3; c++) {
          const x = positions[v + c]!;
          if (x < least[c]!) least[c] = x;
          if (x > most[c]!) most[c] = x;
        }
      }
  };
  const build = (from: number, to: number): void => {
    const node = first.length;
    first.push(from);
    count.push(0);
    measure(from, to);
    bounds.push(...least, ...most);
    if (to - from <= LEAF) {
      count[node] = to - from;
      return;
    }
    const sides = [0, 1, 2].map((c) => most[c]! - least[c]!);
    const axis = sides.indexOf(Math.max(...sides));
    const parted = partition(order, middle, axis, (least[axis]! + most[axis]!) / 2, from, to);
    const half = parted > from && parted < to ? parted : (from + to) >> 1;
    build(from, half);
    first[node] = first.length;
    build(half, to);
  };
  build(0, n);

  const corners = new Float32Array(n * 9);
  order.forEach((t, i) => {
    for (let k = 0; k < 3; k++)
      for (let c = 0; c < 3; c++) corners[i * 9 + k * 3 + c] = positions[triangles[t * 3 + k]! * 3 + c]!;
  });
  return {
    corners,
    bounds: Float32Array.from(bounds),
    first: Int32Array.from(first),
    count: Int32Array.from(count),
  };
}

const stack = new Int32Array(256);

/** Whether a ray meets any triangle. Möller and Trumbore's test (1997) at the leaves. */
export function rayMeets(tree: RayTree, from: Vec3, direction: Vec3): boolean {
  const { bounds, first, count, corners } = tree;
  const [ox, oy, oz] = from;
  const [dx, dy, dz] = direction;
  const [ix, iy, iz] = [1 / dx, 1 / dy, 1 / dz];
  let depth = 0;
  stack[depth++] = 0;
  while (depth > 0) {
    const node = stack[--depth]!;
    const b = node * 6;
    const x0 = (bounds[b]! - ox) * ix;
    const x1 = (bounds[b + 3]! - ox) * ix;
    const y0 = (bounds[b + 1]! - oy) * iy;
    const y1 = (bounds[b + 4]! - oy) * iy;
    const z0 = (bounds[b + 2]! - oz) * iz;
    const z1 = (bounds[b + 5]! - oz) * iz;
    const near = Math.max(Math.min(x0, x1), Math.min(y0, y1), Math.min(z0, z1));
    const far = Math.min(Math.max(x0, x1), Math.max(y0, y1), Math.max(z0, z1));
    if (!(far >= Math.max(0, near))) continue;
    if (count[node] === 0) {
      stack[depth++] = first[node]!;
      stack[depth++] = node + 1;
      continue;
    }
    for (let t = first[node]!, end = t + count[node]!; t < end; t++) {
      const o = t * 9;
      const e1x = corners[o + 3]! - corners[o]!,
        e1y = corners[o + 4]! - corners[o + 1]!,
        e1z = corners[o + 5]! - corners[o + 2]!;
      const e2x = corners[o + 6]! - corners[o]!,
        e2y = corners[o + 7]! - corners[o + 1]!,
        e2z = corners[o + 8]! - corners[o + 2]!;
      const px = dy * e2z - dz * e2y,
        py = dz * e2x - dx * e2z,
        pz = dx * e2y - dy * e2x;
      const det = e1x * px + e1y * py + e1z * pz;
      if (det > -1e-14 && det < 1e-14) continue;
      const inv = 1 / det;
      const tx = ox - corners[o]!,
        ty = oy - corners[o + 1]!,
        tz = oz - corners[o + 2]!;
      const u = (tx * px + ty * py + tz * pz) * inv;
      if (u < 0 || u > 1) continue;
      const qx = ty * e1z - tz * e1y,
        qy = tz * e1x - tx * e1z,
        qz = tx * e1y - ty * e1x;
      const v = (dx * qx + dy * qy + dz * qz) * inv;
      if (v < 0 || u + v > 1) continue;
      if ((e2x * qx + e2y * qy + e2z * qz) * inv > 0) return true;
    }
  }
  return false;
}
