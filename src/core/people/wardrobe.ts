import { z } from 'zod';
import { reflectance, type Outfit } from '../body';

/** Kinds of garments, with the slot of the outfit that each fills. Two of one slot are not worn together. */
export const GARMENTS = {
  tShirt: { words: 'T-shirt', slot: 'top' },
  shirt: { words: 'shirt or blouse', slot: 'top' },
  fittedTop: { words: 'fitted top', slot: 'top' },
  dress: { words: 'dress', slot: 'top' },
  base: { words: 'plain close base', slot: 'top' },
  trousers: { words: 'trousers', slot: 'bottom' },
  skirt: { words: 'skirt', slot: 'bottom' },
  shorts: { words: 'close shorts', slot: 'bottom' },
  jacketOpen: { words: 'jacket, worn open', slot: 'jacket' },
  jacketClosed: { words: 'jacket, buttoned', slot: 'jacket' },
  shoes: { words: 'shoes', slot: 'shoes' },
  glasses: { words: 'glasses', slot: 'glasses' },
  headScarf: { words: 'head scarf', slot: 'headScarf' },
  other: { words: 'something else', slot: 'none' },
} as const;
export type Garment = keyof typeof GARMENTS;
export const GARMENT_NAMES = Object.keys(GARMENTS) as Garment[];

/** One thing a sitter can wear. */
export const wardrobeItemSchema = z.strictObject({
  id: z.string().min(1).max(60),
  garment: z.enum(GARMENT_NAMES),
  /** What it is called between sitter and photographer. */
  words: z.string().min(1).max(80),
  tone: reflectance,
  /** Pockets that a hand can use. */
  pockets: z.boolean(),
  /** For shoes, metres. */
  heelM: z.number().min(0).max(0.12),
});
export type WardrobeItem = z.infer<typeof wardrobeItemSchema>;

/** The base outfit with the chosen items put on, in their order: the last of a slot is the one that is seen. */
export function outfitWith(base: Outfit, items: readonly WardrobeItem[]): Outfit {
  let outfit: Outfit = { ...base };
  for (const { garment, tone, heelM } of items)
    switch (garment) {
      case 'tShirt':
      case 'shirt':
      case 'fittedTop':
      case 'dress':
      case 'base':
        outfit = { ...outfit, top: { cut: garment, tone } };
        break;
      case 'trousers':
      case 'skirt':
        outfit = { ...outfit, bottom: { cut: garment, tone } };
        break;
      case 'shorts':
        outfit = { ...outfit, bottom: { cut: 'base', tone } };
        break;
      case 'jacketOpen':
      case 'jacketClosed':
        outfit = { ...outfit, jacket: { worn: garment === 'jacketOpen' ? 'open' : 'closed', tone } };
        break;
      case 'shoes':
        outfit = { ...outfit, shoes: { heelM, tone } };
        break;
      case 'glasses':
      case 'headScarf':
        outfit = { ...outfit, [garment]: { tone } };
        break;
      case 'other':
        break;
    }
  return outfit;
}
