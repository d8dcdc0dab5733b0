import type { Side } from '../units';

/** What a leg does: its foot stands, it lies, its knee kneels, or it is carried in the air. */
export const LEG_MODES = ['stands', 'lies', 'kneels', 'free'] as const;
export type LegMode = (typeof LEG_MODES)[number];

/** One way of carrying the body. */
interface CarriedRow {
  words: string;
  /** What bears the trunk: the feet alone, a seat under it, the knees, or the level on which it sits or lies. */
  on: 'feet' | 'seat' | 'knees' | 'level';
  /** Which way up the trunk lies; null where it is upright. A side is the one that is down. */
  lies: 'back' | 'front' | Side | null;
  /** What a leg does of which nothing is said. */
  legs: LegMode;
}

const ROWS = {
  stand: { words: 'standing', on: 'feet', lies: null, legs: 'stands' },
  lean: { words: 'leaning', on: 'feet', lies: null, legs: 'stands' },
  perch: { words: 'perched', on: 'seat', lies: null, legs: 'stands' },
  sit: { words: 'seated', on: 'seat', lies: null, legs: 'stands' },
  astride: { words: 'astride', on: 'seat', lies: null, legs: 'stands' },
  kneel: { words: 'kneeling high', on: 'knees', lies: null, legs: 'kneels' },
  kneelLow: { words: 'kneeling low', on: 'knees', lies: null, legs: 'kneels' },
  floor: { words: 'on the floor', on: 'level', lies: null, legs: 'stands' },
  reclineLeft: { words: 'lying on the left side', on: 'level', lies: 'left', legs: 'lies' },
  reclineRight: { words: 'lying on the right side', on: 'level', lies: 'right', legs: 'lies' },
  reclineBack: { words: 'lying on the back', on: 'level', lies: 'back', legs: 'lies' },
  reclineFront: { words: 'lying on the front', on: 'level', lies: 'front', legs: 'lies' },
  allFours: { words: 'on hands and knees', on: 'knees', lies: null, legs: 'kneels' },
} as const satisfies Record<string, CarriedRow>;

/** How the body is carried, and on what. */
export type Carried = keyof typeof ROWS;
export const CARRIED: Readonly<Record<Carried, CarriedRow>> = ROWS;
export const CARRIED_NAMES = Object.keys(ROWS) as Carried[];

/** Carried by the legs alone: the body is balanced over its feet. */
export function isOnFeet(carried: Carried): boolean {
  return CARRIED[carried].on === 'feet';
}

/** Whether a seat bears the trunk. */
export function isOnSeat(carried: Carried): boolean {
  return CARRIED[carried].on === 'seat';
}

/** Whether the trunk lies. */
export function isLying(carried: Carried): boolean {
  return CARRIED[carried].lies !== null;
}

/** The side that is down of one who lies on a side; null otherwise. */
export function sideLainOn(carried: Carried): Side | null {
  const { lies } = CARRIED[carried];
  return lies === 'left' || lies === 'right' ? lies : null;
}

/** Whether the legs lie along the level that carries the body too: sitting on it, or lying. */
export function isAlongLevel(carried: Carried): boolean {
  return CARRIED[carried].on === 'level';
}
