import { z } from 'zod';

export const WALLS = ['back', 'front', 'left', 'right'] as const;
export type Wall = (typeof WALLS)[number];
/** What a wall is called on the set, seen from the camera. */
export const WALL_WORDS: Record<Wall, string> = {
  back: 'back wall',
  front: 'front wall',
  left: 'left wall',
  right: 'right wall',
};

/** Where an opening begins and ends: along the back and front wall from the left, along the side walls from the back, metres. */
export const SPAN = {
  wall: z.enum(WALLS),
  words: z.string().max(40),
  fromM: z.number().min(0).max(60),
  toM: z.number().min(0).max(60),
};

/** Ranges of a window's heights. */
export const WINDOW_RANGES = {
  sillM: { min: 0, max: 5, unit: 'm', words: 'sill' },
  headM: { min: 0.3, max: 8, unit: 'm', words: 'top' },
} as const;

/** A window: its span along a wall, its sill and its upper edge over the floor. */
export const windowSchema = z.strictObject({
  ...SPAN,
  sillM: z.number().min(WINDOW_RANGES.sillM.min).max(WINDOW_RANGES.sillM.max),
  headM: z.number().min(WINDOW_RANGES.headM.min).max(WINDOW_RANGES.headM.max),
});
export type RoomWindow = z.infer<typeof windowSchema>;

/** More windows than this are a slip. */
export const MOST_WINDOWS = 8;

/** A window of usual size in the middle of the left wall (common practice: sill 0.9 m, upper edge 2.1 m). */
export function usualWindow(wallM: number, words: string): RoomWindow {
  const half = Math.min(0.6, wallM / 4);
  const toCm = (m: number) => Math.round(m * 100) / 100;
  return {
    wall: 'left',
    words,
    fromM: toCm(wallM / 2 - half),
    toM: toCm(wallM / 2 + half),
    sillM: 0.9,
    headM: 2.1,
  };
}
