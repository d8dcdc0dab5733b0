import { smoothstep, type Vec3 } from '../../../units';
import { isChild } from '../../said/age';
import { BEARDS, type Beard } from '../../said/beard';
import type { BodyProfile } from '../../said/profile';

/** The beard that somebody wears; a child has none. */
export function beardOf(profile: Pick<BodyProfile, 'beard' | 'ageYears'>): Beard {
  return isChild(profile) ? 'none' : (profile.beard ?? 'none');
}

/** Upper edge of a beard at a depth of the face, head heights: from before the ear down to the mouth (from memory). */
function cheekLine(z: number): number {
  return 0.225 + 0.185 * smoothstep(0.37, 0.06, z);
}

/** Lower edge at a depth of the face, head heights: a little under the edge of the jaw, which rises to the ear. */
function neckLine(z: number): number {
  return -0.035 + 0.13 * smoothstep(0.36, 0.03, z);
}

/** How far a place of the skin lies in each part of a beard, 0 to 1; the left half in head coordinates. */
const SHARES = {
  lip: ([x, y, z]: Vec3) =>
    smoothstep(0.13, 0.1, x) *
    smoothstep(0.24, 0.248, y) *
    smoothstep(0.296, 0.282, y) *
    smoothstep(0.3, 0.34, z),
  chin: ([x, y, z]: Vec3) =>
    smoothstep(0.12, 0.07, x) *
    smoothstep(0.165, 0.15, y) *
    smoothstep(-0.06, -0.02, y) *
    smoothstep(0.2, 0.26, z),
  cheek: ([x, y, z]: Vec3) =>
    smoothstep(0.04, 0.1, x) *
    smoothstep(cheekLine(z) + 0.015, cheekLine(z) - 0.015, y) *
    smoothstep(neckLine(z) - 0.02, neckLine(z) + 0.02, y) *
    smoothstep(0.01, 0.05, z),
} as const;

/**
 * How a beard grows at a place of the skin, head coordinates: the length of its hairs, head heights, and how far the
 * place lies in it, 0 to 1.
 */
export function beardAt(beard: Beard, [x, y, z]: Vec3): { long: number; share: number } {
  const row = BEARDS[beard];
  let [long, share] = [0, 0];
  for (const part of ['lip', 'chin', 'cheek'] as const) {
    const there = row[part] === 0 ? 0 : SHARES[part]([Math.abs(x), y, z]);
    long = Math.max(long, there * row[part]);
    share = Math.max(share, there);
  }
  return { long, share };
}
