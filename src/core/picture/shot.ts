import { z } from 'zod';
import { cameraSchema, frameAspect } from '../camera';
import { lightSchema } from '../light';
import { poseSchema } from '../pose';
import { exposureSchema } from '../set';

/** A pose as it is photographed: what a person said about pose, camera and light. */
export const shotSchema = z.strictObject({
  pose: poseSchema,
  camera: cameraSchema,
  light: lightSchema,
  exposure: exposureSchema.optional(),
});
export type Shot = z.infer<typeof shotSchema>;

/** Pixels of the measuring picture: 160 x 240 for a frame of 2:3. */
const MEASURING_PIXELS = 160 * 240;

/** Size of the measuring picture: its pixels are square, and as many whatever the frame's aspect. */
export function measuringSize({ camera }: Shot, scale = 1): { width: number; height: number } {
  const aspect = frameAspect(camera);
  return {
    width: Math.round(Math.sqrt(MEASURING_PIXELS * aspect)) * scale,
    height: Math.round(Math.sqrt(MEASURING_PIXELS / aspect)) * scale,
  };
}
