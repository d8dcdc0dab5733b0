import type { Handle } from '@/core/adapt';
import { project, type View } from '@/core/camera';
import type { ReachablePlace } from '@/core/figure';
import { dot, subtract, type Side, type Vec3 } from '@/core/units';

/** A hand is laid on a place that it is let go this near to, pixels. */
const SNAP_PX = 20;
/** Each press of an arrow key moves a handle this far, metres. */
export const KEY_M = 0.02;

/** The way that each arrow key moves, in the picture. */
export const ARROWS: Record<string, [right: number, up: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/** The sitter's side of a hand's handle; null of the others. */
export function handSide(handle: Handle): Side | null {
  return handle.endsWith(':hand') ? (handle.split(':')[0] as Side) : null;
}

/** A way in the picture as a way in the set, metres. */
export function inSet(view: View, rightM: number, upM: number): Vec3 {
  return [0, 1, 2].map((c) => view.right[c]! * rightM + view.up[c]! * upM) as Vec3;
}

/** Where a place of the set is seen, in pixels of the page. */
function onPage(view: View, box: DOMRect, point: Vec3): { x: number; y: number } {
  const { x, y } = project(view, point);
  return { x: box.left + ((x + 1) / 2) * box.width, y: box.top + ((1 - y) / 2) * box.height };
}

/** The place that faces the lens nearest to the pointer, within the reach of a snap. */
export function nearest(
  places: readonly ReachablePlace[],
  view: View,
  box: DOMRect,
  clientX: number,
  clientY: number,
): ReachablePlace | null {
  let best: ReachablePlace | null = null;
  let bestPx = SNAP_PX;
  for (const place of places) {
    if (dot(subtract(view.eye, place.point), place.normal) < 0) continue;
    const { x, y } = onPage(view, box, place.point);
    const px = Math.hypot(x - clientX, y - clientY);
    if (px >= bestPx) continue;
    bestPx = px;
    best = place;
  }
  return best;
}
