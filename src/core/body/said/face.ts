import { z } from 'zod';

/** What a face is told apart by, enough to plan its light: no likeness. Each from the first end, -1, to the second, 1. */
export const FACE_TRAITS = {
  noseLength: { words: 'length of the nose', ends: ['short', 'long'] },
  noseBreadth: { words: 'breadth of the nose', ends: ['narrow', 'broad'] },
  noseBridge: { words: 'bridge of the nose', ends: ['flat', 'high'] },
  jawBreadth: { words: 'jaw', ends: ['narrow', 'broad'] },
  chinForward: { words: 'chin', ends: ['back', 'forward'] },
  browDepth: { words: 'ridge of the brow', ends: ['smooth', 'heavy'] },
  lipFullness: { words: 'lips', ends: ['thin', 'full'] },
  cheekbones: { words: 'cheekbones', ends: ['flat', 'strong'] },
} as const satisfies Record<string, { words: string; ends: readonly [string, string] }>;
export type FaceTrait = keyof typeof FACE_TRAITS;
export const FACE_TRAIT_NAMES = Object.keys(FACE_TRAITS) as FaceTrait[];

const share = z.number().min(-1).max(1).optional();

/** What of a face differs from the average; 0 where nothing is said. */
export const faceSchema = z
  .strictObject(
    Object.fromEntries(FACE_TRAIT_NAMES.map((name) => [name, share])) as Record<FaceTrait, typeof share>,
  )
  .optional();
