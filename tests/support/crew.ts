import { bodyFrom } from '@/core/body';
import type { Modelled } from '@/core/group';
import { profileOf } from './people';

type Said = Parameters<typeof profileOf>[0];

/** Unlike people, so many as are asked for; the same ones every time. */
const PEOPLE: Said[] = [
  { statureM: 1.86, massKg: 77, ageYears: 29 },
  { statureM: 1.79, massKg: 82, ageYears: 36 },
  { statureM: 1.9, massKg: 88, ageYears: 26 },
  { statureM: 1.58, massKg: 52, ageYears: 33, motionLimits: ['usesWheelchair'], wheelchairSeatM: 0.5 },
  {
    statureM: 1.83,
    massKg: 108,
    ageYears: 71,
    motionLimits: ['stiffLeftKnee', 'cannotKneel', 'shortStanding'],
  },
  { statureM: 1.68, massKg: 102, ageYears: 44 },
  { statureM: 1.64, massKg: 51, ageYears: 14 },
  { statureM: 1.7, massKg: 74, ageYears: 34, motionLimits: ['pregnant'], pregnancyMonths: 7 },
  { statureM: 1.66, massKg: 68, ageYears: 35 },
  { statureM: 1.17, massKg: 21.5, ageYears: 6 },
  { statureM: 1.75, massKg: 70, ageYears: 41 },
  { statureM: 1.62, massKg: 58, ageYears: 52 },
  { statureM: 1.81, massKg: 84, ageYears: 23 },
];

const known = new Map<string, Modelled>();

/** A group of so many; past the first thirteen they come again, a little taller each time. Each is modelled once. */
export function groupOf(count: number, from = 0): Modelled[] {
  return Array.from({ length: count }, (_, i) => {
    const said = PEOPLE[(i + from) % PEOPLE.length]!;
    const again = Math.floor((i + from) / PEOPLE.length);
    const role = `${'abcdefghijklmnopqrstuvwxyz'[i % 26]}${i < 26 ? '' : 'a'}`;
    const profile = profileOf({ ...said, statureM: said!.statureM! + 0.01 * again });
    const key = JSON.stringify(profile);
    const member = known.get(key) ?? { role, profile, body: bodyFrom(profile) };
    known.set(key, member);
    return { ...member, role };
  });
}
