import {
  ellipsoid,
  loft,
  roundedCone,
  smoothIntersection,
  smoothUnion,
  type Field,
  type Ring,
} from './distance';
import { EYEBALL } from './skeleton';

/**
 * The head in head coordinates: chin 0, crown 1, ear plane z = 0, one head height as the unit.
 * Placements follow the usual drawing canon (eyes at half height, nose base at a third of the lower face).
 */
export interface HeadShape {
  /** Skin of skull, face and ears, without neck. */
  skin: Field;
  /** Hair, or undefined for none. */
  hair: Field | undefined;
}

function ring(at: number, half: number, front: number, back: number, centreW: number, power: number): Ring {
  return { at, centreU: 0, centreW, outer: half, inner: half, front, back, power };
}

/** Height of the lid edges above and below the eye's axis at a place across the eye, in head heights. */
export function lidEdges(xInEye: number): { upper: number; lower: number } {
  const inner = -0.056;
  const outer = 0.058;
  const t = (xInEye - inner) / (outer - inner);
  if (t <= 0 || t >= 1) return { upper: -0.002, lower: -0.002 };
  const arch = Math.pow(4 * t * (1 - t), 0.72);
  const slant = 0.006 * (t - 0.35);
  return { upper: slant + 0.0235 * arch * (1 + 0.16 * (t - 0.5)), lower: slant - 0.0165 * arch };
}

