import { tripleAt, type Vec3 } from '../../../units';
import type { Mesh } from '../../skin/surfaceNets';
import { LEFT_NAMES, mirrored, POINT_NAMES, pointNumber, type PointName } from './cage';
import { levelOf, type Level } from './levels';

/** Values of points by name, `size` components, as one row; the right half mirrors x where there are three. */
export function valuesOf(
  left: (name: PointName) => readonly number[],
  size: number,
  mirrorsX: boolean,
): Float64Array {
  const out = new Float64Array(POINT_NAMES.length * size);
  for (const name of LEFT_NAMES) {
    const value = left(name);
    out.set(value, pointNumber(name) * size);
    const across = pointNumber(mirrored(name));
    if (across === pointNumber(name)) continue;
    out.set(value, across * size);
    if (mirrorsX) out[across * size] = -value[0]!;
  }
  return out;
}

/** How hard the skin is held to a place: the features are, the even parts are left smooth. */
function holdOf(name: PointName): number {
  if (/^[UWBCDGRKQ]p|^[TUWBnCDGRKQJ]s|^[TJ]p|^X|^np|^[NH]\d?_/.test(name)) return 0.5;
  if (/^[TUWBnCDGRKQJ]6/.test(name)) return 0.6;
  if (/^[TJ]\d/.test(name)) return 0.7;
  return 1;
}

const ROUNDS = 8;

/** Control points whose skin passes through the places, head coordinates. */
export function controlPoints(places: ReadonlyMap<PointName, Vec3>): Float64Array {
  const wanted = valuesOf((name) => places.get(name)!, 3, true);
  const hold = valuesOf((name) => [holdOf(name)], 1, false);
  const control = wanted.slice();
  const { toSkin } = levelOf(0);
  for (let round = 0; round < ROUNDS; round++) {
    const reached = toSkin(control, 3);
    for (let i = 0; i < control.length; i++) control[i]! += hold[(i / 3) | 0]! * (wanted[i]! - reached[i]!);
  }
  return control;
}

/** Two triangles of every quadrilateral over its shorter diagonal; a polygon of more corners as a fan. */
function trianglesOf({ polygons }: Level, at: (v: number) => Vec3): Uint32Array {
  const out: number[] = [];
  const squared = (a: Vec3, b: Vec3) => (a[0] - b[0]) ** 2 + (a[1] - b[1]) ** 2 + (a[2] - b[2]) ** 2;
  for (const corners of polygons) {
    const [a, b, c, d] = corners as [number, number, number, number];
    if (corners.length === 4 && squared(at(b), at(d)) < squared(at(a), at(c))) out.push(a, b, d, b, c, d);
    else for (let i = 2; i < corners.length; i++) out.push(a, corners[i - 1]!, corners[i]!);
  }
  return Uint32Array.from(out);
}

/** Unit normals of the vertices, by the areas of the triangles about them. */
export function normalsOf(positions: Float32Array, triangles: Uint32Array): Float32Array {
  const out = new Float32Array(positions.length);
  const at = (v: number, c: number) => positions[v * 3 + c]!;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    const [ux, uy, uz] = [at(b, 0) - at(a, 0), at(b, 1) - at(a, 1), at(b, 2) - at(a, 2)];
    const [wx, wy, wz] = [at(c, 0) - at(a, 0), at(c, 1) - at(a, 1), at(c, 2) - at(a, 2)];
    for (const v of [a, b, c]) {
      out[v * 3]! += uy * wz - uz * wy;
      out[v * 3 + 1]! += uz * wx - ux * wz;
      out[v * 3 + 2]! += ux * wy - uy * wx;
    }
  }
  for (let i = 0; i < out.length; i += 3) {
    const l = Math.hypot(out[i]!, out[i + 1]!, out[i + 2]!) || 1;
    for (let c = 0; c < 3; c++) out[i + c]! /= l;
  }
  return out;
}

/** Fans over the open edges: behind the lids, within the eyeball, and within the trunk. Nothing of them is seen. */
function capsOf({ polygons }: Level): number[] {
  const next = new Map<string, [number, number]>();
  for (const corners of polygons)
    corners.forEach((a, i) => {
      const b = corners[(i + 1) % corners.length]!;
      if (!next.delete(`${a} ${b}`)) next.set(`${b} ${a}`, [b, a]);
    });
  const after = new Map(next.values());
  const out: number[] = [];
  while (after.size > 0) {
    const [[first, second]] = after as unknown as [[number, number]];
    let [b, c] = [second, after.get(second)!];
    after.delete(first);
    for (; c !== first; [b, c] = [c, after.get(c)!]) {
      out.push(first, b, c);
      after.delete(b);
    }
    after.delete(b);
  }
  return out;
}

/** The skin through control points in head coordinates, placed in the bind pose and there adjusted. */
export function skinMesh(
  level: Level,
  control: Float64Array,
  place: (p: Vec3) => Vec3,
  adjust: (positions: Float32Array) => void,
): Mesh {
  const skin = level.toSkin(control, 3);
  const positions = new Float32Array(skin.length);
  for (let i = 0; i < skin.length; i += 3) positions.set(place(tripleAt(skin, i / 3)), i);
  adjust(positions);
  const triangles = trianglesOf(level, (v) => tripleAt(positions, v));
  const closed = Uint32Array.from([...triangles, ...capsOf(level)]);
  return { positions, normals: normalsOf(positions, triangles), triangles: closed };
}
