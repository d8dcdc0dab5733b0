import type { HairShape } from '../../said/profile';
import { COILED, CROPPED, CURLED, fromCrown, SHORT } from './fromCrown';
import { fromParting } from './fromParting';
import type { Way } from './laid';
import { KNOTS } from './knots';
import { toKnot } from './toKnot';

/** Waves along the strands: how high they stand, head heights, and how many there are on a strand. */
interface Waves {
  high: number;
  count: number;
  /** How differently neighbouring strands wave: 0 for locks that wave as one. */
  apart: number;
}

/** So many times more places along a strand than a straight one needs. */
export function placesFor({ waves }: Flow): number {
  if (!waves) return 1;
  return waves.count > 8 ? 3 : 2;
}

/** How hair of a shape lies. */
export interface Flow {
  way: Way;
  /** How far the strands stand out against each other, head heights. */
  relief: number;
  waves: Waves | null;
  /** Share of a strand, from its root on, through which the skin is seen. */
  skinSeenTo: number;
}

/** Shapes of hair. */
export type SheetShape = Exclude<HairShape, 'none'>;

/** How hair of every shape lies. */
export const FLOWS: Record<SheetShape, Flow> = {
  cropped: { way: fromCrown(CROPPED), relief: 0.004, waves: null, skinSeenTo: 0.12 },
  short: { way: fromCrown(SHORT), relief: 0.007, waves: null, skinSeenTo: 0 },
  curls: {
    way: fromCrown(CURLED),
    relief: 0.022,
    waves: { high: 0.03, count: 7, apart: 0.8 },
    skinSeenTo: 0,
  },
  coily: { way: fromCrown(COILED), relief: 0.03, waves: { high: 0.028, count: 10, apart: 1 }, skinSeenTo: 0 },
  tiedBack: { way: toKnot(KNOTS.tiedBack), relief: 0.006, waves: null, skinSeenTo: 0.06 },
  bun: { way: toKnot(KNOTS.bun), relief: 0.006, waves: null, skinSeenTo: 0.06 },
  bob: { way: fromParting(0.06), relief: 0.007, waves: null, skinSeenTo: 0.02 },
  long: { way: fromParting(-0.95), relief: 0.007, waves: null, skinSeenTo: 0.015 },
  waved: {
    way: fromParting(-0.8),
    relief: 0.009,
    waves: { high: 0.022, count: 4.5, apart: 0.12 },
    skinSeenTo: 0.015,
  },
};
