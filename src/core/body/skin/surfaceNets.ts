import type { Field } from '../fields/distance';

/** Closed triangle mesh: positions x y z in the field's unit, unit normals, three indices a triangle (counter-clockwise from outside). */
export interface Mesh {
  positions: Float32Array;
  normals: Float32Array;
  triangles: Uint32Array;
}

/** Grid lines along one axis, ascending, in metres. Cells may differ in size. */
export type GridLines = Float64Array;

/**
 * Grid lines between two ends whose cell size follows `cellM(place)`.
 * The last line lies at or past `endM`.
 */
export function gridLines(startM: number, endM: number, cellM: (placeM: number) => number): GridLines {
  const lines = [startM];
  while (lines[lines.length - 1]! < endM) {
    const at = lines[lines.length - 1]!;
    lines.push(at + cellM(at));
  }
  return Float64Array.from(lines);
}

/** Grid lines mirrored about zero, so that a mirrored field gives a mirrored mesh. */
export function mirroredLines(endM: number, cellM: (placeM: number) => number): GridLines {
  const half = gridLines(0, endM, cellM);
  const all = [...half]
    .slice(1)
    .reverse()
    .map((v) => -v);
  return Float64Array.from([...all, ...half]);
}

const BLOCK = 4;
// Loft distances may overestimate by about this factor; blocks farther than that from the surface are not begun with.
const LIPSCHITZ_MARGIN = 1.2;

/** Blocks of cells that hold surface, as first cells x y z; `samples` is filled with the field in and beside them. */
function blocksWithSurface(
  field: Field,
  xs: GridLines,
  ys: GridLines,
  zs: GridLines,
  samples: Float32Array,
): number[] {
  const [nx, ny, nz] = [xs.length, ys.length, zs.length];
  const [mx, my, mz] = [nx, ny, nz].map((n) => Math.ceil((n - 1) / BLOCK)) as [number, number, number];
  const lastOf = (x: number, y: number, z: number) =>
    [Math.min(x + BLOCK, nx - 1), Math.min(y + BLOCK, ny - 1), Math.min(z + BLOCK, nz - 1)] as const;
  const taken = new Uint8Array(mx * my * mz);
  const queue: number[] = [];
  const take = (bx: number, by: number, bz: number) => {
    if (bx < 0 || by < 0 || bz < 0 || bx >= mx || by >= my || bz >= mz) return;
    const block = (bz * my + by) * mx + bx;
    if (taken[block]) return;
    taken[block] = 1;
    queue.push(bx, by, bz);
  };
  for (let bz = 0; bz < mz; bz++)
    for (let by = 0; by < my; by++)
      for (let bx = 0; bx < mx; bx++) {
        const [x, y, z] = [bx * BLOCK, by * BLOCK, bz * BLOCK];
        const [ex, ey, ez] = lastOf(x, y, z);
        const reach = Math.hypot(xs[ex]! - xs[x]!, ys[ey]! - ys[y]!, zs[ez]! - zs[z]!) / 2;
        const d = field((xs[x]! + xs[ex]!) / 2, (ys[y]! + ys[ey]!) / 2, (zs[z]! + zs[ez]!) / 2);
        if (Math.abs(d) <= reach * LIPSCHITZ_MARGIN) take(bx, by, bz);
        else if (d < 0)
          for (let k = z; k <= ez; k++)
            for (let j = y; j <= ey; j++) samples.fill(-1, (k * ny + j) * nx + x, (k * ny + j) * nx + ex + 1);
      }
  const active: number[] = [];
  for (let q = 0; q < queue.length; q += 3) {
    const [bx, by, bz] = [queue[q]!, queue[q + 1]!, queue[q + 2]!];
    const [x, y, z] = [bx * BLOCK, by * BLOCK, bz * BLOCK];
    const [ex, ey, ez] = lastOf(x, y, z);
    active.push(x, y, z);
    // negative samples on each of the six faces: where a face is crossed, the block beyond it holds surface too
    const negative = [0, 0, 0, 0, 0, 0];
    for (let k = z; k <= ez; k++)
      for (let j = y; j <= ey; j++)
        for (let i = x; i <= ex; i++) {
          const d = field(xs[i]!, ys[j]!, zs[k]!);
          samples[(k * ny + j) * nx + i] = d;
          if (d >= 0) continue;
          if (i === x) negative[0]!++;
          if (i === ex) negative[1]!++;
          if (j === y) negative[2]!++;
          if (j === ey) negative[3]!++;
          if (k === z) negative[4]!++;
          if (k === ez) negative[5]!++;
        }
    const [w, h, l] = [ex - x + 1, ey - y + 1, ez - z + 1];
    const crossed = (face: number, all: number) => negative[face]! > 0 && negative[face]! < all;
    if (crossed(0, h * l)) take(bx - 1, by, bz);
    if (crossed(1, h * l)) take(bx + 1, by, bz);
    if (crossed(2, w * l)) take(bx, by - 1, bz);
    if (crossed(3, w * l)) take(bx, by + 1, bz);
    if (crossed(4, w * h)) take(bx, by, bz - 1);
    if (crossed(5, w * h)) take(bx, by, bz + 1);
  }
  return active;
}

/**
 * Naive surface nets (Gibson 1998) on a rectilinear grid, with one Newton step per vertex towards the zero level.
 * Blocks of four cells far from the surface are never sampled; from those near it the surface is followed to its end.
 */
