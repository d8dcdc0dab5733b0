import { z } from 'zod';
import type { BodyProfile } from '../body';
import { outfitWith, type Sitter } from '../people';
import { messageSchema, type Message } from '../pose';
import { eachOnce } from '../checks';
import { schoolingSchema } from './schools/ownSchool';
import { targetChangesSchema } from './targets/targets';

/** Named messages. The traditional ones are chosen by the client, never assumed. */
export const PRESETS = {
  business: { words: 'business', message: { presence: 0.3, openness: 0.4, formality: 0.6, movement: -0.7 } },
  relaxed: { words: 'relaxed', message: { presence: -0.1, openness: 0.6, formality: -0.6, movement: 0.1 } },
  story: { words: 'story', message: { presence: 0.1, openness: 0.1, formality: -0.3, movement: 0.6 } },
  traditionalMasculine: {
    words: 'traditional, masculine',
    message: { presence: 0.8, openness: 0.2, formality: 0.2, movement: -0.5 },
  },
  traditionalFeminine: {
    words: 'traditional, feminine',
    message: { presence: -0.7, openness: 0.2, formality: 0.1, movement: -0.3 },
  },
} as const satisfies Record<string, { words: string; message: Message }>;
export type Preset = keyof typeof PRESETS;
export const PRESET_NAMES = Object.keys(PRESETS) as Preset[];

/** Where all four scales stand in the middle. */
export const MIDDLE_MESSAGE: Message = { presence: 0, openness: 0, formality: 0, movement: 0 };

/** The preset whose message this is; undefined for one's own. */
export function presetOf(message: Message): Preset | undefined {
  return PRESET_NAMES.find((name) =>
    (Object.keys(message) as (keyof Message)[]).every((s) => PRESETS[name].message[s] === message[s]),
  );
}

/** The four scales with what their ends mean. */
export const SCALES: Readonly<Record<keyof Message, readonly [low: string, high: string]>> = {
  presence: ['softness', 'presence'],
  openness: ['reserved', 'open'],
  formality: ['easy', 'formal'],
  movement: ['still', 'moving'],
};
export const SCALE_NAMES = Object.keys(SCALES) as (keyof Message)[];

/** How far a message is from the one that is wanted, 0 to 1; 0 where none is. */
export function offMessage(message: Message, wanted: Message | null): number {
  if (!wanted) return 0;
  const sum = SCALE_NAMES.reduce((s, scale) => s + (message[scale] - wanted[scale]) ** 2, 0);
  return Math.sqrt(sum / SCALE_NAMES.length) / 2;
}

/** Formats in which pictures are used, width against height. */
export const FORMATS = {
  upright: { words: 'upright 2:3', aspect: 2 / 3 },
  landscape: { words: 'landscape 3:2', aspect: 3 / 2 },
  square: { words: 'square', aspect: 1 },
  fourFive: { words: '4:5', aspect: 4 / 5 },
  banner: { words: 'banner 3:1', aspect: 3 },
} as const;
export type Format = keyof typeof FORMATS;
export const FORMAT_NAMES = Object.keys(FORMATS) as Format[];

/** How much of the sitter a use needs. */
export const CROPS = ['full', 'threeQuarter', 'half', 'headAndShoulders', 'head', 'detail'] as const;
export type Crop = (typeof CROPS)[number];
export const CROP_WORDS: Record<Crop, string> = {
  full: 'full length',
  threeQuarter: 'three-quarter',
  half: 'half',
  headAndShoulders: 'head and shoulders',
  head: 'head',
  detail: 'detail',
};

const id = z.string().min(1).max(60);

/** What one look of a sitting must say and bring. */
export const lookSchema = z.strictObject({
  id,
  name: z.string().trim().min(1).max(120),
  place: z.string().max(120),
  minutes: z.number().min(1).max(1440),
  /** What the pictures say; null: each pose says its own. */
  message: messageSchema.nullable(),
  /** Ranges of the message that were changed by hand. */
  targets: targetChangesSchema,
  /** The school that the review follows; without one, the message alone. */
  schooling: schoolingSchema.optional(),
  uses: z
    .array(
      z.strictObject({
        id,
        words: z.string().trim().min(1).max(200),
        format: z.enum(FORMAT_NAMES),
        crop: z.enum(CROPS),
      }),
    )
    .max(30)
    .superRefine(eachOnce('id')),
  mustHaves: z
    .array(z.strictObject({ id, words: z.string().trim().min(1).max(200) }))
    .max(60)
    .superRefine(eachOnce('id')),
  /** Items of the sitter's wardrobe that are worn. */
  wears: z.array(id).max(30),
  props: z.string().max(1000),
  avoid: z.string().max(1000),
});
export type Look = z.infer<typeof lookSchema>;

/** A look about which nothing was said yet. */
export const EMPTY_LOOK: Omit<Look, 'id'> = {
  name: 'first look',
  place: '',
  minutes: 30,
  message: null,
  targets: {},
  uses: [],
  mustHaves: [],
  wears: [],
  props: '',
  avoid: '',
};

/** The look of a sitting in which something is taken. */
export function lookOf(
  sitting: { looks: readonly Look[] },
  taken: { lookId: string } | undefined,
): Look | undefined {
  return sitting.looks.find((l) => l.id === taken?.lookId);
}

/** The sitter's body in the clothes of a look. Items that the wardrobe no longer has are left out. */
export function dressedFor(
  sitter: Pick<Sitter, 'profile' | 'wardrobe'>,
  look: Look | undefined,
): BodyProfile {
  const items = (look?.wears ?? []).flatMap((itemId) => sitter.wardrobe.filter((w) => w.id === itemId));
  return items.length === 0
    ? sitter.profile
    : { ...sitter.profile, outfit: outfitWith(sitter.profile.outfit, items) };
}
