import type { BodyProfile } from '@/core/body';
import { EMPTY_SITTER, type Consent, type Sitter, type WardrobeItem } from '@/core/people';
import { AVERAGE_PROFILE } from '../records/blank';

// Everybody here is invented.

export const NAVY: WardrobeItem['tone'] = [0.03, 0.045, 0.08];
export const CLUB_GREEN: WardrobeItem['tone'] = [0.05, 0.16, 0.13];
export const WHITE: WardrobeItem['tone'] = [0.72, 0.72, 0.7];
export const BLACK: WardrobeItem['tone'] = [0.025, 0.025, 0.028];

type Said = Omit<Partial<Sitter>, 'profile'> &
  Pick<Sitter, 'id' | 'name' | 'addressAs'> & { profile: Partial<BodyProfile> };

export function person({ profile, ...said }: Said): Sitter {
  return { ...EMPTY_SITTER, ...said, profile: { ...AVERAGE_PROFILE, ...profile } };
}

export function agreed(
  about: Consent['about'],
  answer: Consent['answer'],
  agreedBy: string,
  words = '',
): Consent {
  return { about, answer, words, agreedOn: '2026-10-18', agreedBy };
}

export function item(
  id: string,
  garment: WardrobeItem['garment'],
  words: string,
  tone: WardrobeItem['tone'],
): WardrobeItem {
  return {
    id,
    garment,
    words,
    tone,
    pockets: garment.startsWith('jacket') || garment === 'trousers',
    heelM: 0,
  };
}

const tones = (skin: BodyProfile['tones']['skin'], hair: BodyProfile['tones']['hair']) => ({ skin, hair });
export const FAIR = tones([0.56, 0.36, 0.26], [0.075, 0.045, 0.028]);
export const DARK = tones([0.1, 0.055, 0.035], [0.012, 0.01, 0.01]);
export const OLIVE = tones([0.36, 0.22, 0.14], [0.02, 0.015, 0.012]);
export const GREY = tones([0.5, 0.32, 0.24], [0.42, 0.41, 0.39]);

/** Nothing that makes working together easier was said. */
export const NO_NEEDS = EMPTY_SITTER.needs;