export function surfaceNets(field: Field, xs: GridLines, ys: GridLines, zs: GridLines): Mesh {
  const nx = xs.length;
  const ny = ys.length;
  const nz = zs.length;
  const samples = new Float32Array(nx * ny * nz).fill(1);
  const active = blocksWithSurface(field, xs, ys, zs, samples);

  const vertexOf = new Int32Array(nx * ny * nz).fill(-1);
  const positions: number[] = [];
  const corner = [0, 1, nx, nx + 1, nx * ny, nx * ny + 1, nx * ny + nx, nx * ny + nx + 1];
  const edges = [
    [0, 1],
    [2, 3],
    [4, 5],
    [6, 7],
    [0, 2],
    [1, 3],
    [4, 6],
    [5, 7],
    [0, 4],
    [1, 5],
    [2, 6],
    [3, 7],
  ] as const;
  for (let a = 0; a < active.length; a += 3) {
    const bx = active[a]!;
    const by = active[a + 1]!;
    const bz = active[a + 2]!;
    for (let z = bz; z < Math.min(bz + BLOCK, nz - 1); z++)
      for (let y = by; y < Math.min(by + BLOCK, ny - 1); y++)
        for (let x = bx; x < Math.min(bx + BLOCK, nx - 1); x++) {
          const base = (z * ny + y) * nx + x;
          let inside = 0;
          for (let c = 0; c < 8; c++) if (samples[base + corner[c]!]! < 0) inside++;
          if (inside === 0 || inside === 8) continue;
          let sx = 0;
          let sy = 0;
          let sz = 0;
          let n = 0;
          for (const [i, j] of edges) {
            const vi = samples[base + corner[i]!]!;
            const vj = samples[base + corner[j]!]!;
            if (vi < 0 === vj < 0) continue;
            const t = vi / (vi - vj);
            sx += (i & 1) + ((j & 1) - (i & 1)) * t;
            sy += ((i >> 1) & 1) + (((j >> 1) & 1) - ((i >> 1) & 1)) * t;
            sz += (i >> 2) + ((j >> 2) - (i >> 2)) * t;
            n++;
          }
          vertexOf[base] = positions.length / 3;
          positions.push(
            xs[x]! + ((xs[x + 1]! - xs[x]!) * sx) / n,
            ys[y]! + ((ys[y + 1]! - ys[y]!) * sy) / n,
            zs[z]! + ((zs[z + 1]! - zs[z]!) * sz) / n,
          );
        }
  }

  const triangles: number[] = [];
  const strides = [1, nx, nx * ny];
  for (let a = 0; a < active.length; a += 3) {
    const bx = active[a]!;
    const by = active[a + 1]!;
    const bz = active[a + 2]!;
    for (let z = bz; z < Math.min(bz + BLOCK, nz - 1); z++)
      for (let y = by; y < Math.min(by + BLOCK, ny - 1); y++)
        for (let x = bx; x < Math.min(bx + BLOCK, nx - 1); x++) {
          const base = (z * ny + y) * nx + x;
          const at = [x, y, z];
          for (let axis = 0; axis < 3; axis++) {
            const u = (axis + 1) % 3;
            const v = (axis + 2) % 3;
            if (at[u] === 0 || at[v] === 0) continue;
            const here = samples[base]!;
            const next = samples[base + strides[axis]!]!;
            if (here < 0 === next < 0) continue;
            const p = vertexOf[base]!;
            const q = vertexOf[base - strides[u]!]!;
            const r = vertexOf[base - strides[u]! - strides[v]!]!;
            const s = vertexOf[base - strides[v]!]!;
            if (p < 0 || q < 0 || r < 0 || s < 0) continue;
            if (here < 0) triangles.push(p, q, r, p, r, s);
            else triangles.push(p, r, q, p, s, r);
          }
        }
  }
  const cell = Math.min(
    ...[xs, ys, zs].map((lines) => lines[(lines.length >> 1) + 1]! - lines[lines.length >> 1]!),
  );
  return { ...settleOnSurface(field, positions, cell), triangles: Uint32Array.from(triangles) };
}

/** Direction of steepest ascent of a field, from four samples at the corners of a tetrahedron of half-side `h`; written to `out`. */
export function fieldNormal(field: Field, x: number, y: number, z: number, h: number, out: number[]): void {
  const a = field(x + h, y - h, z - h);
  const b = field(x - h, y - h, z + h);
  const c = field(x - h, y + h, z - h);
  const d = field(x + h, y + h, z + h);
  const gx = a - b - c + d;
  const gy = -a - b + c + d;
  const gz = -a + b - c + d;
  const l = Math.sqrt(gx * gx + gy * gy + gz * gz) || 1;
  out[0] = gx / l;
  out[1] = gy / l;
  out[2] = gz / l;
}

function settleOnSurface(
  field: Field,
  loose: number[],
  cell: number,
): { positions: Float32Array; normals: Float32Array } {
  const positions = new Float32Array(loose.length);
  const normals = new Float32Array(loose.length);
  const normal = [0, 0, 0];
  const limit = cell * 0.5;
  const reach = cell * 0.35;
  for (let i = 0; i < loose.length; i += 3) {
    const x = loose[i]!;
    const y = loose[i + 1]!;
    const z = loose[i + 2]!;
    fieldNormal(field, x, y, z, reach, normal);
    const d = Math.max(-limit, Math.min(limit, field(x, y, z)));
    for (let c = 0; c < 3; c++) {
      positions[i + c] = loose[i + c]! - normal[c]! * d;
      normals[i + c] = normal[c]!;
    }
  }
  return { positions, normals };
}
