import type { BodySurface } from '@/core/body';

/** Edges that run more often one way than the other: borders of a hole, or triangles that face the wrong way. */
export function openEdges({ triangles }: Pick<BodySurface, 'triangles'>): number {
  const balance = new Map<number, number>();
  for (let t = 0; t < triangles.length; t += 3)
    for (let k = 0; k < 3; k++) {
      const a = triangles[t + k]!;
      const b = triangles[t + ((k + 1) % 3)]!;
      const edge = Math.min(a, b) * 1_000_000 + Math.max(a, b);
      balance.set(edge, (balance.get(edge) ?? 0) + (a < b ? 1 : -1));
    }
  return [...balance.values()].filter((n) => n !== 0).length;
}

/** Volume enclosed by triangles, cubic metres (divergence theorem); positive when they face outwards. */
export function volumeM3(
  { triangles }: Pick<BodySurface, 'triangles'>,
  positions: Float32Array,
  counts: (vertex: number) => boolean = () => true,
): number {
  let six = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    if (!counts(triangles[t]!)) continue;
    const [a, b, c] = [0, 1, 2].map((k) => {
      const o = triangles[t + k]! * 3;
      return [positions[o]!, positions[o + 1]!, positions[o + 2]!];
    }) as [number[], number[], number[]];
    six +=
      a[0]! * (b[1]! * c[2]! - b[2]! * c[1]!) +
      a[1]! * (b[2]! * c[0]! - b[0]! * c[2]!) +
      a[2]! * (b[0]! * c[1]! - b[1]! * c[0]!);
  }
  return six / 6;
}

/** A number for every vertex that is the same throughout one connected piece. */
export function pieceOf({ triangles, positions }: Pick<BodySurface, 'triangles' | 'positions'>): Int32Array {
  const parent = Int32Array.from({ length: positions.length / 3 }, (_, i) => i);
  const root = (i: number): number => {
    while (parent[i] !== i) {
      parent[i] = parent[parent[i]!]!;
      i = parent[i]!;
    }
    return i;
  };
  for (let t = 0; t < triangles.length; t += 3)
    for (const k of [1, 2]) parent[root(triangles[t + k]!)] = root(triangles[t]!);
  return parent.map((_, i) => root(i));
}
