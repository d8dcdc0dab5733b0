import { EYE, FORWARD, RIGHT, TAN_HALF_HEIGHT, TAN_HALF_WIDTH, UP } from './view';

/** Column, row and reciprocal depth of every vertex, in a window of the frame that begins at `left` and `top`. */
export function project(
  count: i32,
  positionsAt: usize,
  viewAt: usize,
  width: i32,
  height: i32,
  left: i32,
  top: i32,
  outAt: usize,
): void {
  const ex = load<f64>(viewAt + EYE);
  const ey = load<f64>(viewAt + EYE, 8);
  const ez = load<f64>(viewAt + EYE, 16);
  const rx = load<f64>(viewAt + RIGHT);
  const ry = load<f64>(viewAt + RIGHT, 8);
  const rz = load<f64>(viewAt + RIGHT, 16);
  const ux = load<f64>(viewAt + UP);
  const uy = load<f64>(viewAt + UP, 8);
  const uz = load<f64>(viewAt + UP, 16);
  const fx = load<f64>(viewAt + FORWARD);
  const fy = load<f64>(viewAt + FORWARD, 8);
  const fz = load<f64>(viewAt + FORWARD, 16);
  const sx = <f64>width / 2 / load<f64>(viewAt + TAN_HALF_WIDTH);
  const sy = <f64>height / 2 / load<f64>(viewAt + TAN_HALF_HEIGHT);
  const cx = <f64>width / 2 - <f64>left;
  const cy = <f64>height / 2 - <f64>top;
  for (let i: usize = 0, end = <usize>count * 12; i < end; i += 12) {
    const dx = <f64>load<f32>(positionsAt + i) - ex;
    const dy = <f64>load<f32>(positionsAt + i, 4) - ey;
    const dz = <f64>load<f32>(positionsAt + i, 8) - ez;
    const inverse = 1 / (dx * fx + dy * fy + dz * fz);
    store<f32>(outAt + i, <f32>(cx + (dx * rx + dy * ry + dz * rz) * inverse * sx));
    store<f32>(outAt + i, <f32>(cy - (dx * ux + dy * uy + dz * uz) * inverse * sy), 4);
    store<f32>(outAt + i, <f32>inverse, 8);
  }
}

/** Empties a raster. */
export function clearRaster(pixels: i32, inverseAt: usize, indexAt: usize): void {
  memory.fill(inverseAt, 0, (<usize>pixels) << 2);
  memory.fill(indexAt, 0xff, (<usize>pixels) << 2);
}

/** A triangle that is drawn: its number, then first column and row, last column and row. */
const ENTRY: usize = 20;

/**
 * Draws triangles with a depth test: those that face the camera, lie within `nearest` (reciprocal metres) and whose box
 * holds the middle of a pixel are listed first, without a branch, then filled two pixels at a time.
 */
export function rasterise(
  count: i32,
  trianglesAt: usize,
  projectedAt: usize,
  width: i32,
  height: i32,
  nearest: f64,
  first: i32,
  listAt: usize,
  inverseAt: usize,
  indexAt: usize,
): void {
  const end = choose(count, trianglesAt, projectedAt, width, height, <f32>nearest, listAt);
  for (let entry = listAt; entry < end; entry += ENTRY) {
    const t = load<i32>(entry);
    const corner = trianglesAt + <usize>t * 12;
    fill(
      projectedAt + <usize>load<u32>(corner) * 12,
      projectedAt + <usize>load<u32>(corner, 4) * 12,
      projectedAt + <usize>load<u32>(corner, 8) * 12,
      width,
      entry,
      first + t,
      inverseAt,
      indexAt,
    );
  }
}

