import { z } from 'zod';
import { bodyProfileSchema } from '../body';
import { eachOnce } from '../checks';
import { consentSchema, latestConsents } from './consent';
import { voiceSchema } from './voice';
import { wardrobeItemSchema } from './wardrobe';

const id = z.string().min(1).max(60);
const words = (most: number) => z.string().max(most);

/** What makes it easier to work together, each in the sitter's own words; empty where nothing is needed. */
export const NEEDS = {
  hearing: 'hearing',
  sight: 'sight',
  sensory: 'noise, light, touch',
  interpreter: 'interpreter',
} as const;
export type Need = keyof typeof NEEDS;
export const NEED_NAMES = Object.keys(NEEDS) as Need[];

export const BETTER_SIDES = ['unsaid', 'left', 'right', 'both'] as const;
export const UNIT_SYSTEMS = ['metric', 'imperial'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/** Younger than this, a guardian agrees. */
export const ADULT_YEARS = 18;

/** The person posed: everything that a person said about them. */
export const sitterSchema = z.strictObject({
  id,
  name: z.string().trim().min(1).max(120),
  /** How they like to be addressed. */
  addressAs: z.string().trim().min(1).max(60),
  pronouns: words(40),
  language: words(60),
  /** How directions are said to them; absent where nobody has chosen. */
  voice: voiceSchema.optional(),
  email: words(200),
  phone: words(60),
  needs: z.strictObject({
    hearing: words(300),
    sight: words(300),
    sensory: words(300),
    interpreter: words(300),
  }),
  /** Units in which this sitter gives measures. */
  units: z.enum(UNIT_SYSTEMS),
  profile: bodyProfileSchema,
  /** What else limits them, in plain words. */
  motionWords: words(1000),
  betterSide: z.enum(BETTER_SIDES),
  wishes: words(2000),
  dislikes: words(2000),
  /** What is not done, in words that can be read aloud to them; and the word at which everybody stops. */
  boundaries: words(2000),
  stopWord: words(40),
  consents: z.array(consentSchema).max(200),
  guardian: z.strictObject({ name: z.string().trim().min(1).max(120), phone: words(60) }).optional(),
  wardrobe: z.array(wardrobeItemSchema).max(60).superRefine(eachOnce('id')),
  /** May be read by the sitter. */
  note: words(4000),
  /** For the photographer alone: never part of anything that leaves for a client. */
  privateNote: words(4000),
  tags: z.array(z.string().trim().min(1).max(40)).max(20),
  archived: z.boolean(),
  /** When the record was put in the bin; absent for one that is not. */
  binnedAt: z.iso.datetime().optional(),
});
export type Sitter = z.infer<typeof sitterSchema>;

/** A record with nothing said yet. */
export const EMPTY_SITTER: Omit<Sitter, 'id' | 'name' | 'addressAs' | 'profile'> = {
  pronouns: '',
  language: '',
  email: '',
  phone: '',
  needs: { hearing: '', sight: '', sensory: '', interpreter: '' },
  units: 'metric',
  motionWords: '',
  betterSide: 'unsaid',
  wishes: '',
  dislikes: '',
  boundaries: '',
  stopWord: '',
  consents: [],
  wardrobe: [],
  note: '',
  privateNote: '',
  tags: [],
  archived: false,
};

export const GROUP_KINDS = {
  family: 'family',
  couple: 'couple',
  crew: 'crew or team',
  other: 'other',
} as const;
export type GroupKind = keyof typeof GROUP_KINDS;

/** Who belongs to whom. */
export const groupSchema = z.strictObject({
  id,
  name: z.string().trim().min(1).max(120),
  kind: z.enum(Object.keys(GROUP_KINDS) as [GroupKind, ...GroupKind[]]),
  members: z
    .array(z.strictObject({ sitterId: id, role: words(60) }))
    .max(100)
    .superRefine(eachOnce('sitterId')),
});
export type Group = z.infer<typeof groupSchema>;

/** A record as a client may see it: without the photographer's private notes. */
export function forClient(sitter: Sitter): Sitter {
  return { ...sitter, privateNote: '' };
}

/** What should be settled before this person is photographed, in plain words. */
export function stillOpen(sitter: Sitter): string[] {
  const open: string[] = [];
  const minor = sitter.profile.ageYears < ADULT_YEARS;
  if (minor && !sitter.guardian) open.push('a guardian is needed, and is not named');
  const consents = latestConsents(sitter.consents);
  for (const about of ['touch', 'use'] as const)
    if (!consents[about]) open.push(about === 'touch' ? 'touch was not talked about' : 'use was not agreed');
  if (minor && sitter.guardian) {
    const guardian = sitter.guardian.name;
    for (const consent of Object.values(consents))
      if (consent.answer === 'yes' && consent.agreedBy !== guardian)
        open.push(`${consent.about} was agreed by ${consent.agreedBy}, not by the guardian ${guardian}`);
  }
  if (sitter.needs.interpreter !== '') open.push(`interpreter: ${sitter.needs.interpreter}`);
  return open;
}

/** A record as it is written: a measure that was given up is absent, not a gap. */
export function withoutGaps(sitter: Sitter): Sitter {
  return JSON.parse(JSON.stringify(sitter)) as Sitter;
}
