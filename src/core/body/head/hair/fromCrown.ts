import { smoothstep, unit, type Vec3 } from '../../../units';
import { between, hairlineAt, onHead, type Way } from './laid';

/** Depth of hair on top, at the sides, over the forehead, and at its ends, head heights; whether it falls past the ears. */
interface Depths {
  top: number;
  side: number;
  front: number;
  end: number;
  past: boolean;
}

export const CROPPED: Depths = { top: 0.014, side: 0.009, front: 0.018, end: 0.003, past: false };
export const SHORT: Depths = { top: 0.03, side: 0.018, front: 0.05, end: 0.004, past: false };
export const COILED: Depths = { top: 0.14, side: 0.135, front: 0.11, end: 0.08, past: true };
export const CURLED: Depths = { top: 0.1, side: 0.125, front: 0.085, end: 0.06, past: true };

/** Slope of the direction from the middle of the skull in which hair past the ears ends. */
const PAST_EARS = -0.95;

const meanOf = (a: Vec3, b: Vec3, share: number): Vec3 => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
];

/** Where all strands of short hair begin. */
const WHORL: Vec3 = unit([0, 0.93, -0.36]);

/** From the whorl of the crown to the hairline all round, as short hair grows. */
export function fromCrown({ top, side, front, end, past }: Depths): Way {
  return (laid, u, t) => {
    const azimuth = u * Math.PI;
    const line = hairlineAt(laid, azimuth);
    const beside = smoothstep(0.36, 0.5, u);
    // what falls past ears and nape ends at one height
    const below: Vec3 = unit([Math.sin(azimuth), PAST_EARS, Math.cos(azimuth)]);
    const direction = between(WHORL, past ? unit(meanOf(line, below, beside)) : line, t);
    const ahead = smoothstep(0.4, 0, u);
    const full =
      top + ((front - top) * ahead + (side - top) * smoothstep(0.4, 0.6, u)) * smoothstep(0.05, 0.45, t);
    // lying on the skin at its ends, and cropped shortest towards ears and nape
    const least = end + 0.012 * ahead;
    const place = onHead(laid.map, direction, 0);
    const offSkin = full + (least - full) * smoothstep(past ? 0.8 : 0.55, 1, t);
    return { place, offSkin: past ? offSkin * smoothstep(1.04, 0.88, t) + 0.01 : offSkin };
  };
}
