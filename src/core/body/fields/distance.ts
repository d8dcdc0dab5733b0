import { clamp } from '../../units';

/** Signed distance in metres at a point of the bind pose: negative inside. Approximate away from the surface. */
export type Field = (xM: number, yM: number, zM: number) => number;

/** Union whose crease is filled over `radiusM` (cubic smooth minimum). */
export function smoothUnion(a: number, b: number, radiusM: number): number {
  const h = Math.max(radiusM - Math.abs(a - b), 0) / radiusM;
  return Math.min(a, b) - (h * h * h * radiusM) / 6;
}

/** Intersection whose edge is rounded over `radiusM`. */
export function smoothIntersection(a: number, b: number, radiusM: number): number {
  return -smoothUnion(-a, -b, radiusM);
}

/** Distance to an ellipsoid, first order: |p/r| (|p/r| - 1) / |p/r^2|. */
export function ellipsoid(dx: number, dy: number, dz: number, rx: number, ry: number, rz: number): number {
  const ax = dx / rx;
  const ay = dy / ry;
  const az = dz / rz;
  const k0 = Math.sqrt(ax * ax + ay * ay + az * az);
  if (k0 < 1e-9) return -Math.min(rx, ry, rz);
  const bx = ax / rx;
  const by = ay / ry;
  const bz = az / rz;
  return (k0 * (k0 - 1)) / Math.sqrt(bx * bx + by * by + bz * bz);
}

/** Distance to a cone with spherical ends of radii `ra` and `rb`; the side is interpolated linearly. */
export function roundedCone(
  x: number,
  y: number,
  z: number,
  a: readonly number[],
  b: readonly number[],
  ra: number,
  rb: number,
): number {
  const bx = b[0]! - a[0]!;
  const by = b[1]! - a[1]!;
  const bz = b[2]! - a[2]!;
  const px = x - a[0]!;
  const py = y - a[1]!;
  const pz = z - a[2]!;
  const t = clamp((px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz), 0, 1);
  const qx = px - t * bx;
  const qy = py - t * by;
  const qz = pz - t * bz;
  return Math.sqrt(qx * qx + qy * qy + qz * qz) - (ra + (rb - ra) * t);
}

/** One cross-section of a loft: a superellipse with four half-axes around a centre, in metres. */
export interface Ring {
  /** Place along the loft's axis. */
  at: number;
  /** Centre across (u) and in depth (w). */
  centreU: number;
  centreW: number;
  /** Half-axes towards +u, -u, +w, -w. */
  outer: number;
  inner: number;
  front: number;
  back: number;
  /** Superellipse exponent: 2 is an ellipse, larger is boxier. */
  power: number;
}

const CHANNELS = 7;
const STEPS = 96;

/** A tube through rings. Evaluated in its own coordinates: `at` along, `u` across, `w` in depth. */
export interface Loft {
  distance(at: number, u: number, w: number): number;
  /** Interpolated ring at a place along the axis. */
  ring(at: number): Omit<Ring, 'power'>;
  readonly startM: number;
  readonly endM: number;
}

const DIAGONAL = [Math.SQRT2, Math.pow(2, 0.25)] as const;

/** Share of the exponent-4 norm that puts the diagonal of the cross-section where the exponent would. */
function boxiness(power: number): number {
  return (DIAGONAL[0] - Math.pow(2, 1 / power)) / (DIAGONAL[0] - DIAGONAL[1]);
}

function channelsOf(ring: Ring): number[] {
  return [ring.centreU, ring.centreW, ring.outer, ring.inner, ring.front, ring.back, boxiness(ring.power)];
}

/** Cubic through p1 and p2 with limited tangents, so that no ring overshoots its neighbours. */
function monotone(p0: number, p1: number, p2: number, p3: number, spans: number[], t: number) {
  const [h0, h1, h2] = spans as [number, number, number];
  const before = (p1 - p0) / h0;
  const here = (p2 - p1) / h1;
  const after = (p3 - p2) / h2;
  const m1 = before * here <= 0 ? 0 : (2 * before * here) / (before + here);
  const m2 = here * after <= 0 ? 0 : (2 * here * after) / (here + after);
  const t2 = t * t;
  const t3 = t2 * t;
  return (
    (2 * t3 - 3 * t2 + 1) * p1 + (t3 - 2 * t2 + t) * m1 * h1 + (-2 * t3 + 3 * t2) * p2 + (t3 - t2) * m2 * h1
  );
}

