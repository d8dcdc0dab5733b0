import { clamp, tripleAt, type Vec3 } from '../../../units';
import type { Lengths } from '../../bones/proportions';
import { bindToHead } from '../../bones/skeleton';
import type { Mesh } from '../../skin/surfaceNets';

/** Middle of the skull, from which directions are counted, head coordinates. */
export const SKULL_MIDDLE: Vec3 = [0, 0.55, -0.03];

/** Distance of the skin from the middle of the skull by direction, for the left half, head heights. */
export type HeadMap = (direction: Vec3) => number;

/** Directions from straight up to down, and from the front over the left to the back. */
const ROWS = 60;
const COLUMNS = 60;
/** Places of each triangle that are entered, along either side. */
const SAMPLES = 6;

function cellOf([x, y, z]: Vec3): [row: number, column: number] {
  const polar = Math.acos(clamp(y, -1, 1));
  return [(polar / Math.PI) * (ROWS - 1), (Math.atan2(Math.abs(x), z) / Math.PI) * (COLUMNS - 1)];
}

/** Fills cells that no triangle was entered in from those beside them. */
function filled(map: Float64Array): void {
  for (let round = 0; round < ROWS && map.some((r) => r === 0); round++) {
    const before = map.slice();
    for (let i = 0; i < map.length; i++) {
      if (before[i]! > 0) continue;
      const [row, column] = [(i / COLUMNS) | 0, i % COLUMNS];
      const beside = [
        row > 0 ? before[i - COLUMNS]! : 0,
        row < ROWS - 1 ? before[i + COLUMNS]! : 0,
        column > 0 ? before[i - 1]! : 0,
        column < COLUMNS - 1 ? before[i + 1]! : 0,
      ].filter((r) => r > 0);
      if (beside.length > 0) map[i] = beside.reduce((sum, r) => sum + r, 0) / beside.length;
    }
  }
}

/** Maps the skin of a head, so that hair can be laid on it. */
export function headMapOf({ positions, triangles }: Mesh, lengths: Lengths): HeadMap {
  const map = new Float64Array(ROWS * COLUMNS);
  const offs = Array.from({ length: positions.length / 3 }, (_, v): Vec3 => {
    const p = bindToHead(lengths, tripleAt(positions, v));
    return [p[0] - SKULL_MIDDLE[0], p[1] - SKULL_MIDDLE[1], p[2] - SKULL_MIDDLE[2]];
  });
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [offs[triangles[t]!]!, offs[triangles[t + 1]!]!, offs[triangles[t + 2]!]!];
    if (Math.max(a[0], b[0], c[0]) < 0 || Math.max(a[1], b[1], c[1]) < -0.75) continue;
    for (let i = 0; i <= SAMPLES; i++)
      for (let j = 0; j <= SAMPLES - i; j++) {
        const [u, w] = [i / SAMPLES, j / SAMPLES];
        const p = [0, 1, 2].map((k) => a[k]! * (1 - u - w) + b[k]! * u + c[k]! * w) as Vec3;
        const r = Math.hypot(...p);
        const [row, column] = cellOf([p[0] / r, p[1] / r, p[2] / r]);
        const at = Math.round(row) * COLUMNS + Math.round(column);
        map[at] = Math.max(map[at]!, r);
      }
  }
  filled(map);
  return (direction) => {
    const [row, column] = cellOf(direction);
    const [r, c] = [Math.min(ROWS - 2, Math.floor(row)), Math.min(COLUMNS - 2, Math.floor(column))];
    const [u, w] = [row - r, column - c];
    const at = (i: number, j: number) => map[(r + i) * COLUMNS + c + j]!;
    return (at(0, 0) * (1 - w) + at(0, 1) * w) * (1 - u) + (at(1, 0) * (1 - w) + at(1, 1) * w) * u;
  };
}
