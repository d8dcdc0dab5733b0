import { unit, type Vec3 } from '../../../units';
import type { HairShape } from '../../said/profile';

/** Where drawn-back hair is knotted. */
export interface Knot {
  /** From the middle of the skull to where the strands meet. */
  direction: Vec3;
  /** Middle of the knot, head coordinates. */
  middle: Vec3;
}

/** Shapes of hair that end in a knot: behind the head, or high on the crown. */
export const KNOTS = {
  tiedBack: { direction: unit([0, 0.2, -0.98]), middle: [0, 0.645, -0.5] },
  bun: { direction: unit([0, 0.8, -0.6]), middle: [0, 1.02, -0.33] },
} as const satisfies Partial<Record<HairShape, Knot>>;

/** Whether hair of a shape is drawn up to a knot. */
export function isDrawnUp(shape: HairShape): shape is keyof typeof KNOTS {
  return shape in KNOTS;
}
