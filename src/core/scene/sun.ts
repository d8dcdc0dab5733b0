import { getPosition, getTimes } from 'suncalc';
import { z } from 'zod';
import { aboutZeroDeg, radians, type Vec3 } from '../units';

/** Where the set is on the earth and which way it looks. */
export const siteSchema = z.strictObject({
  /** North positive, degrees. */
  latitudeDeg: z.number().min(-90).max(90),
  /** East positive, degrees. */
  longitudeDeg: z.number().min(-180).max(180),
  /** Compass bearing of the direction from the mark to the camera at zero arc: north 0, east 90, degrees. */
  frontBearingDeg: z.number().min(0).max(360),
});
export type Site = z.infer<typeof siteSchema>;

/** The sun as the set sees it. */
export interface Sun {
  /** Above the horizon, degrees. */
  altitudeDeg: number;
  /** From north clockwise, degrees. */
  azimuthDeg: number;
  /** Round the mark from the set's front, towards camera right positive, degrees: like the camera's and the key's arc. */
  arcDeg: number;
  /** Unit vector from the set to the sun. */
  towards: Vec3;
  light: SunLight;
}
export type SunLight = 'night' | 'blue hour' | 'golden hour' | 'day';

/** Altitudes between which the sky is blue and the light golden, degrees (common practice: -6 to -4 and -4 to 6). */
const BLUE_FROM_DEG = -6;
const GOLDEN_FROM_DEG = -4;
const GOLDEN_TO_DEG = 6;

export function sunLight(altitudeDeg: number): SunLight {
  if (altitudeDeg < BLUE_FROM_DEG) return 'night';
  if (altitudeDeg < GOLDEN_FROM_DEG) return 'blue hour';
  return altitudeDeg < GOLDEN_TO_DEG ? 'golden hour' : 'day';
}

/** Where the sun stands at a time. */
export function sunAt(site: Site, time: Date): Sun {
  const { azimuth, altitude } = getPosition(time, site.latitudeDeg, site.longitudeDeg);
  // seen from above the compass turns clockwise and the set's arc turns from the front towards camera right the other way
  const arcDeg = aboutZeroDeg(site.frontBearingDeg - azimuth);
  const flat = Math.cos(radians(altitude));
  return {
    altitudeDeg: altitude,
    azimuthDeg: azimuth,
    arcDeg,
    towards: [
      Math.sin(radians(arcDeg)) * flat,
      Math.sin(radians(altitude)),
      Math.cos(radians(arcDeg)) * flat,
    ],
    light: sunLight(altitude),
  };
}

const STEP_MIN = 20;

/** The sun's way over the day that a time lies in, in steps of twenty minutes, as far as it stands above the horizon. */
export function sunPath(site: Site, time: Date): { time: Date; sun: Sun }[] {
  const midnight = new Date(time);
  midnight.setHours(0, 0, 0, 0);
  return Array.from({ length: (24 * 60) / STEP_MIN }, (_, i) => {
    const at = new Date(midnight.getTime() + i * STEP_MIN * 60_000);
    return { time: at, sun: sunAt(site, at) };
  }).filter(({ sun }) => sun.altitudeDeg > 0);
}

/** Sunrise and sunset of the day round a time; null where the sun does not rise or set. */
export function sunTimes(site: Site, time: Date): { rise: Date | null; set: Date | null } {
  const noon = new Date(time);
  noon.setHours(12, 0, 0, 0);
  const { sunrise, sunset } = getTimes(noon, site.latitudeDeg, site.longitudeDeg);
  return { rise: sunrise, set: sunset };
}

/** Where the sun is for one who looks at the camera, in words. */
export function sunFor(sun: Sun, cameraArcDeg: number): string {
  if (sun.altitudeDeg <= 0) return 'below the horizon';
  const off = Math.abs(aboutZeroDeg(sun.arcDeg - cameraArcDeg));
  if (off < 35) return sun.altitudeDeg < 35 ? 'in the sitter’s eyes' : 'high behind the camera';
  if (off > 145) return sun.altitudeDeg < 30 ? 'behind the sitter, towards the lens' : 'behind the sitter';
  return `from camera ${aboutZeroDeg(sun.arcDeg - cameraArcDeg) > 0 ? 'right' : 'left'}`;
}
