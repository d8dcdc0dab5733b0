import { z } from 'zod';
import { cameraSchema } from '../camera';
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

/** Size of the measuring picture, pixels on its short and long side. */
export const MEASURING_SIZE = { short: 160, long: 240 } as const;

/** Picture size for a frame's orientation. */
export function measuringSize(shot: Shot, scale = 1): { width: number; height: number } {
  const { short, long } = MEASURING_SIZE;
  return shot.camera.orientation === 'upright'
    ? { width: short * scale, height: long * scale }
    : { width: long * scale, height: short * scale };
}
