import { EYEBALL } from '../../bones/skeleton';
import { averagePlace } from '../cage/cage';

/** Edge of one lid from the inner corner to the outer one, from the eye's centre, head heights. */
function edgeOf(points: readonly number[]): [x: number, y: number][] {
  const [ex, ey] = EYEBALL.centre;
  return points.map((at) => {
    const p = averagePlace(`e1_${at}`)!;
    return [p[0]! - ex, p[1]! - ey];
  });
}
const UPPER = edgeOf([0, 1, 2, 3, 4, 5]);
const LOWER = edgeOf([0, 9, 8, 7, 6, 5]);

function heightOn(edge: readonly [number, number][], x: number): number {
  const after = edge.findIndex(([atX]) => atX > x);
  if (after < 1) return edge[after < 0 ? edge.length - 1 : 0]![1];
  const [[ax, ay], [bx, by]] = [edge[after - 1]!, edge[after]!];
  return ay + ((by - ay) * (x - ax)) / (bx - ax);
}

/** Height of the edges of the open lids above and below the eye's axis at a place across the eye, head heights. */
export function lidEdges(xInEye: number): { upper: number; lower: number } {
  return { upper: heightOn(UPPER, xInEye), lower: heightOn(LOWER, xInEye) };
}
