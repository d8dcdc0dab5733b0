import type { Vec3 } from '../units';

/**
 * A plain body in a support's own frame: y up, its front towards +z, metres. `softM` is how far it gives under a
 * sitter; nothing runs deeper into it than that.
 */
export type Solid =
  | { shape: 'box'; centre: Vec3; half: Vec3; softM: number }
  | { shape: 'cylinder'; centre: Vec3; axis: 'x' | 'y' | 'z'; radiusM: number; halfM: number; softM: number }
  | { shape: 'ellipsoid'; centre: Vec3; radii: Vec3; softM: number };

/** A box from its lowest to its highest corner. */
export function box(low: Vec3, high: Vec3, softM = 0): Solid {
  return {
    shape: 'box',
    centre: [(low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2],
    half: [(high[0] - low[0]) / 2, (high[1] - low[1]) / 2, (high[2] - low[2]) / 2],
    softM,
  };
}

/** A cylinder from its middle; `halfM` is half its length along the axis. */
export function cylinder(centre: Vec3, axis: 'x' | 'y' | 'z', radiusM: number, halfM: number): Solid {
  return { shape: 'cylinder', centre, axis, radiusM, halfM, softM: 0 };
}

/** Signed distance from a point of the support's frame to a solid, metres; negative inside. */
export function solidDistance(solid: Solid, x: number, y: number, z: number): number {
  const dx = x - solid.centre[0];
  const dy = y - solid.centre[1];
  const dz = z - solid.centre[2];
  switch (solid.shape) {
    case 'box': {
      const qx = Math.abs(dx) - solid.half[0];
      const qy = Math.abs(dy) - solid.half[1];
      const qz = Math.abs(dz) - solid.half[2];
      const ox = Math.max(qx, 0);
      const oy = Math.max(qy, 0);
      const oz = Math.max(qz, 0);
      return Math.sqrt(ox * ox + oy * oy + oz * oz) + Math.min(0, Math.max(qx, qy, qz));
    }
    case 'cylinder': {
      const { axis } = solid;
      const d = axis === 'x' ? dx : axis === 'y' ? dy : dz;
      const u = axis === 'x' ? dy : dx;
      const w = axis === 'z' ? dy : dz;
      const along = Math.abs(d) - solid.halfM;
      const across = Math.sqrt(u * u + w * w) - solid.radiusM;
      const [past, off] = [Math.max(along, 0), Math.max(across, 0)];
      return Math.sqrt(past * past + off * off) + Math.min(0, Math.max(along, across));
    }
    case 'ellipsoid': {
      // first-order distance: value over gradient of the implicit function
      const [rx, ry, rz] = solid.radii;
      const k0 = Math.hypot(dx / rx, dy / ry, dz / rz);
      const k1 = Math.hypot(dx / (rx * rx), dy / (ry * ry), dz / (rz * rz));
      return k1 === 0 ? -Math.min(rx, ry, rz) : (k0 * (k0 - 1)) / k1;
    }
  }
}

/** Radius of the sphere round a solid's centre that holds all of it, metres. */
export function holdingRadiusM(solid: Solid): number {
  switch (solid.shape) {
    case 'box':
      return Math.hypot(...solid.half);
    case 'cylinder':
      return Math.hypot(solid.radiusM, solid.halfM);
    case 'ellipsoid':
      return Math.max(...solid.radii);
  }
}

/** Triangles of a solid, counter-clockwise from outside, in the support's frame. */
export interface SolidMesh {
  positions: number[];
  normals: number[];
  triangles: number[];
}

const AROUND = 28;

function boxMesh({ centre, half }: Extract<Solid, { shape: 'box' }>): SolidMesh {
  const mesh: SolidMesh = { positions: [], normals: [], triangles: [] };
  for (let axis = 0; axis < 3; axis++)
    for (const sign of [1, -1]) {
      const first = mesh.positions.length / 3;
      const [u, v] = [(axis + 1) % 3, (axis + 2) % 3];
      for (const [a, b] of [
        [-1, -1],
        [1, -1],
        [1, 1],
        [-1, 1],
      ] as const) {
        const p: Vec3 = [0, 0, 0];
        const n: Vec3 = [0, 0, 0];
        p[axis] = sign * half[axis]!;
        p[u] = a * half[u]! * sign;
        p[v] = b * half[v]!;
        n[axis] = sign;
        mesh.positions.push(p[0] + centre[0], p[1] + centre[1], p[2] + centre[2]);
        mesh.normals.push(...n);
      }
      mesh.triangles.push(first, first + 1, first + 2, first, first + 2, first + 3);
    }
  return mesh;
}

/** Rings of a body of revolution about y: each a radius, a height and the slope of its normal. */
type Ring = { radius: number; height: number; out: number; up: number };

function revolved(rings: readonly Ring[], place: (p: Vec3) => Vec3, turn: (n: Vec3) => Vec3): SolidMesh {
  const mesh: SolidMesh = { positions: [], normals: [], triangles: [] };
  for (const ring of rings)
    for (let i = 0; i <= AROUND; i++) {
      const a = (2 * Math.PI * i) / AROUND;
      mesh.positions.push(...place([Math.sin(a) * ring.radius, ring.height, Math.cos(a) * ring.radius]));
      mesh.normals.push(...turn([Math.sin(a) * ring.out, ring.up, Math.cos(a) * ring.out]));
    }
  const row = AROUND + 1;
  for (let r = 0; r + 1 < rings.length; r++)
    for (let i = 0; i < AROUND; i++) {
      const a = r * row + i;
      mesh.triangles.push(a, a + 1, a + row, a + 1, a + row + 1, a + row);
    }
  return mesh;
}

function cylinderMesh(solid: Extract<Solid, { shape: 'cylinder' }>): SolidMesh {
  const { radiusM: r, halfM: h, axis, centre } = solid;
  const lay = (p: Vec3): Vec3 => (axis === 'y' ? p : axis === 'x' ? [p[1], p[2], p[0]] : [p[2], p[0], p[1]]);
  const rings: Ring[] = [
    { radius: 0, height: -h, out: 0, up: -1 },
    { radius: r, height: -h, out: 0, up: -1 },
    { radius: r, height: -h, out: 1, up: 0 },
    { radius: r, height: h, out: 1, up: 0 },
    { radius: r, height: h, out: 0, up: 1 },
    { radius: 0, height: h, out: 0, up: 1 },
  ];
  return revolved(
    rings,
    (p) => {
      const q = lay(p);
      return [q[0] + centre[0], q[1] + centre[1], q[2] + centre[2]];
    },
    lay,
  );
}

const STACKS = 14;

function ellipsoidMesh({ centre, radii }: Extract<Solid, { shape: 'ellipsoid' }>): SolidMesh {
  const rings: Ring[] = [];
  for (let i = 0; i <= STACKS; i++) {
    const a = -Math.PI / 2 + (Math.PI * i) / STACKS;
    rings.push({ radius: Math.cos(a), height: Math.sin(a), out: Math.cos(a), up: Math.sin(a) });
  }
  return revolved(
    rings,
    (p) => [p[0] * radii[0] + centre[0], p[1] * radii[1] + centre[1], p[2] * radii[2] + centre[2]],
    (n) => {
      const m: Vec3 = [n[0] / radii[0], n[1] / radii[1], n[2] / radii[2]];
      const l = Math.hypot(...m);
      return [m[0] / l, m[1] / l, m[2] / l];
    },
  );
}

/** Meshes a solid. */
export function solidMesh(solid: Solid): SolidMesh {
  if (solid.shape === 'box') return boxMesh(solid);
  return solid.shape === 'cylinder' ? cylinderMesh(solid) : ellipsoidMesh(solid);
}
