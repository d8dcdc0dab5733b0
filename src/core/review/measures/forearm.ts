import type { Figure } from '../../figure';
import { add, subtract, unit, type Side, type Vec3 } from '../../units';

/** Points of the set a centimetre apart up a forearm from its wrist, so many centimetres. */
export function upForearm({ points }: Figure, side: Side, cm: number): Vec3[] {
  const wrist = points.wrists[side];
  const up = unit(subtract(points.elbows[side], wrist));
  return Array.from({ length: cm }, (_, i) => add(wrist, up, (i + 1) / 100));
}
