import { z } from 'zod';
import { reflectance } from './reflectance';

/** What covers the trunk next to the skin. `base` is a plain close bodice, as a swimsuit. */
export const TOPS = ['base', 'tShirt', 'shirt', 'fittedTop', 'dress'] as const;
/** What covers hips and legs; under a dress it is not seen. */
export const BOTTOMS = ['base', 'trousers', 'skirt'] as const;
export const JACKETS = ['open', 'closed'] as const;
export type Top = (typeof TOPS)[number];
export type Bottom = (typeof BOTTOMS)[number];

/** What the sitter wears. Tones are kept apart from cuts, because tone decides what the eye goes to. */
export const outfitSchema = z.strictObject({
  top: z.strictObject({ cut: z.enum(TOPS), tone: reflectance }),
  bottom: z.strictObject({ cut: z.enum(BOTTOMS), tone: reflectance }),
  jacket: z.strictObject({ worn: z.enum(JACKETS), tone: reflectance }).optional(),
  /** Height of the heel under the heel bone above the sole under the ball, metres; 0 for a flat shoe. */
  shoes: z.strictObject({ heelM: z.number().min(0).max(0.12), tone: reflectance }),
  glasses: z.strictObject({ tone: reflectance }).optional(),
  headScarf: z.strictObject({ tone: reflectance }).optional(),
});

export type Outfit = z.infer<typeof outfitSchema>;

/** Whether the legs are in a skirt or in that of a dress. */
export function wearsSkirt({ top, bottom }: Outfit): boolean {
  return top.cut === 'dress' || bottom.cut === 'skirt';
}
