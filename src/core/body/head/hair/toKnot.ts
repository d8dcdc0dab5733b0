import { smoothstep } from '../../../units';
import type { Knot } from './knots';
import { between, hairlineAt, onHead, ROOT, type Way } from './laid';

/** Strands end under the knot, before they meet. */
const UNDER_KNOT = 0.93;

/** From the hairline to a knot, drawn smooth. */
export const toKnot =
  ({ direction: knot }: Knot): Way =>
  (laid, u, t) => {
    const direction = between(hairlineAt(laid, u * Math.PI), knot, UNDER_KNOT * t);
    return {
      place: onHead(laid.map, direction, 0),
      offSkin: ROOT + 0.007 * smoothstep(0, 0.05, t) + 0.0185 * smoothstep(0.02, 0.3, t),
    };
  };
