import { smoothstep } from '../../../units';
import { placeWith, type Looks } from './looks';

/** Middle line of a brow from its head to its tail, across and up, head heights. */
export type BrowLine = readonly [x: number, y: number][];

/** On an average adult (Farkas 1994, from memory). */
const AVERAGE: BrowLine = [
  [0.042, 0.586],
  [0.08, 0.5955],
  [0.125, 0.602],
  [0.17, 0.606],
  [0.21, 0.6015],
  [0.245, 0.589],
];
/** Depth of the skin under it, for what the looks shift there. */
const BROW_Z = 0.38;

/** The line of a brow on a head with these looks. */
export function browLine(looks: Looks): BrowLine {
  return AVERAGE.map(([x, y]) => {
    const [atX, atY] = placeWith(looks, [x, y, BROW_Z]);
    return [atX, atY];
  });
}

/** Height of the line at a place across. */
export function browHeight(line: BrowLine, x: number): number {
  const after = line.findIndex(([atX]) => atX >= x);
  const to = after < 0 ? line.length - 1 : Math.max(1, after);
  const [[ax, ay], [bx, by]] = [line[to - 1]!, line[to]!];
  return ay + ((by - ay) * (x - ax)) / (bx - ax);
}

/** Half the width of a brow at a share of the way to its tail, head heights: fuller on a firm contour. */
export function browHalf(contourShare: number, along: number): number {
  return (0.0125 - 0.0035 * contourShare) * smoothstep(1.15, 0.45, along) * smoothstep(-0.25, 0.15, along);
}

/** How far a place of the skin is in the brow, 0 to 1; head coordinates. */
export function inBrow(line: BrowLine, contourShare: number, [px, y, z]: readonly number[]): number {
  const x = Math.abs(px!);
  const [first, last] = [line[0]![0], line.at(-1)![0]];
  if (z! < 0.15 || x < first - 0.02 || x > last) return 0;
  const half = browHalf(contourShare, (x - first) / (last - first)) + 0.001;
  const off = Math.abs(y! - browHeight(line, Math.max(x, first)));
  return smoothstep(half + 0.008, half - 0.006, off) * smoothstep(first - 0.015, first + 0.015, x);
}