/** Builds the head. `softness` 0 gives a firm jaw and brow, 1 a soft one. */
export function headShape(softness: number, hairShape: 'short' | 'tiedBack' | 'none'): HeadShape {
  const soft = softness;
  const jawHalf = 0.204 - 0.022 * soft;
  const face = loft([
    ring(0.012, 0.09 - 0.012 * soft, 0.075, 0.12, 0.27, 2),
    ring(0.06, 0.145 - 0.022 * soft, 0.115, 0.2, 0.255, 2.1),
    ring(0.14, 0.176 - 0.018 * soft, 0.185, 0.26, 0.18, 2.15),
    ring(0.22, 0.21 - 0.014 * soft, 0.24, 0.26, 0.125, 2.2),
    ring(0.3, 0.238 - 0.008 * soft, 0.27, 0.26, 0.09, 2.2),
    ring(0.4, 0.262, 0.285, 0.26, 0.07, 2.25),
    ring(0.5, 0.28, 0.295, 0.26, 0.055, 2.3),
    ring(0.58, 0.284, 0.315, 0.26, 0.05, 2.3),
    ring(0.68, 0.284, 0.3, 0.26, 0.04, 2.2),
  ]);
  const [ex, ey, ez] = EYEBALL.centre;
  const brow = 0.012 * (1 - soft);

  const skin: Field = (x, y, z) => {
    const ax = Math.abs(x);
    let d = ellipsoid(x, y - 0.635, z + 0.035, 0.318, 0.365, 0.42);
    d = smoothUnion(d, ellipsoid(x, y - 0.715, z - 0.06, 0.272, 0.25, 0.33), 0.1);
    d = smoothUnion(d, face.distance(y, x, z), 0.09);
    d = smoothUnion(
      d,
      roundedCone(ax, y, z, [jawHalf, 0.2, -0.0], [0.078, 0.062, 0.285], 0.036, 0.045),
      0.085,
    );
    d = smoothUnion(d, ellipsoid(x, y - 0.055, z - 0.315, 0.075, 0.052, 0.058), 0.075);
    d = smoothUnion(d, ellipsoid(ax - 0.172, y - 0.375, z - 0.205, 0.088, 0.075, 0.1), 0.09);
    d = smoothUnion(d, ellipsoid(ax - 0.13, y - 0.25, z - 0.22, 0.1, 0.12, 0.1), 0.1);
    d = smoothUnion(
      d,
      roundedCone(ax, y, z, [0.055, 0.577, 0.352], [0.2, 0.59, 0.272], 0.02 + brow, 0.018 + brow * 0.5),
      0.07,
    );
    if (z > 0.12 && ax < 0.24 && y > 0.4 && y < 0.6)
      d = smoothIntersection(d, -ellipsoid(ax - ex, y - ey - 0.004, z - ez - 0.105, 0.1, 0.062, 0.088), 0.06);
    // nose
    if (z > 0.22 && ax < 0.16 && y > 0.26 && y < 0.64) {
      const bridge = Math.min(
        roundedCone(x, y, z, [0, 0.56, 0.352], [0, 0.47, 0.395], 0.026, 0.026),
        roundedCone(x, y, z, [0, 0.47, 0.395], [0, 0.365, 0.452], 0.026, 0.038),
      );
      let nose = smoothUnion(bridge, ellipsoid(x, y - 0.355, z - 0.455, 0.042, 0.036, 0.04), 0.03);
      nose = smoothUnion(
        nose,
        roundedCone(ax, y, z, [0.03, 0.46, 0.36], [0.058, 0.35, 0.385], 0.026, 0.034),
        0.035,
      );
      nose = smoothUnion(nose, ellipsoid(ax - 0.062, y - 0.345, z - 0.4, 0.027, 0.03, 0.042), 0.025);
      d = smoothUnion(d, nose, 0.04);
      d = smoothIntersection(d, -ellipsoid(ax - 0.03, y - 0.318, z - 0.425, 0.014, 0.014, 0.024), 0.014);
    }
    // mouth
    if (z > 0.2 && ax < 0.22 && y > 0.08 && y < 0.34) {
      d = smoothUnion(d, ellipsoid(x, y - 0.212, z - 0.29, 0.12, 0.085, 0.092), 0.07);
      const taper = Math.max(0, 1 - (ax / 0.118) * (ax / 0.118));
      const lipZ = 0.386 - 1.55 * ax * ax - 2.2 * ax * ax * ax;
      const cornerUp = 0.006 * (ax / 0.11) * (ax / 0.11);
      const bow = 0.005 * Math.exp(-(((ax - 0.028) / 0.018) ** 2));
      const upperR = 0.001 + 0.02 * taper;
      const lowerR = 0.001 + 0.0255 * taper;
      const upper = Math.hypot((y - 0.2275 - cornerUp - bow) * 1.15, z - lipZ + 0.009) - upperR;
      const lower = Math.hypot((y - 0.1925 - cornerUp) * 1.1, z - lipZ + 0.014) - lowerR;
      if (ax < 0.125) {
        d = smoothUnion(d, Math.max(upper, ax - 0.122), 0.028);
        d = smoothUnion(d, Math.max(lower, ax - 0.118), 0.028);
        const line =
          Math.hypot((y - 0.212 - cornerUp) * 1.0, (z - lipZ - 0.006) * 0.55) - 0.0058 * Math.sqrt(taper);
        d = smoothIntersection(d, -Math.max(line, ax - 0.114), 0.012);
      }
      d = smoothIntersection(d, -ellipsoid(x, y - 0.288, z - 0.412, 0.017, 0.045, 0.02), 0.025);
      d = smoothIntersection(d, -ellipsoid(x, y - 0.125, z - 0.412, 0.085, 0.022, 0.026), 0.05);
    }
    // lids
    const lx = ax - ex;
    const ly = y - ey;
    const lz = z - ez;
    const r = Math.sqrt(lx * lx + ly * ly + lz * lz);
    if (r < 0.14) {
      d = smoothUnion(d, Math.max(r - 0.0605, -lz - 0.01), 0.022);
      const edges = lidEdges(lx);
      const cut = Math.max((ly - edges.upper) * 0.8, (edges.lower - ly) * 0.8, -lz - 0.0, r - 0.085);
      d = smoothIntersection(d, -cut, 0.005);
      const crease = Math.abs(r - 0.066) + Math.abs(ly - edges.upper - 0.016) * 0.6 - 0.0035;
      if (lz > 0) d = smoothIntersection(d, -crease, 0.008);
    }
    // ear
    if (ax > 0.2 && Math.abs(z + 0.03) < 0.2 && y > 0.24 && y < 0.66) {
      const u = z + 0.035 + (y - 0.45) * -0.22;
      const flare = ax - 0.29 - Math.max(0, -u) * 0.55 - 0.01;
      const rim = Math.hypot(u / 0.078, (y - 0.462) / 0.118);
      const bowl = 0.02 * Math.exp(-((rim / 0.62) ** 2)) - 0.012 * Math.exp(-(((rim - 0.86) / 0.16) ** 2));
      let ear = smoothIntersection((rim - 1) * 0.08, Math.abs(flare + bowl) - 0.017, 0.02);
      ear = smoothUnion(ear, ellipsoid(flare, y - 0.352, u - 0.01, 0.017, 0.036, 0.03), 0.03);
      d = smoothUnion(d, ear, 0.025);
    }
    return d;
  };

  if (hairShape === 'none') return { skin, hair: undefined };
  const tied = hairShape === 'tiedBack';
  const hair: Field = (x, y, z) => {
    const ax = Math.abs(x);
    const azimuth = Math.atan2(ax, z + 0.03); // 0 front, pi back
    // hairline by azimuth: high over the forehead, down before the ear, low at the nape
    let line: number;
    if (azimuth < 0.75) line = 0.835 - 0.045 * (azimuth / 0.75) ** 2 + (tied ? 0.01 : 0);
    else if (azimuth < 1.35) line = 0.79 - 0.3 * ((azimuth - 0.75) / 0.6) ** 1.5;
    else if (azimuth < 1.9)
      line = 0.49 + 0.1 * Math.sin(((azimuth - 1.35) / 0.55) * Math.PI) - 0.1 * ((azimuth - 1.35) / 0.55);
    else line = 0.39 - 0.23 * Math.min(1, (azimuth - 1.9) / 0.9);
    line -= tied ? 0 : 0.02 * Math.sin(x * 14 + 0.6) * Math.max(0, 1 - azimuth / 0.9);
    const strand = Math.sin(azimuth * 46 + y * 9) * 0.5 + Math.sin(azimuth * 23 - y * 14 + 1) * 0.5;
    line += 0.007 * strand;
    const above = y - line;
    const grown = Math.min(1, Math.max(0, above / 0.16));
    const depth = tied
      ? 0.026 + 0.012 * grown
      : 0.026 + 0.046 * grown + 0.02 * Math.exp(-(((y - 0.93) / 0.1) ** 2)) * (z > 0 ? 1 : 0.3);
    const wave = (tied ? 0.0035 : 0.006) * strand * grown;
    const skull = smoothUnion(
      ellipsoid(x, y - 0.635, z + 0.035, 0.318, 0.365, 0.42),
      ellipsoid(x, y - 0.715, z - 0.06, 0.272, 0.25, 0.33),
      0.1,
    );
    let low = smoothUnion(skull, face.distance(Math.max(y, 0.3), x, z), 0.09);
    low = smoothUnion(low, roundedCone(x, y, z, [0, 0.42, -0.1], [0, 0.05, -0.09], 0.24, 0.215), 0.06);
    const thin = z < 0 ? Math.min(1, Math.max(0, above / 0.12)) : 1;
    let d = smoothIntersection(low - depth * (0.35 + 0.65 * thin) - wave, -above * 0.8, 0.03);
    if (tied) {
      d = smoothUnion(
        d,
        ellipsoid(x, y - 0.74, z + 0.49, 0.12, 0.115, 0.105) - 0.004 * Math.sin(26 * (x + y)),
        0.04,
      );
    }
    return d;
  };
  return { skin, hair };
}
