import { smoothstep } from '../../units';

/** Middle line of a brow from its head to its tail, across and up, head heights (Farkas 1994, from memory). */
export const BROW_LINE: readonly [x: number, y: number][] = [
  [0.042, 0.586],
  [0.08, 0.5955],
  [0.125, 0.602],
  [0.17, 0.606],
  [0.21, 0.6015],
  [0.245, 0.589],
];

/** Height of the line at a place across. */
export function browHeight(x: number): number {
  const after = Math.max(
    1,
    BROW_LINE.findIndex(([atX]) => atX >= x),
  );
  const [[ax, ay], [bx, by]] = [BROW_LINE[after - 1]!, BROW_LINE[after]!];
  return ay + ((by - ay) * (x - ax)) / (bx - ax);
}

/** Half the width of a brow at a share of the way to its tail, head heights: fuller on a firm contour. */
export function browHalf(contourShare: number, along: number): number {
  return (0.0125 - 0.0035 * contourShare) * smoothstep(1.15, 0.45, along) * smoothstep(-0.25, 0.15, along);
}

/** How far a place of the skin is in the brow, 0 to 1; head coordinates. */
export function inBrow(contourShare: number, [px, y, z]: readonly number[]): number {
  const x = Math.abs(px!);
  const [first, last] = [BROW_LINE[0]![0], BROW_LINE.at(-1)![0]];
  if (z! < 0.15 || x < first - 0.02 || x > last) return 0;
  const half = browHalf(contourShare, (x - first) / (last - first)) + 0.001;
  const off = Math.abs(y! - browHeight(Math.max(x, first)));
  return smoothstep(half + 0.008, half - 0.006, off) * smoothstep(first - 0.015, first + 0.015, x);
}
