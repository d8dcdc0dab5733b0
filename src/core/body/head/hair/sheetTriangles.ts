import { cross, dot, subtract, tripleAt } from '../../../units';
import { SKULL_MIDDLE } from './headMap';

/** Strands of a sheet and places along each. */
export interface SheetSize {
  strands: number;
  along: number;
}

/** Whether a turn from a strand's next place to the next strand goes about the way out of the head. */
function facesOut(positions: Float32Array, v: number, along: number): boolean {
  const p = tripleAt(positions, v);
  const turn = cross(subtract(tripleAt(positions, v + 1), p), subtract(tripleAt(positions, v + along), p));
  return dot(turn, subtract(p, SKULL_MIDDLE)) > 0;
}

const pairs = (count: number, pairAt: (i: number) => [number, number]) =>
  Array.from({ length: count }, (_, i) => pairAt(i));

/** Border of a sheet: along the first strand back, over the roots, along the last strand, over the ends back. */
function rimOf({ strands, along }: SheetSize): [number, number][] {
  const last = (strands - 1) * along;
  return [
    ...pairs(along - 1, (j) => [j + 1, j]),
    ...pairs(strands - 1, (i) => [i * along, (i + 1) * along]),
    ...pairs(along - 1, (j) => [last + j, last + j + 1]),
    ...pairs(strands - 1, (i) => [(i + 2) * along - 1, (i + 1) * along - 1]),
  ];
}

/**
 * Triangles of a closed sheet whose outer face comes first in the positions, head coordinates, then the inner one
 * with its vertices in the same order.
 */
export function sheetTriangles(positions: Float32Array, size: SheetSize): Uint32Array {
  const { strands, along } = size;
  const count = strands * along;
  const out: number[] = [];
  const isOutward = facesOut(positions, Math.floor(strands / 2) * along + Math.floor(along / 2), along);
  const quad = (a: number, b: number, c: number, d: number) =>
    out.push(...(isOutward ? [a, b, c, a, c, d] : [a, c, b, a, d, c]));
  for (let i = 0; i < strands - 1; i++)
    for (let j = 0; j < along - 1; j++) {
      const [a, b] = [i * along + j, (i + 1) * along + j];
      quad(a, a + 1, b + 1, b);
      quad(count + a, count + b, count + b + 1, count + a + 1);
    }
  for (const [a, b] of rimOf(size)) quad(a, b, count + b, count + a);
  return Uint32Array.from(out);
}
