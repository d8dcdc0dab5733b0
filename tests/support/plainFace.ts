import type { PointSource } from '@/core/kernel';
import { throughGrid } from '@/core/light';
import { BLOCKED, type HeadPlaces } from '@/core/picture/face/places';
import { blockedTowards, STEPS } from '@/core/picture/face/reaching';
import { dot, lengthOf, subtract, tripleAt, type Vec3 } from '@/core/units';

/** Shares of the light from a direction (unit) that reach a place and that the nose keeps off it, from the four steps round. */
function sharesFrom(places: HeadPlaces, place: number, [x, y, z]: Vec3): { free: number; byNose: number } {
  const { azimuths, elevations } = STEPS;
  const az = ((Math.atan2(x, z) / (2 * Math.PI)) * azimuths + azimuths) % azimuths;
  const el = (Math.asin(y) / Math.PI + 0.5) * (elevations - 1);
  const [a0, e0] = [Math.floor(az), Math.min(elevations - 2, Math.floor(el))];
  const out = { free: 0, byNose: 0 };
  for (const [a, e, share] of [
    [a0, e0, (a0 + 1 - az) * (e0 + 1 - el)],
    [a0 + 1, e0, (az - a0) * (e0 + 1 - el)],
    [a0, e0 + 1, (a0 + 1 - az) * (el - e0)],
    [a0 + 1, e0 + 1, (az - a0) * (el - e0)],
  ] as const) {
    const blocked = blockedTowards(places, e * azimuths + (a % azimuths))[place];
    if (blocked === BLOCKED.free) out.free += share;
    if (blocked === BLOCKED.byNose) out.byNose += share;
  }
  return out;
}

/** Light of a source on places of a head, point by point and place by place, written plainly. */
export function plainReaching(places: HeadPlaces, { xyz, aim, isBall, gridCos }: PointSource) {
  const count = places.position.length / 3;
  const free = new Float64Array(count);
  const byNose = new Float64Array(count);
  for (let i = 0; i < count; i++)
    for (let k = 0; k < xyz.length / 3; k++) {
      const way = subtract(tripleAt(xyz, k), tripleAt(places.position, i));
      const farM = lengthOf(way);
      const d = way.map((c) => c / farM) as Vec3;
      const cos = dot(d, tripleAt(places.normal, i));
      const ahead = -dot(d, aim);
      if (cos <= 0 || (ahead <= 0 && !isBall)) continue;
      const e = ((cos * (isBall ? 1 : ahead)) / farM ** 2) * throughGrid(ahead, gridCos);
      const shares = sharesFrom(places, i, d);
      free[i]! += e * shares.free;
      byNose[i]! += e * shares.byNose;
    }
  return { free, byNose };
}
