import { cross, dot, subtract, type Vec3 } from '../../units';
import type { Mesh } from '../skin/surfaceNets';

/** One place along a ribbon: its middle, the directions of its flat section and half the section's size, metres. */
export interface RibbonPlace {
  at: Vec3;
  /** Unit vector out of the surface that the ribbon lies on. */
  out: Vec3;
  /** Unit vector across the ribbon. */
  across: Vec3;
  halfOutM: number;
  halfAcrossM: number;
}

/** Vertices of one section. */
const SECTION = 8;

/**
 * A closed tube of oval section along a line: collars, lapels, frames of glasses. `closed` joins the end to the
 * start; otherwise both ends are capped.
 * @throws RangeError for fewer than three places.
 */
export function ribbonMesh(places: readonly RibbonPlace[], closed: boolean): Mesh {
  if (places.length < 3) throw new RangeError(`a ribbon needs at least 3 places, got ${places.length}`);
  const positions: number[] = [];
  const normals: number[] = [];
  const triangles: number[] = [];
  const outward = dot(cross(places[0]!.out, places[0]!.across), subtract(places[1]!.at, places[0]!.at)) < 0;
  const face = (a: number, b: number, c: number) => triangles.push(a, ...(outward ? [b, c] : [c, b]));
  const steps = closed ? places.length : places.length - 1;
  places.forEach(({ at, out, across, halfOutM, halfAcrossM }) => {
    for (let j = 0; j < SECTION; j++) {
      const a = (2 * Math.PI * j) / SECTION;
      const [u, v] = [Math.cos(a), Math.sin(a)];
      const n = out.map((o, c) => (o * u) / halfOutM + (across[c]! * v) / halfAcrossM);
      const l = Math.hypot(n[0]!, n[1]!, n[2]!);
      for (let c = 0; c < 3; c++) {
        positions.push(at[c]! + out[c]! * u * halfOutM + across[c]! * v * halfAcrossM);
        normals.push(n[c]! / l);
      }
    }
  });
  for (let i = 0; i < steps; i++)
    for (let j = 0; j < SECTION; j++) {
      const next = ((i + 1) % places.length) * SECTION;
      const beside = (j + 1) % SECTION;
      face(i * SECTION + j, next + j, i * SECTION + beside);
      face(i * SECTION + beside, next + j, next + beside);
    }
  if (!closed) {
    const last = (places.length - 1) * SECTION;
    for (let j = 1; j < SECTION - 1; j++) {
      face(0, j, j + 1);
      face(last, last + j + 1, last + j);
    }
  }
  return {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    triangles: Uint32Array.from(triangles),
  };
}
