import {
  ellipsoid,
  loft,
  roundedCone,
  smoothIntersection,
  smoothUnion,
  type Field,
  type Ring,
} from './distance';
import { smoothstep } from '../../units';
import type { BodyProfile } from '../said/profile';
import { EYEBALL } from '../bones/skeleton';

/**
 * The head in head coordinates: chin 0, crown 1, ear plane z = 0, one head height as the unit.
 * Placements follow the usual drawing canon (eyes at half height, nose base at a third of the lower face).
 */
export interface HeadShape {
  /** Skin of skull, face and ears, without neck. */
  skin: Field;
  /** The plain form under hair and scarf: skull and upper face without features. */
  smooth: Field;
}

function ring(at: number, half: number, front: number, back: number, centreW: number, power: number): Ring {
  return { at, centreU: 0, centreW, outer: half, inner: half, front, back, power };
}

/** What makes one head differ from another. */
export interface HeadCharacter {
  /** 0 gives a firm jaw and brow, 1 a soft one. */
  softness: number;
  /** 1 for a small child, 0 from sixteen years on: small nose and jaw, full cheeks. */
  youth: number;
}

/** The character of a sitter's head. */
export function headCharacter(profile: BodyProfile): HeadCharacter {
  const youth = 1 - smoothstep(4, 16, profile.ageYears);
  return { softness: profile.contourShare + (1 - profile.contourShare) * youth, youth };
}

/** Builds the head. */
export function headShape({ softness: soft, youth }: HeadCharacter): HeadShape {
  const jawHalf = 0.206 - 0.03 * soft;
  const face = loft([
    ring(0.012, 0.088 - 0.022 * soft, 0.09, 0.12, 0.285 - 0.02 * youth, 2),
    ring(0.06, 0.143 - 0.034 * soft, 0.115, 0.2, 0.255, 2.1),
    ring(0.14, 0.182 - 0.03 * soft, 0.185, 0.26, 0.18, 2.15),
    ring(0.22, 0.218 - 0.022 * soft, 0.24, 0.26, 0.125, 2.2),
    ring(0.3, 0.246 - 0.012 * soft, 0.27, 0.26, 0.09, 2.2),
    ring(0.4, 0.268, 0.285, 0.26, 0.07, 2.25),
    ring(0.5, 0.282, 0.295, 0.26, 0.055, 2.3),
    ring(0.58, 0.286, 0.315, 0.26, 0.05, 2.3),
    ring(0.68, 0.286, 0.3, 0.26, 0.04, 2.2),
  ]);
  const [ex, ey, ez] = EYEBALL.centre;
  const brow = 0.01 * (1 - soft);

  const skin: Field = (x, y, z) => {
    const ax = Math.abs(x);
    let d = skull(x, y, z);
    d = smoothUnion(d, face.distance(y, x, z), 0.09);
    // occiput, down into the neck
    d = smoothUnion(d, roundedCone(x, y, z, [0, 0.46, -0.19], [0, 0.02, -0.09], 0.2, 0.16), 0.08);
    // lower jaw, chin, cheekbone, cheek
    d = smoothUnion(
      d,
      roundedCone(ax, y, z, [jawHalf, 0.2, 0], [0.075 - 0.02 * soft, 0.064, 0.302], 0.036, 0.04),
      0.085,
    );
    d = smoothUnion(
      d,
      ellipsoid(x, y - 0.055, z - 0.34 + 0.02 * youth, 0.072 - 0.016 * soft, 0.052, 0.056),
      0.075,
    );
    d = smoothUnion(d, ellipsoid(ax - 0.165, y - 0.388, z - 0.228, 0.092, 0.075, 0.1), 0.09);
    d = smoothUnion(
      d,
      ellipsoid(
        ax - 0.128 + 0.014 * soft,
        y - 0.255,
        z - 0.225 - 0.012 * youth,
        0.1 + 0.016 * youth,
        0.12,
        0.1,
      ),
      0.1,
    );
    d = smoothUnion(d, ellipsoid(ax - 0.075, y - 0.36, z - 0.282, 0.085, 0.1, 0.068), 0.07);
    // brow, and the hollow of the eye below it
    d = smoothUnion(
      d,
      roundedCone(ax, y, z, [0.045, 0.58, 0.355], [0.205, 0.588, 0.278], 0.024 + brow, 0.022 + brow * 0.5),
      0.08,
    );
    if (z > 0.05 && ax < 0.34 && y > 0.32 && y < 0.68)
      d = smoothIntersection(
        d,
        -ellipsoid(ax - ex, y - ey - 0.004, z - ez - 0.108, 0.098, 0.058, 0.086),
        0.06,
      );
    if (z > 0.14 && ax < 0.24 && y > 0.2 && y < 0.7) {
      const back = 0.02 * youth;
      const bridge = Math.min(
        roundedCone(x, y, z, [0, 0.555, 0.352 - back], [0, 0.47, 0.392 - 1.4 * back], 0.024, 0.024),
        roundedCone(
          x,
          y,
          z,
          [0, 0.47, 0.392 - 1.4 * back],
          [0, 0.375 + 0.4 * back, 0.442 - 1.8 * back],
          0.024,
          0.034,
        ),
      );
      let nose = smoothUnion(
        bridge,
        ellipsoid(x, y - 0.366 - 0.4 * back, z - 0.446 + 1.8 * back, 0.039, 0.034, 0.038),
        0.03,
      );
      nose = smoothUnion(
        nose,
        roundedCone(ax, y, z, [0.018, 0.5, 0.35], [0.042, 0.37, 0.385], 0.026, 0.034),
        0.05,
      );
      nose = smoothUnion(nose, ellipsoid(ax - 0.054, y - 0.352, z - 0.398, 0.026, 0.026, 0.036), 0.028);
      d = smoothUnion(d, nose, 0.055);
      d = smoothIntersection(d, -ellipsoid(ax - 0.027, y - 0.324, z - 0.424, 0.012, 0.012, 0.02), 0.014);
    }
    if (z > 0.1 && ax < 0.3 && y > 0 && y < 0.44) {
      d = smoothUnion(d, ellipsoid(x, y - 0.215, z - 0.326, 0.122, 0.09, 0.09), 0.07);
      d = lips(d, ax, y, z);
      d = smoothIntersection(d, -ellipsoid(x, y - 0.288, z - 0.414, 0.014, 0.036, 0.018), 0.025);
      d = smoothIntersection(d, -ellipsoid(x, y - 0.122, z - 0.424, 0.075, 0.02, 0.03), 0.06);
    }
    if (ax > 0.16 && Math.abs(z + 0.03) < 0.24 && y > 0.2 && y < 0.7) d = smoothUnion(d, ear(ax, y, z), 0.03);
    return d;
  };

  const smooth: Field = (x, y, z) => smoothUnion(skull(x, y, z), face.distance(Math.max(y, 0.3), x, z), 0.09);
  return { skin, smooth };
}

