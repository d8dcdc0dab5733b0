import type { Room } from '@/core/scene';
import { DRAWING_WIDTH } from '../dragOnDrawing';

/** What turns places of the set, metres, into places of the drawing. */
export interface PlanScale {
  X(x: number): number;
  Y(z: number): number;
  /** Units of the drawing a metre. */
  scale: number;
}

/** The plan of one room: how it is drawn, and where its walls stand in the drawing. */
export interface Plan extends PlanScale {
  room: Room;
  left: number;
  top: number;
  width: number;
  depth: number;
  /** Height of the whole drawing. */
  height: number;
  /** Height of the words. */
  textSize: number;
  /** Back from the drawing to the set: to camera right and ahead of the mark, metres. */
  toSetM(x: number, y: number): { xM: number; zM: number };
}

const MARGIN = 10;
/** A room deeper than this share of its width is fitted by its depth. */
const DEEPEST_SHARE = 0.62;

export function planOf(room: Room, textSize: number): Plan {
  const scale = (DRAWING_WIDTH - 2 * MARGIN) / Math.max(room.widthM, room.depthM * DEEPEST_SHARE);
  const [width, depth] = [room.widthM * scale, room.depthM * scale];
  const left = (DRAWING_WIDTH - width) / 2;
  return {
    room,
    scale,
    left,
    top: MARGIN,
    width,
    depth,
    height: depth + 2 * MARGIN,
    textSize,
    X: (x) => left + (x + room.markToLeftM) * scale,
    Y: (z) => MARGIN + (z + room.markToBackM) * scale,
    toSetM: (x, y) => ({
      xM: (x - left) / scale - room.markToLeftM,
      zM: (y - MARGIN) / scale - room.markToBackM,
    }),
  };
}
