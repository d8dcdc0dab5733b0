import { MAP_HEIGHT, MAP_INVERSE_AT, MAP_OCCUPIED_AT, MAP_SIZE_M, MAP_WIDTH } from './source';
import { dotAt, EYE, FORWARD, RIGHT, TAN_HALF_WIDTH, UP } from './view';

/** Depth by which a surface may lie behind the map without being in its own shadow, metres. */
const BIAS_M: f64 = 0.008;
/** A surface that the lamp grazes by less than this is taken to lie at this slope, cosine. */
const LEAST_COSINE: f64 = 0.1;
/** A tile has 2^4 pixels a side. */
const TILE_BITS = 4;

/**
 * Places that are looked at round a point, in shares of the width of the edge, two at a time: columns, rows, and 1 for
 * each that is one.
 */
const TAPS = memory.data<f64>([
  0, 0.35, 0, 0.1, 1, 1, -0.1, -0.35, 0.35, -0.1, 1, 1, 0.1, 0.42, -0.35, -0.42, 1, 1, -0.42, 0.45, 0.42,
  0.45, 1, 1, -0.45, 0, -0.45, 0, 1, 0,
]);
const TAP_BYTES: usize = 48;
const TAP_PAIRS: usize = 5;
const TAP_COUNT: f64 = 9;

/**
 * Share of a lamp that reaches a place with a normal, 0 to 1. The penumbra's width follows from similar triangles:
 * source size * (receiver - blocker) / blocker.
 */
export function shareReaching(map: usize, x: f64, y: f64, z: f64, nx: f64, ny: f64, nz: f64): f64 {
  const dx = x - load<f64>(map + EYE);
  const dy = y - load<f64>(map + EYE, 8);
  const dz = z - load<f64>(map + EYE, 16);
  const depth = dotAt(map + FORWARD, dx, dy, dz);
  if (depth <= 0.05) return 1;
  const width = <i32>load<f64>(map + MAP_WIDTH);
  const height = <i32>load<f64>(map + MAP_HEIGHT);
  const half = <f64>width / 2;
  const tan = load<f64>(map + TAN_HALF_WIDTH);
  const k = half / (depth * tan);
  const px = half + dotAt(map + RIGHT, dx, dy, dz) * k;
  const py = half - dotAt(map + UP, dx, dy, dz) * k;
  // what lies beside the map can still be shaded by its rim
  const x0 = px < 0 ? 0 : px >= <f64>width ? width - 1 : <i32>px;
  const y0 = py < 0 ? 0 : py >= <f64>height ? height - 1 : <i32>py;
  const across = (width + (1 << TILE_BITS) - 1) >> TILE_BITS;
  const tile = (y0 >> TILE_BITS) * across + (x0 >> TILE_BITS);
  if (load<u8>(<usize>load<f64>(map + MAP_OCCUPIED_AT) + tile) === 0) return 1;
  // the surface's own plane, seen by the lamp, holds nothing off: its reciprocal depth is linear in the map
  const nearer = 1 / (depth - BIAS_M);
  const towards = nx * dx + ny * dy + nz * dz;
  const steepest = -LEAST_COSINE * Math.sqrt(dx * dx + dy * dy + dz * dz);
  const step = tan / half / (towards < steepest ? towards : steepest);
  const right = dotAt(map + RIGHT, nx, ny, nz) * step;
  const down = -dotAt(map + UP, nx, ny, nz) * step;
  const inverseAt = <usize>load<f64>(map + MAP_INVERSE_AT);
  const sizeM = load<f64>(map + MAP_SIZE_M);
  const search = between(sizeM * 0.1 * k, 1, 14);
  look(inverseAt, width, height, px, py, search, nearer, right, down);
  if (blockers === 0) return 1;
  const mean = blockerDepth / <f64>blockers;
  const penumbra = between(((sizeM * (depth - mean)) / mean) * k, 1.4, 24);
  look(inverseAt, width, height, px, py, penumbra, nearer, right, down);
  return 1 - <f64>blockers / TAP_COUNT;
}

function between(value: f64, least: f64, most: f64): f64 {
  return value < least ? least : value > most ? most : value;
}

/** What the last look found nearer to the lamp than the surface. */
let blockers = 0;
let blockerDepth: f64 = 0;

/** Looks at every place round a point without a branch: what lies past the map's edge holds nothing off. */
function look(
  inverseAt: usize,
  width: i32,
  height: i32,
  px: f64,
  py: f64,
  wide: f64,
  nearer: f64,
  right: f64,
  down: f64,
): void {
  const zero = f64x2.splat(0);
  const across = f64x2.splat(<f64>width);
  const below = f64x2.splat(<f64>height);
  const wides = f64x2.splat(wide);
  let depths = zero;
  blockers = 0;
  for (let tap = TAPS, end = TAPS + TAP_PAIRS * TAP_BYTES; tap < end; tap += TAP_BYTES) {
    // truncated towards the first column and row
    const cols = f64x2.trunc(f64x2.add(f64x2.splat(px), f64x2.mul(v128.load(tap), wides)));
    const rows = f64x2.trunc(f64x2.add(f64x2.splat(py), f64x2.mul(v128.load(tap, 16), wides)));
    const isOnMap = v128.and(
      v128.and(f64x2.ge(cols, zero), f64x2.lt(cols, across)),
      v128.and(f64x2.ge(rows, zero), f64x2.lt(rows, below)),
    );
    const own = f64x2.add(
      f64x2.add(f64x2.splat(nearer), planeAlong(cols, right, px)),
      planeAlong(rows, down, py),
    );
    const pixel = v128.and(f64x2.add(f64x2.mul(rows, across), cols), isOnMap);
    const index = i32x4.trunc_sat_f64x2_u_zero(pixel);
    const first = v128.load32_zero(inverseAt + ((<usize>i32x4.extract_lane(index, 0)) << 2));
    const both = v128.load32_lane(inverseAt + ((<usize>i32x4.extract_lane(index, 1)) << 2), first, 1);
    const inverse = f64x2.promote_low_f32x4(both);
    const counts = v128.and(isOnMap, f64x2.gt(v128.load(tap, 32), zero));
    const holds = v128.and(counts, f64x2.gt(inverse, own));
    blockers += popcnt(i64x2.bitmask(holds));
    depths = f64x2.add(depths, v128.and(f64x2.div(f64x2.splat(1), inverse), holds));
  }
  blockerDepth = f64x2.extract_lane(depths, 0) + f64x2.extract_lane(depths, 1);
}

/** How much nearer a plane comes from a place to the middles of other pixels. */
function planeAlong(places: v128, slope: f64, from: f64): v128 {
  const away = f64x2.sub(f64x2.add(places, f64x2.splat(0.5)), f64x2.splat(from));
  return f64x2.mul(f64x2.splat(slope), away);
}
