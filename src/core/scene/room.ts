import { z } from 'zod';

/**
 * The room as far as the plan needs it. The sitter's mark is the origin of the set; walls stand at distances from it.
 */
export const roomSchema = z.strictObject({
  name: z.string().min(1).max(80),
  /** Size along x and z, metres. */
  widthM: z.number().min(1).max(60),
  depthM: z.number().min(1).max(60),
  /** From the mark to the wall behind the sitter (-z) and to the wall at camera left (-x), metres. */
  markToBackM: z.number().min(0).max(60),
  markToLeftM: z.number().min(0).max(60),
  door: z.strictObject({
    wall: z.enum(['back', 'front', 'left', 'right']),
    words: z.string().max(40),
    /** Both ends: along the back and front wall from the left, along the side walls from the back, metres. */
    fromM: z.number().min(0).max(60),
    toM: z.number().min(0).max(60),
  }),
});
export type Room = z.infer<typeof roomSchema>;
