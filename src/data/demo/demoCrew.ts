import type { Sitter } from '@/core/people';
import { agreed, DARK, FAIR, GREY, item, NAVY, OLIVE, person } from './invented';

// Everybody here is invented.

const OUTFIT: Sitter['profile']['outfit'] = {
  top: { cut: 'tShirt', tone: [0.05, 0.16, 0.13] },
  bottom: { cut: 'trousers', tone: [0.045, 0.043, 0.05] },
  shoes: { heelM: 0, tone: [0.025, 0.022, 0.02] },
};

/** The rest of the eight, and the father of the family. */
export const CREW: readonly Sitter[] = [
  person({
    id: 'demo-marit',
    name: 'Marit Skovgaard',
    addressAs: 'Marit',
    pronouns: 'she',
    note: 'Six seat; teaches the Tuesday beginners.',
    consents: [agreed('touch', 'yes', 'Marit Skovgaard'), agreed('use', 'yes', 'Marit Skovgaard')],
    tags: ['crew of eight'],
    profile: {
      statureM: 1.78,
      massKg: 73,
      ageYears: 31,
      contourShare: 0.6,
      hair: 'bob',
      tones: FAIR,
      outfit: OUTFIT,
    },
  }),
  person({
    id: 'demo-deniz',
    name: 'Deniz Aydal',
    addressAs: 'Deniz',
    pronouns: 'he',
    note: 'Five seat, the engine room.',
    consents: [agreed('touch', 'yes', 'Deniz Aydal'), agreed('use', 'yes', 'Deniz Aydal')],
    tags: ['crew of eight'],
    profile: {
      statureM: 1.92,
      massKg: 98,
      ageYears: 28,
      build: 'muscular',
      contourShare: 0,
      tones: OLIVE,
      outfit: OUTFIT,
    },
  }),
  person({
    id: 'demo-wanda',
    name: 'Wanda Pellworm',
    addressAs: 'Wanda',
    pronouns: 'she',
    note: 'Four seat since the year the shed was built.',
    consents: [agreed('touch', 'ask', 'Wanda Pellworm'), agreed('use', 'yes', 'Wanda Pellworm')],
    tags: ['crew of eight'],
    profile: { statureM: 1.69, massKg: 79, ageYears: 66, contourShare: 0.6, tones: GREY, outfit: OUTFIT },
  }),
  person({
    id: 'demo-hugo',
    name: 'Hugo Brandsma',
    addressAs: 'Hugo',
    pronouns: 'he',
    note: 'Three seat.',
    consents: [agreed('touch', 'yes', 'Hugo Brandsma'), agreed('use', 'yes', 'Hugo Brandsma')],
    tags: ['crew of eight'],
    profile: {
      statureM: 1.75,
      massKg: 94,
      ageYears: 47,
      build: 'middle',
      contourShare: 0.1,
      tones: FAIR,
      outfit: OUTFIT,
    },
  }),
  person({
    id: 'demo-leontien',
    name: 'Leontien Vaas',
    addressAs: 'Leontien',
    pronouns: 'she',
    note: 'Two seat; the smallest oar in the boat.',
    consents: [agreed('touch', 'yes', 'Leontien Vaas'), agreed('use', 'yes', 'Leontien Vaas')],
    tags: ['crew of eight'],
    profile: {
      statureM: 1.63,
      massKg: 57,
      ageYears: 22,
      contourShare: 0.8,
      hair: 'long',
      tones: DARK,
      outfit: OUTFIT,
    },
  }),
  person({
    id: 'demo-aksel',
    name: 'Aksel Nyström',
    addressAs: 'Aksel',
    pronouns: 'he',
    note: 'Father of Pim.',
    consents: [agreed('touch', 'yes', 'Aksel Nyström'), agreed('use', 'yes', 'Aksel Nyström')],
    wardrobe: [item('aksel-shirt', 'shirt', 'navy shirt', NAVY)],
    tags: ['family'],
    profile: { statureM: 1.84, massKg: 86, ageYears: 38, contourShare: 0.1, tones: FAIR },
  }),
];
