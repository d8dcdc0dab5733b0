import { smoothstep, unit } from '../../../units';
import { between, hairlineAt, onHead, ROOT, type Way } from './laid';

/** Direction of the knot behind the crown. */
const KNOT = unit([0, 0.2, -0.98]);
/** Strands end under the knot, before they meet. */
const UNDER_KNOT = 0.93;

/** From the hairline to the knot, drawn smooth. */
export const toKnot: Way = (laid, u, t) => {
  const direction = between(hairlineAt(laid, u * Math.PI), KNOT, UNDER_KNOT * t);
  return {
    place: onHead(laid.map, direction, 0),
    offSkin: ROOT + 0.007 * smoothstep(0, 0.05, t) + 0.0185 * smoothstep(0.02, 0.3, t),
  };
};
