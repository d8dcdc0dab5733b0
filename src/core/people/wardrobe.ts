import { z } from 'zod';
import { reflectance, type Outfit } from '../body';

/** Slots of an outfit; two garments of one slot are not worn together. */
export type Slot = 'top' | 'bottom' | 'jacket' | 'shoes' | 'glasses' | 'headScarf' | 'none';

/** What of an item is seen on the body: its tone, and for shoes the height of their heel, metres. */
interface Worn {
  tone: Outfit['top']['tone'];
  heelM: number;
}

/** One kind of garment: what it is called, the slot that it fills, and what of the outfit it makes. */
interface GarmentRow {
  words: string;
  slot: Slot;
  worn(item: Worn): Partial<Outfit>;
}

const top =
  (cut: Outfit['top']['cut']) =>
  ({ tone }: Worn): Partial<Outfit> => ({ top: { cut, tone } });
const bottom =
  (cut: Outfit['bottom']['cut']) =>
  ({ tone }: Worn): Partial<Outfit> => ({ bottom: { cut, tone } });

const ROWS = {
  tShirt: { words: 'T-shirt', slot: 'top', worn: top('tShirt') },
  shirt: { words: 'shirt or blouse', slot: 'top', worn: top('shirt') },
  fittedTop: { words: 'fitted top', slot: 'top', worn: top('fittedTop') },
  dress: { words: 'dress', slot: 'top', worn: top('dress') },
  base: { words: 'plain close base', slot: 'top', worn: top('base') },
  trousers: { words: 'trousers', slot: 'bottom', worn: bottom('trousers') },
  skirt: { words: 'skirt', slot: 'bottom', worn: bottom('skirt') },
  shorts: { words: 'close shorts', slot: 'bottom', worn: bottom('base') },
  jacketOpen: {
    words: 'jacket, worn open',
    slot: 'jacket',
    worn: ({ tone }: Worn) => ({ jacket: { worn: 'open', tone } }),
  },
  jacketClosed: {
    words: 'jacket, buttoned',
    slot: 'jacket',
    worn: ({ tone }: Worn) => ({ jacket: { worn: 'closed', tone } }),
  },
  shoes: { words: 'shoes', slot: 'shoes', worn: ({ tone, heelM }: Worn) => ({ shoes: { heelM, tone } }) },
  glasses: { words: 'glasses', slot: 'glasses', worn: ({ tone }: Worn) => ({ glasses: { tone } }) },
  headScarf: { words: 'head scarf', slot: 'headScarf', worn: ({ tone }: Worn) => ({ headScarf: { tone } }) },
  other: { words: 'something else', slot: 'none', worn: () => ({}) },
} as const satisfies Record<string, GarmentRow>;
export type Garment = keyof typeof ROWS;
/** Kinds of garments. */
export const GARMENTS: Readonly<Record<Garment, GarmentRow>> = ROWS;
export const GARMENT_NAMES = Object.keys(ROWS) as Garment[];

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
  return items.reduce<Outfit>((outfit, item) => ({ ...outfit, ...GARMENTS[item.garment].worn(item) }), {
    ...base,
  });
}
