import { dot, tripleAt, type Side } from '../../units';
import { NOTICED_DEG, NOTICED_M } from './landmarks';
import type { Sharpness } from './seen';

/** How far two pictures of a figure are apart, in what is just noticed. */
export interface Closeness {
  /** Root mean square over all landmarks and turns. */
  error: number;
  /** The farthest landmark that is seen. */
  worst: number;
}

/** Shifts along the axis of the lens count half: they change sizes alone. */
const DEPTH = 0.5;
/** A hand in another shape counts as this much at its fingertips. */
const OTHER_SHAPE = 1.2;
/** Only what is seen may be the farthest. */
const CLEARLY_SEEN = 0.99;

/**
 * How close one figure is to another in a picture.
 * @param shift from `shiftBetween`.
 * @param otherHands hands that are in another shape.
 */
export function closenessOf(
  shift: Float64Array,
  sharpness: Sharpness,
  otherHands: readonly Side[] = [],
): Closeness {
  const { view, points, turns } = sharpness;
  let sum = otherHands.reduce((shapes, side) => shapes + sharpness.hands[side] * OTHER_SHAPE ** 2, 0);
  let weights = 0;
  let worst = 0;
  points.forEach((weight, i) => {
    if (weight === 0) return;
    const by = tripleAt(shift, i);
    const apart =
      Math.hypot(dot(by, view.right), dot(by, view.up), DEPTH * dot(by, view.forward)) / NOTICED_M[i]!;
    sum += weight * apart ** 2;
    weights += weight;
    if (weight > CLEARLY_SEEN) worst = Math.max(worst, apart);
  });
  turns.forEach((weight, i) => {
    sum += weight * (shift[points.length * 3 + i]! / NOTICED_DEG[i]!) ** 2;
    weights += weight;
  });
  return { error: weights === 0 ? 0 : Math.sqrt(sum / weights), worst };
}
