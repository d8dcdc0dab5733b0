import { clamp, smoothstep } from '../../../units';
import type { HairShape } from '../../said/profile';
import { isDrawnUp } from './knots';

/** Direction round the head's axis, 0 in front, pi behind, of a place in head coordinates. */
export function azimuthOf(x: number, z: number): number {
  return Math.atan2(Math.abs(x), z + 0.03);
}

/**
 * Height of the hairline at a direction, head heights: high over the forehead, down before the ear, round it, low at
 * the nape (the canon, from memory). Hair that is drawn up shows more of the nape.
 */
export function hairlineHeight(shape: HairShape, azimuth: number): number {
  const nape = isDrawnUp(shape) ? 0.24 : 0.16;
  if (azimuth < 0.75) return 0.835 - 0.085 * (azimuth / 0.75) ** 2;
  if (azimuth < 1.35) return 0.75 - 0.25 * ((azimuth - 0.75) / 0.6) ** 1.5;
  const overEar = clamp((azimuth - 1.35) / 0.55, 0, 1);
  if (azimuth < 1.9) return 0.5 + 0.1 * Math.sin(overEar * Math.PI) - 0.06 * overEar;
  return 0.44 - (0.44 - nape) * smoothstep(1.9, 2.8, azimuth);
}

/** How far a place lies above the hairline, head heights. */
export function aboveHairline(shape: HairShape, x: number, y: number, z: number): number {
  const azimuth = azimuthOf(x, z);
  const strand = Math.sin(azimuth * 46 + y * 9) * 0.5 + Math.sin(azimuth * 23 - y * 14 + 1) * 0.5;
  return y - hairlineHeight(shape, azimuth) - 0.006 * strand;
}
