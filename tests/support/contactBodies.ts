import type { BodyProfile } from '@/core/body';
import { profileOf } from './people';

interface ContactBody {
  name: string;
  profile: BodyProfile;
}

const FAIR: BodyProfile['tones'] = { skin: [0.56, 0.36, 0.26], hair: [0.09, 0.055, 0.03] };
const OLIVE: BodyProfile['tones'] = { skin: [0.36, 0.22, 0.14], hair: [0.02, 0.015, 0.012] };
const DARK: BodyProfile['tones'] = { skin: [0.1, 0.055, 0.035], hair: [0.012, 0.01, 0.01] };

function contact(name: string, said: Partial<BodyProfile>): ContactBody {
  return { name, profile: profileOf(said) };
}

/** Ten adults from 1.50 m and 45 kg to 1.92 m and 140 kg, a child of six and a teenager. */
export const CONTACT_BODIES: readonly ContactBody[] = [
  contact('1.50 m, 45 kg', { statureM: 1.5, massKg: 45, contourShare: 0.8, hair: 'bob', tones: FAIR }),
  contact('1.58 m, 70 kg, low', {
    statureM: 1.58,
    massKg: 70,
    contourShare: 0.9,
    build: 'low',
    hair: 'curls',
    tones: DARK,
  }),
  contact('1.65 m, 58 kg', { statureM: 1.65, massKg: 58, contourShare: 0.7, hair: 'long', tones: OLIVE }),
  contact('1.68 m, 105 kg, low', {
    statureM: 1.68,
    massKg: 105,
    contourShare: 0.8,
    build: 'low',
    hair: 'tiedBack',
    tones: FAIR,
  }),
  contact('1.70 m, 72 kg, 7 months', {
    statureM: 1.7,
    massKg: 72,
    contourShare: 0.8,
    pregnancyMonths: 7,
    hair: 'long',
    tones: FAIR,
  }),
  contact('1.75 m, 70 kg', { statureM: 1.75, massKg: 70, tones: FAIR }),
  contact('1.78 m, 88 kg, middle', {
    statureM: 1.78,
    massKg: 88,
    build: 'middle',
    ageYears: 62,
    hair: 'none',
    tones: OLIVE,
  }),
  contact('1.80 m, 84 kg, muscular', { statureM: 1.8, massKg: 84, build: 'muscular', tones: DARK }),
  contact('1.86 m, 64 kg', { statureM: 1.86, massKg: 64, contourShare: 0.2, hair: 'curls', tones: FAIR }),
  contact('1.92 m, 140 kg, high', { statureM: 1.92, massKg: 140, build: 'high', tones: OLIVE }),
  contact('child of six, 1.16 m, 21 kg', {
    statureM: 1.16,
    massKg: 21,
    ageYears: 6,
    contourShare: 0.2,
    tones: OLIVE,
  }),
  contact('girl of fourteen, 1.62 m, 50 kg', {
    statureM: 1.62,
    massKg: 50,
    ageYears: 14,
    contourShare: 0.55,
    hair: 'tiedBack',
    tones: DARK,
  }),
];
