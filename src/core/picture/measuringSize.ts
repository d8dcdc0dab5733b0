import { frameAspect } from '../camera';
import type { SoloShot } from '../shot';

/** Pixels of the measuring picture: 160 x 240 for a frame of 2:3. */
const MEASURING_PIXELS = 160 * 240;

/** Size of the measuring picture: its pixels are square, and as many whatever the frame's aspect. */
export function measuringSize({ camera }: SoloShot, scale = 1): { width: number; height: number } {
  const aspect = frameAspect(camera);
  return {
    width: Math.round(Math.sqrt(MEASURING_PIXELS * aspect)) * scale,
    height: Math.round(Math.sqrt(MEASURING_PIXELS / aspect)) * scale,
  };
}
