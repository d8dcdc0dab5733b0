import { z } from 'zod';
import { siteSchema } from './sun';

/**
 * The room as far as the plan needs it. The sitter's mark is the origin of the set; walls stand at distances from it.
 */
export const roomSchema = z
  .strictObject({
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
    /** Where the room is on the earth, for sun at the window or outdoors. */
    site: siteSchema.optional(),
  })
  .check(({ value, issues }) => {
    const { widthM, depthM, markToBackM, markToLeftM, door } = value;
    const wallM = door.wall === 'back' || door.wall === 'front' ? widthM : depthM;
    const put = (path: string[], input: number, message: string) =>
      issues.push({ code: 'custom', path, input, message });
    if (markToBackM > depthM)
      put(
        ['markToBackM'],
        markToBackM,
        `markToBackM ${markToBackM} must be from 0 to the depth, ${depthM} m`,
      );
    if (markToLeftM > widthM)
      put(
        ['markToLeftM'],
        markToLeftM,
        `markToLeftM ${markToLeftM} must be from 0 to the width, ${widthM} m`,
      );
    if (door.fromM >= door.toM)
      put(['door', 'fromM'], door.fromM, `door.fromM ${door.fromM} must be below door.toM ${door.toM}`);
    if (door.toM > wallM)
      put(['door', 'toM'], door.toM, `door.toM ${door.toM} must be from 0 to the wall’s ${wallM} m`);
  });
export type Room = z.infer<typeof roomSchema>;
