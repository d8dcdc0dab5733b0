import { PARTS, type BodySurface } from '@/core/body';
import type { SkinnedSurface } from '@/core/figure';

/** What of the body can run into each other; a limb ends well before the joint that it is hung on. */
const LIMBS = {
  head: /^(face|ear)$/,
  trunk: /^(chest|waist|hips)$/,
  leftUpperArm: /^left:upperArm$/,
  rightUpperArm: /^right:upperArm$/,
  leftForearm: /^left:forearm$/,
  rightForearm: /^right:forearm$/,
  leftHand: /^left:hand$/,
  rightHand: /^right:hand$/,
  leftThigh: /^left:thigh$/,
  rightThigh: /^right:thigh$/,
  leftShank: /^left:(knee|shin|foot)$/,
  rightShank: /^right:(knee|shin|foot)$/,
} as const;
export type Limb = keyof typeof LIMBS;

const otherOf = (limb: Limb): Limb =>
  (limb.startsWith('left') ? limb.replace('left', 'right') : limb.replace('right', 'left')) as Limb;

/** Each limb against what it is not joined to. */
const AGAINST: readonly (readonly [Limb, Limb])[] = (
  [
    ...(['leftHand', 'leftForearm'] as const).flatMap((limb) =>
      (
        [
          'head',
          'trunk',
          'leftThigh',
          'rightThigh',
          'leftShank',
          'rightShank',
          'rightUpperArm',
          'rightForearm',
          'rightHand',
        ] as const
      ).map((other) => [limb, other] as const),
    ),
    ['leftUpperArm', 'leftThigh'],
    ['leftUpperArm', 'rightThigh'],
    ['leftShank', 'rightShank'],
    ['leftShank', 'rightThigh'],
  ] as const
).flatMap(
  ([a, b]) =>
    [
      [a, b],
      [otherOf(a), otherOf(b)],
    ] as const,
);

/** Farther than this from every vertex of the other limb nothing is looked for, metres. */
const SEARCH_M = 0.09;

/** Vertices of one limb in cells as wide as the search, and the box round them. */
interface Cells {
  byCell: Map<number, number[]>;
  low: number[];
  high: number[];
}

/** Cells are counted from here, so that a key is one whole number. */
const MOST_CELLS = 256;
const cellOf = (m: number) => Math.floor(m / SEARCH_M) + MOST_CELLS / 2;
const keyOf = (x: number, y: number, z: number) => (x * MOST_CELLS + y) * MOST_CELLS + z;

function cellsOf(positions: Float32Array, vertices: readonly number[]): Cells {
  const byCell = new Map<number, number[]>();
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (const v of vertices) {
    const at = [0, 1, 2].map((c) => positions[v * 3 + c]!);
    at.forEach((m, c) => {
      low[c] = Math.min(low[c]!, m);
      high[c] = Math.max(high[c]!, m);
    });
    const key = keyOf(cellOf(at[0]!), cellOf(at[1]!), cellOf(at[2]!));
    const cell = byCell.get(key);
    if (cell) cell.push(v);
    else byCell.set(key, [v]);
  }
  return { byCell, low, high };
}

/** How deep the deepest vertex of one limb lies behind the skin of another, metres: behind the nearest vertex of it. */
export function selfContacts(
  surface: BodySurface,
  { positions: p, normals: n }: SkinnedSurface,
): { limb: Limb; other: Limb; depthM: number }[] {
  const vertices = {} as Record<Limb, number[]>;
  const limbs = Object.keys(LIMBS) as Limb[];
  const limbOf = PARTS.map((part) => limbs.find((limb) => LIMBS[limb].test(part)));
  for (const limb of limbs) vertices[limb] = [];
  for (let v = 0; v < surface.labels.length; v++) {
    const limb = limbOf[surface.labels[v]!];
    if (limb) vertices[limb].push(v);
  }
  const cells = {} as Record<Limb, Cells>;
  for (const limb of limbs) cells[limb] = cellsOf(p, vertices[limb]);
  return AGAINST.map(([limb, other]) => {
    const { byCell, low, high } = cells[other];
    let depthM = 0;
    for (const v of vertices[limb]) {
      const [x, y, z] = [p[v * 3]!, p[v * 3 + 1]!, p[v * 3 + 2]!];
      if ([x, y, z].some((m, c) => m < low[c]! || m > high[c]!)) continue;
      const [cx, cy, cz] = [cellOf(x), cellOf(y), cellOf(z)];
      let least = SEARCH_M * SEARCH_M;
      let behindM = 0;
      for (let i = 0; i < 27; i++) {
        const near = byCell.get(
          keyOf(cx + (i % 3) - 1, cy + (Math.floor(i / 3) % 3) - 1, cz + Math.floor(i / 9) - 1),
        );
        for (const w of near ?? []) {
          const dx = x - p[w * 3]!;
          const dy = y - p[w * 3 + 1]!;
          const dz = z - p[w * 3 + 2]!;
          const far = dx * dx + dy * dy + dz * dz;
          if (far >= least) continue;
          least = far;
          behindM = -(dx * n[w * 3]! + dy * n[w * 3 + 1]! + dz * n[w * 3 + 2]!);
        }
      }
      depthM = Math.max(depthM, behindM);
    }
    return { limb, other, depthM };
  });
}
