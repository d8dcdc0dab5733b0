import type { HairShape } from '../../said/profile';
import { CROPPED, CURLED, fromCrown } from './fromCrown';
import { fromParting } from './fromParting';
import type { Way } from './laid';
import { toKnot } from './toKnot';

/** Waves along the strands: how high they stand, head heights, and how many there are on a strand. */
interface Waves {
  high: number;
  count: number;
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
  short: { way: fromCrown(CROPPED), relief: 0.007, waves: null, skinSeenTo: 0 },
  curls: { way: fromCrown(CURLED), relief: 0.022, waves: { high: 0.03, count: 7 }, skinSeenTo: 0 },
  tiedBack: { way: toKnot, relief: 0.006, waves: null, skinSeenTo: 0.06 },
  bob: { way: fromParting(0.06), relief: 0.007, waves: null, skinSeenTo: 0.02 },
  long: { way: fromParting(-0.95), relief: 0.007, waves: null, skinSeenTo: 0.015 },
};
