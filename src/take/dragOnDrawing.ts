import type { PointerEvent as ReactPointerEvent, RefObject } from 'react';
import { clamp } from '@/core/units';
import { followPointer } from '@/ui/place/followPointer';
import { usePoseStore } from './poseStore';

/** What is dragged on a drawing of the set: the camera, the key, or another source by its id. */
export const CAMERA_ID = 'camera';

/** Answers a pointer that goes down on the camera or on a source, by its id. */
export type TakeHold = (id: string) => (event: ReactPointerEvent) => void;

/** Plan and side view are this wide in their own units. */
export const DRAWING_WIDTH = 200;

/**
 * Follows the pointer that took hold of camera or source `id` on `drawing`. `move` gets where it is, in the units of
 * the drawing. The panel opens on what is dragged.
 */
export function dragOnDrawing(
  event: ReactPointerEvent,
  drawing: RefObject<SVGSVGElement | null>,
  id: string,
  move: (x: number, y: number) => void,
): void {
  const { setDragging, setPanel } = usePoseStore.getState();
  setPanel(id === CAMERA_ID ? 'camera' : 'light');
  setDragging(true);
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  followPointer(
    ({ clientX, clientY }) => {
      const box = drawing.current!.getBoundingClientRect();
      const unitsPerPx = DRAWING_WIDTH / box.width;
      move((clientX - box.left) * unitsPerPx, (clientY - box.top) * unitsPerPx);
    },
    () => setDragging(false),
  );
}

/** The nearest value that a setting with these ends and this step can have. */
export function steppedWithin(
  value: number,
  { min, max, step }: { min: number; max: number; step: number },
): number {
  const stepped = Math.round(value / step) * step;
  return Math.round(clamp(stepped, min, max) * 1000) / 1000;
}
