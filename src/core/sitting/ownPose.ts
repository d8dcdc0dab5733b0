import { z } from 'zod';
import { poseSchema } from '../pose';

/** A pose that the photographer kept: only what was said, so that it opens on any sitter. */
export const ownPoseSchema = z.strictObject({
  id: z.string().min(1).max(60),
  name: z.string().trim().min(1, 'give the pose a name').max(80),
  tags: z.array(z.string().trim().min(1).max(40)).max(20),
  note: z.string().max(2000),
  keptAt: z.iso.datetime(),
  pose: poseSchema,
});
export type OwnPose = z.infer<typeof ownPoseSchema>;