/** Skull and forehead. */
function skull(x: number, y: number, z: number): number {
  return smoothUnion(
    ellipsoid(x, y - 0.635, z + 0.035, 0.322, 0.365, 0.42),
    ellipsoid(x, y - 0.705, z - 0.06, 0.278, 0.255, 0.332),
    0.1,
  );
}

/** Adds both lips to the muzzle and parts them. */
function lips(muzzle: number, ax: number, y: number, z: number): number {
  if (ax > 0.14) return muzzle;
  const taper = Math.max(0, 1 - (ax / 0.112) ** 2);
  const lipZ = 0.42 - 1.5 * ax * ax - 2.2 * ax * ax * ax;
  const cornerUp = 0.011 * (ax / 0.11) ** 2;
  const bow = 0.004 * Math.exp(-(((ax - 0.028) / 0.018) ** 2));
  const full = Math.pow(taper, 0.8);
  const upper = Math.hypot((y - 0.2275 - cornerUp - bow) * 1.1, z - lipZ + 0.01) - 0.019 * full;
  const lower = Math.hypot((y - 0.1885 - cornerUp) * 1.05, z - lipZ + 0.015) - 0.0235 * full;
  let d = muzzle;
  if (taper > 0) d = smoothUnion(smoothUnion(d, upper, 0.024), lower, 0.024);
  const line = Math.hypot(y - 0.211 - cornerUp, (z - lipZ - 0.006) * 0.5) - 0.0062 * Math.sqrt(taper);
  return smoothIntersection(d, -Math.max(line, ax - 0.106), 0.016);
}

/** Ear: a shallow bowl with a rim and a lobe, set close to the head. */
function ear(ax: number, y: number, z: number): number {
  const u = z + 0.035 + (y - 0.45) * -0.22;
  const flare = ax - 0.286 - Math.max(0, -u) * 0.42;
  const rim = Math.hypot(u / 0.07, (y - 0.468) / 0.105);
  const bowl = 0.014 * Math.exp(-((rim / 0.6) ** 2)) - 0.01 * Math.exp(-(((rim - 0.84) / 0.2) ** 2));
  const leaf = smoothIntersection((rim - 1) * 0.075, Math.abs(flare + bowl) - 0.016, 0.025);
  return smoothUnion(leaf, ellipsoid(flare, y - 0.375, u - 0.008, 0.016, 0.03, 0.026), 0.035);
}
