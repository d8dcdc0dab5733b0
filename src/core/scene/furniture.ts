import { z } from 'zod';
import { SUPPORT_KINDS, supportAt, type Support } from './placed';

/** More pieces than this are a slip. */
export const MOST_FURNITURE = 12;

/** A piece that stands in the room whatever the sitter does: its middle by the tape, from two walls. */
export const furnitureSchema = z.strictObject({
  kind: z.enum(SUPPORT_KINDS),
  fromLeftM: z.number().min(0).max(60),
  fromBackM: z.number().min(0).max(60),
  /** Its front turned to the left of the set's front, degrees. */
  turnLeftDeg: z.number().min(-180).max(180),
});
export type Furniture = z.infer<typeof furnitureSchema>;

/** Where the sitter's mark is, from the same walls, metres. */
interface Mark {
  markToLeftM: number;
  markToBackM: number;
}

/** Pieces of a room as supports of the set, whose middle is the mark. */
export function furnitureOnSet(pieces: readonly Furniture[], { markToLeftM, markToBackM }: Mark): Support[] {
  return pieces.map(({ kind, fromLeftM, fromBackM, turnLeftDeg }) =>
    supportAt(kind, { leftM: fromLeftM - markToLeftM, aheadM: fromBackM - markToBackM, turnLeftDeg }),
  );
}