/**
 * Builds a loft through rings sorted by `at`.
 * Distance about (q - 1) / |grad q| of the cross-section's norm q; rounded ends.
 * @throws RangeError when fewer than two rings are given or they are not ascending.
 */
export function loft(rings: readonly Ring[]): Loft {
  if (rings.length < 2) throw new RangeError(`loft needs at least 2 rings, got ${rings.length}`);
  for (let i = 1; i < rings.length; i++) {
    if (!(rings[i]!.at > rings[i - 1]!.at))
      throw new RangeError(`rings must ascend: ${rings[i - 1]!.at} then ${rings[i]!.at}`);
  }
  const startM = rings[0]!.at;
  const endM = rings[rings.length - 1]!.at;
  const table = new Float64Array((STEPS + 1) * CHANNELS);
  const values = rings.map(channelsOf);
  for (let s = 0, i = 0; s <= STEPS; s++) {
    const at = startM + ((endM - startM) * s) / STEPS;
    while (i < rings.length - 2 && at > rings[i + 1]!.at) i++;
    const span = (k: number) => {
      const a = rings[clamp(k, 0, rings.length - 2)]!.at;
      const b = rings[clamp(k, 0, rings.length - 2) + 1]!.at;
      return b - a;
    };
    const t = (at - rings[i]!.at) / span(i);
    for (let c = 0; c < CHANNELS; c++) {
      const p = (k: number) => values[clamp(k, 0, rings.length - 1)]![c]!;
      table[s * CHANNELS + c] = monotone(
        p(i - 1),
        p(i),
        p(i + 1),
        p(i + 2),
        [span(i - 1), span(i), span(i + 1)],
        t,
      );
    }
  }
  const scale = STEPS / (endM - startM);

  function distance(at: number, u: number, w: number): number {
    const place = clamp((at - startM) * scale, 0, STEPS - 1e-9);
    const row = place | 0;
    const f = place - row;
    const o = row * CHANNELS;
    const p = o + CHANNELS;
    const g = 1 - f;
    const du = u - table[o]! * g - table[p]! * f;
    const dw = w - table[o + 1]! * g - table[p + 1]! * f;
    const cu = du > 0 ? 2 : 3;
    const cw = dw > 0 ? 4 : 5;
    const ru = table[o + cu]! * g + table[p + cu]! * f;
    const rw = table[o + cw]! * g + table[p + cw]! * f;
    const box = table[o + 6]! * g + table[p + 6]! * f;
    const au = Math.abs(du) / ru;
    const aw = Math.abs(dw) / rw;
    let flat: number;
    if (au + aw < 1e-6) flat = -Math.min(ru, rw);
    else {
      // the superellipse norm, blended from the norms of exponent 2 and 4, which need no powers
      const u2 = au * au;
      const w2 = aw * aw;
      const round = Math.sqrt(u2 + w2);
      const square = Math.sqrt(Math.sqrt(u2 * u2 + w2 * w2));
      const q = round + (square - round) * box;
      const roundShare = (1 - box) / round;
      const squareShare = box / (square * square * square);
      const gu = (au * (roundShare + u2 * squareShare)) / ru;
      const gw = (aw * (roundShare + w2 * squareShare)) / rw;
      flat = (q - 1) / Math.sqrt(gu * gu + gw * gw);
    }
    const past = Math.max(startM - at, at - endM, 0);
    if (past === 0) return flat;
    return flat > 0 ? Math.sqrt(flat * flat + past * past) : past;
  }

  function ring(at: number): Omit<Ring, 'power'> {
    const place = clamp((at - startM) * scale, 0, STEPS - 1e-9);
    const row = place | 0;
    const f = place - row;
    const v = (c: number) => table[row * CHANNELS + c]! * (1 - f) + table[(row + 1) * CHANNELS + c]! * f;
    return {
      at,
      centreU: v(0),
      centreW: v(1),
      outer: v(2),
      inner: v(3),
      front: v(4),
      back: v(5),
    };
  }

  return { distance, ring, startM, endM };
}

/**
 * Where a way leaves the inside of a body, between a place inside and one outside, metres: bisection of the signed
 * distance along it.
 */
export function leavingM(distance: (alongM: number) => number, insideM: number, outsideM: number): number {
  for (let i = 0; i < 24; i++) {
    const middle = (insideM + outsideM) / 2;
    if (distance(middle) < 0) insideM = middle;
    else outsideM = middle;
  }
  return outsideM;
}
