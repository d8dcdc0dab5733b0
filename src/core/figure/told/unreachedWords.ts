import { targetWords, type ContactTarget } from '../../pose';
import type { Side } from '../../units';

/** Something that could not be done as asked. */
export interface Unreached {
  id: UnreachedId;
  side: Side | null;
  /** By how much, metres or degrees as the row says; 0 where there is nothing to measure. */
  amount: number;
  unit: 'm' | '°';
  /** What was asked and what came of it, where that says more than the amount; shown in the setting's own unit. */
  asked?: number;
  found?: number;
  /** The place that is not there, or that something stays off. */
  to?: ContactTarget;
}

interface UnreachedRow {
  unit: Unreached['unit'];
  /** Whether something stays short of its place, so that another change may bring it there. */
  isShort: boolean;
  words(told: Unreached): string;
}

const round = (value: number | undefined) => Math.round(value ?? 0);
const ROWS = {
  foot: { unit: 'm', isShort: true, words: ({ side }) => `${side} foot does not reach its mark` },
  footSlid: {
    unit: 'm',
    isShort: false,
    words: ({ side, found }) => `${side} foot stays ${round(found)} cm nearer: the leg is not longer`,
  },
  hand: { unit: 'm', isShort: true, words: ({ side }) => `${side} hand stays short` },
  back: { unit: 'm', isShort: true, words: ({ to }) => `back stays off the ${targetWords(to!, null)}` },
  shoulder: {
    unit: 'm',
    isShort: true,
    words: ({ side, to }) => `${side} shoulder stays off the ${targetWords(to!, side)}`,
  },
  head: {
    unit: 'm',
    isShort: true,
    words: ({ to }) => `head stays off the other’s ${targetWords(to!, null)}`,
  },
  unsettled: {
    unit: 'm',
    isShort: false,
    words: () => 'the two do not come to rest with each other; one of them has to give way more',
  },
  armCarriedOut: { unit: '°', isShort: false, words: ({ side }) => `${side} arm is carried out by the body` },
  legCarriedUp: {
    unit: '°',
    isShort: false,
    words: ({ side }) => `${side} thigh is carried up by the seat`,
  },
  elbow: {
    unit: '°',
    isShort: false,
    words: ({ side, found }) => `${side} elbow would have to bend ${round(found)}°`,
  },
  elbowTurn: {
    unit: '°',
    isShort: false,
    words: ({ side, asked, found }) =>
      `${side} elbow turns ${round(found)}° for ${round(asked)}° asked: the hand leaves it no more room`,
  },
  knee: {
    unit: '°',
    isShort: false,
    words: ({ side, found, asked }) => `${side} knee bends ${round(found)}° for ${round(asked)}° asked`,
  },
  hipsAside: {
    unit: 'm',
    isShort: false,
    words: ({ found, asked }) => `hips go ${round(found)} cm aside for ${round(asked)} cm asked`,
  },
  hipsAhead: {
    unit: 'm',
    isShort: false,
    words: ({ found, asked }) => `hips go ${round(found)} cm forward for ${round(asked)} cm asked`,
  },
  trunkLeans: { unit: '°', isShort: false, words: () => 'the trunk leans to stay over the feet' },
  noPlace: {
    unit: 'm',
    isShort: true,
    words: ({ to }) => `there is no ${targetWords(to!, null)} here to touch`,
  },
  tips: { unit: 'm', isShort: true, words: () => 'the body would tip over' },
  weight: { unit: 'm', isShort: true, words: () => 'weight is not where it was asked' },
  eyes: { unit: '°', isShort: false, words: () => 'eyes do not reach their target' },
} as const satisfies Record<string, UnreachedRow>;
export type UnreachedId = keyof typeof ROWS;
export const UNREACHED: Readonly<Record<UnreachedId, UnreachedRow>> = ROWS;

/** What was not reached, in plain words without its amount. */
export function unreachedWords(told: Unreached): string {
  return UNREACHED[told.id].words(told);
}

/** Whether something stays short of its place. */
export function staysShort({ id }: Unreached): boolean {
  return UNREACHED[id].isShort;
}