/** Lists the triangles that are drawn; returns where the list ends. Lanes are column, row, reciprocal depth, nothing. */
function choose(
  count: i32,
  trianglesAt: usize,
  projectedAt: usize,
  width: i32,
  height: i32,
  nearest: f32,
  listAt: usize,
): usize {
  const last = f32x4(<f32>(width - 1), <f32>(height - 1), 0, 0);
  const half = f32x4.splat(0.5);
  const zero = f32x4.splat(0);
  const closest = f32x4.splat(nearest);
  let entry = listAt;
  for (let t = 0; t < count; t++) {
    const o = trianglesAt + <usize>t * 12;
    const a = v128.load(projectedAt + <usize>load<u32>(o) * 12);
    const b = v128.load(projectedAt + <usize>load<u32>(o, 4) * 12);
    const k = v128.load(projectedAt + <usize>load<u32>(o, 8) * 12);
    // counter-clockwise from outside is clockwise in rows counted downwards
    const origin = f64x2.promote_low_f32x4(a);
    const ab = f64x2.sub(f64x2.promote_low_f32x4(b), origin);
    const ak = f64x2.sub(f64x2.promote_low_f32x4(k), origin);
    const products = f64x2.mul(ak, v128.shuffle<f64>(ab, ab, 1, 0));
    const area = f64x2.extract_lane(products, 0) - f64x2.extract_lane(products, 1);
    const least = f32x4.pmin(f32x4.pmin(a, b), k);
    const most = f32x4.pmax(f32x4.pmax(a, b), k);
    const from = f32x4.pmax(f32x4.ceil(f32x4.sub(least, half)), zero);
    const to = f32x4.pmin(f32x4.floor(f32x4.sub(most, half)), last);
    store<i32>(entry, t);
    v128.store64_lane(entry, i32x4.trunc_sat_f32x4_s(from), 0, 4);
    v128.store64_lane(entry, i32x4.trunc_sat_f32x4_s(to), 0, 12);
    const holds = i32x4.bitmask(f32x4.le(from, to)) & 3;
    const seen = i32x4.bitmask(v128.and(f32x4.gt(least, zero), f32x4.lt(most, closest))) & 4;
    entry += ENTRY * <usize>(i32(area > 0) & i32((holds | seen) === 7));
  }
  return entry;
}

function fill(
  a: usize,
  b: usize,
  k: usize,
  width: i32,
  entry: usize,
  index: i32,
  inverseAt: usize,
  indexAt: usize,
): void {
  const ax = <f64>load<f32>(a);
  const ay = <f64>load<f32>(a, 4);
  const bx = <f64>load<f32>(b);
  const by = <f64>load<f32>(b, 4);
  const kx = <f64>load<f32>(k);
  const ky = <f64>load<f32>(k, 4);
  const x0 = load<i32>(entry, 4);
  const y0 = load<i32>(entry, 8);
  const x1 = load<i32>(entry, 12);
  const y1 = load<i32>(entry, 16);
  const scale = f64x2.splat(1 / ((kx - ax) * (by - ay) - (bx - ax) * (ky - ay)));
  const ai = f64x2.splat(<f64>load<f32>(a, 8));
  const bi = f64x2.splat(<f64>load<f32>(b, 8));
  const ki = f64x2.splat(<f64>load<f32>(k, 8));
  const zero = f64x2.splat(0);
  const kyby = f64x2.splat(ky - by);
  const ayky = f64x2.splat(ay - ky);
  const byay = f64x2.splat(by - ay);
  for (let y = y0; y <= y1; y++) {
    const py = <f64>y + 0.5;
    const ra = f64x2.splat((kx - bx) * (py - by));
    const rb = f64x2.splat((ax - kx) * (py - ky));
    const rc = f64x2.splat((bx - ax) * (py - ay));
    const row = y * width;
    for (let x = x0; x <= x1; x += 2) {
      const px = f64x2.add(f64x2.splat(<f64>x), f64x2(0.5, 1.5));
      const wa = f64x2.sub(ra, f64x2.mul(f64x2.sub(px, f64x2.splat(bx)), kyby));
      const wb = f64x2.sub(rb, f64x2.mul(f64x2.sub(px, f64x2.splat(kx)), ayky));
      const wc = f64x2.sub(rc, f64x2.mul(f64x2.sub(px, f64x2.splat(ax)), byay));
      const outside = v128.or(v128.or(f64x2.gt(wa, zero), f64x2.gt(wb, zero)), f64x2.gt(wc, zero));
      const open = ~i64x2.bitmask(outside);
      if ((open & 3) === 0) continue;
      const sum = f64x2.add(f64x2.add(f64x2.mul(wa, ai), f64x2.mul(wb, bi)), f64x2.mul(wc, ki));
      const inverse = f64x2.mul(f64x2.neg(sum), scale);
      if (open & 1) put(f64x2.extract_lane(inverse, 0), row + x, index, inverseAt, indexAt);
      if (open & 2 && x < x1) put(f64x2.extract_lane(inverse, 1), row + x + 1, index, inverseAt, indexAt);
    }
  }
}

function put(inverse: f64, pixel: i32, index: i32, inverseAt: usize, indexAt: usize): void {
  const o = (<usize>pixel) << 2;
  if (inverse > <f64>load<f32>(inverseAt + o)) {
    store<f32>(inverseAt + o, <f32>inverse);
    store<i32>(indexAt + o, index);
  }
}
