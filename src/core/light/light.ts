import { z } from 'zod';
import { viewTowards } from '../camera';
import { radians, type Vec3 } from '../units';

/** Ranges of the key light's numbers. */
export const KEY_RANGES = {
  arcDeg: { min: -180, max: 180, step: 5, unit: '°', words: 'key, arc to camera right' },
  heightM: { min: 0, max: 4, step: 0.05, unit: 'm', words: 'key height' },
  distanceM: { min: 0.4, max: 12, step: 0.1, unit: 'm', words: 'key distance' },
  sizeM: { min: 0.05, max: 3, step: 0.05, unit: 'm', words: 'key size' },
  ambientShare: { min: 0, max: 1, step: 0.05, unit: '', words: 'ambient against key' },
} as const;
export type KeyNumber = keyof typeof KEY_RANGES;
export const KEY_NUMBERS = Object.keys(KEY_RANGES) as KeyNumber[];

const ranged = (name: KeyNumber) => z.number().min(KEY_RANGES[name].min).max(KEY_RANGES[name].max);

/**
 * One square soft key and an even ambient. Arc and horizontal distance are measured from the sitter's mark like the
 * camera's; the key is aimed at the face. Its output is set so that a patch facing it at the face receives 1;
 * ambient is the share of that which reaches a patch from everywhere else.
 */
export const lightSchema = z.strictObject({
  arcDeg: ranged('arcDeg'),
  heightM: ranged('heightM'),
  distanceM: ranged('distanceM'),
  sizeM: ranged('sizeM'),
  ambientShare: ranged('ambientShare'),
});
export type KeyLight = z.infer<typeof lightSchema>;

/** The key as points of equal intensity, with the light's own facing. */
export interface LightSamples {
  centre: Vec3;
  /** Unit vector from the light to the face. */
  aim: Vec3;
  points: Vec3[];
  /** Factor that makes a patch at the face, facing the key, receive 1. */
  intensity: number;
  ambient: number;
}

/** Centre of the key, metres. */
export function keyCentre(light: KeyLight): Vec3 {
  const arc = radians(light.arcDeg);
  return [Math.sin(arc) * light.distanceM, light.heightM, Math.cos(arc) * light.distanceM];
}

/** Samples on one side of the square: enough for 0.5 to 3 % of the exact law (coarser for small sources). */
function samplesPerSide(sizeM: number): number {
  return sizeM <= 0.15 ? 1 : sizeM <= 1 ? 3 : 4;
}

/** Spreads the key over its area. */
export function sampleKey(light: KeyLight, face: Vec3): LightSamples {
  const centre = keyCentre(light);
  const { forward: aim, right: across, up } = viewTowards(centre, face, 1);
  const n = samplesPerSide(light.sizeM);
  const points: Vec3[] = [];
  for (let i = 0; i < n; i++)
    for (let j = 0; j < n; j++) {
      const u = ((i + 0.5) / n - 0.5) * light.sizeM;
      const v = ((j + 0.5) / n - 0.5) * light.sizeM;
      points.push([
        centre[0] + across[0] * u + up[0] * v,
        centre[1] + across[1] * u + up[1] * v,
        centre[2] + across[2] * u + up[2] * v,
      ]);
    }
  const samples = { centre, aim, points, intensity: 1, ambient: light.ambientShare };
  const toKey: Vec3 = [-aim[0], -aim[1], -aim[2]];
  return { ...samples, intensity: 1 / keyIrradiance(samples, face, toKey) };
}

/**
 * Irradiance from the unshadowed key at a patch, relative to the face: each sample contributes
 * cos(at patch) cos(at source) / d^2 (Lambert's law for a small source element).
 */
export function keyIrradiance(light: LightSamples, p: readonly number[], normal: readonly number[]): number {
  let sum = 0;
  for (const s of light.points) {
    const dx = s[0] - p[0]!;
    const dy = s[1] - p[1]!;
    const dz = s[2] - p[2]!;
    const d2 = dx * dx + dy * dy + dz * dz;
    const cosPatch = dx * normal[0]! + dy * normal[1]! + dz * normal[2]!;
    const cosSource = -(dx * light.aim[0] + dy * light.aim[1] + dz * light.aim[2]);
    if (cosPatch > 0 && cosSource > 0) sum += (cosPatch * cosSource) / (d2 * d2);
  }
  return (sum / light.points.length) * light.intensity;
}

/** Lighting ratio (key + ambient) : ambient at the face, as n in n:1; Infinity without ambient. */
export function lightingRatio(light: KeyLight): number {
  return light.ambientShare > 0 ? (1 + light.ambientShare) / light.ambientShare : Infinity;
}
