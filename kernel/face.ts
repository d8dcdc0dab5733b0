import { dotAt, EYE, FORWARD, RIGHT, TAN_HALF_WIDTH, UP } from './view';

/** What blocks a place towards a direction. */
const FREE: u8 = 0;
const BY_HEAD: u8 = 1;
const BY_NOSE: u8 = 2;

/** A place begins so far off its skin, and what blocks it must be so much nearer to the light, metres. */
const OFF_M: f64 = 0.0015;
const BIAS_M: f64 = 0.0005;
/** A little behind the skin's own horizon is looked at too, for what lies between two directions: cosine. */
const HORIZON: f64 = -0.1;
/** Skin that the light grazes by less than this is taken to lie at this slope, cosine. */
const LEAST_COSINE: f64 = 0.1;

/**
 * What of a head blocks each of its places towards a light that is far away, from what that light sees: the whole head,
 * and the nose alone. Both are depth maps of one view, `width` pixels a side.
 */
export function blockPlaces(
  places: i32,
  positionAt: usize,
  normalAt: usize,
  viewAt: usize,
  width: i32,
  headInverseAt: usize,
  noseInverseAt: usize,
  outAt: usize,
): void {
  const half = <f64>width / 2;
  const tan = load<f64>(viewAt + TAN_HALF_WIDTH);
  for (let i = 0; i < places; i++) {
    const n = normalAt + <usize>i * 12;
    const p = positionAt + <usize>i * 12;
    const towards = -along(viewAt + FORWARD, n);
    if (towards < HORIZON) {
      store<u8>(outAt + i, BY_HEAD);
      continue;
    }
    const right = along(viewAt + RIGHT, n);
    const up = along(viewAt + UP, n);
    const depth = from(viewAt, viewAt + FORWARD, p) - towards * OFF_M;
    const perPixel = (depth * tan) / half;
    const px = half + (from(viewAt, viewAt + RIGHT, p) + right * OFF_M) / perPixel;
    const py = half - (from(viewAt, viewAt + UP, p) + up * OFF_M) / perPixel;
    const col = pixelOf(px, width);
    const row = pixelOf(py, width);
    // the skin's own plane at the middle of the pixel holds nothing off
    const aside = (<f64>col + 0.5 - px) * perPixel;
    const below = (<f64>row + 0.5 - py) * perPixel;
    const slope = (right * aside - up * below) / max(towards, LEAST_COSINE);
    const nearer = 1 / (depth + slope - BIAS_M);
    const o = (<usize>(row * width + col)) << 2;
    const isByNose = <f64>load<f32>(noseInverseAt + o) > nearer;
    const isByHead = <f64>load<f32>(headInverseAt + o) > nearer;
    store<u8>(outAt + i, isByNose ? BY_NOSE : isByHead ? BY_HEAD : FREE);
  }
}

function along(axisAt: usize, at: usize): f64 {
  return dotAt(axisAt, <f64>load<f32>(at), <f64>load<f32>(at, 4), <f64>load<f32>(at, 8));
}

/** How far a place lies from the eye of a view along one of its axes, metres. */
function from(viewAt: usize, axisAt: usize, at: usize): f64 {
  const eye = viewAt + EYE;
  return along(axisAt, at) - dotAt(axisAt, load<f64>(eye), load<f64>(eye, 8), load<f64>(eye, 16));
}

function pixelOf(p: f64, pixels: i32): i32 {
  return p <= 0 ? 0 : min(pixels - 1, <i32>p);
}

/** Arc tangent of 0 to 1, radians, 1e-5 off (Abramowitz and Stegun 1964, 4.4.49). */
function arcTangent(t: f64): f64 {
  const s = t * t;
  return t * (0.999866 + s * (-0.3302995 + s * (0.180141 + s * (-0.085133 + s * 0.0208351))));
}

/** Angle of a direction from the second axis towards the first, radians, 1e-5 off. */
function angleOf(y: f64, x: f64): f64 {
  const across = Math.abs(y);
  const ahead = Math.abs(x);
  if (across === 0 && ahead === 0) return 0;
  const acute = across > ahead ? Math.PI / 2 - arcTangent(ahead / across) : arcTangent(across / ahead);
  const turned = x < 0 ? Math.PI - acute : acute;
  return y < 0 ? -turned : turned;
}

/** The stepped direction before the one that was asked for last, and how far on it is in azimuth and elevation, 0 to 1. */
let azimuth = 0;
let elevation = 0;
let azimuthShare: f64 = 0;
let elevationShare: f64 = 0;

function turnTo(x: f64, y: f64, z: f64, azimuths: i32, elevations: i32): void {
  const perRadian = <f64>azimuths / (2 * Math.PI);
  const az = angleOf(x, z) * perRadian;
  const el = max(0, angleOf(y, Math.sqrt(x * x + z * z)) * perRadian + <f64>(elevations - 1) / 2);
  const a0 = <i32>Math.floor(az);
  elevation = min(elevations - 2, <i32>Math.floor(el));
  azimuthShare = az - <f64>a0;
  elevationShare = el - <f64>elevation;
  azimuth = a0 < 0 ? a0 + azimuths : a0 === azimuths ? 0 : a0;
}

/** The place and the point of a source that were taken last: the way from one to the other, metres, and its cosines. */
let dx: f64 = 0;
let dy: f64 = 0;
let dz: f64 = 0;
let facing: f64 = 0;

function lookAt(place: usize, normal: usize, point: usize): void {
  dx = load<f64>(point) - <f64>load<f32>(place);
  dy = load<f64>(point, 8) - <f64>load<f32>(place, 4);
  dz = load<f64>(point, 16) - <f64>load<f32>(place, 8);
  facing = dx * <f64>load<f32>(normal) + dy * <f64>load<f32>(normal, 4) + dz * <f64>load<f32>(normal, 8);
}

/**
 * Marks the stepped directions that light from a source is looked up in; `isEven` also from places that turn away.
 */
export function markDirections(
  places: i32,
  positionAt: usize,
  normalAt: usize,
  points: i32,
  xyzAt: usize,
  isEven: bool,
  azimuths: i32,
  elevations: i32,
  marksAt: usize,
): void {
  for (let i: usize = 0, end = <usize>places * 12; i < end; i += 12)
    for (let k = 0; k < points; k++) {
      lookAt(positionAt + i, normalAt + i, xyzAt + <usize>k * 24);
      if (facing <= 0 && !isEven) continue;
      turnTo(dx, dy, dz, azimuths, elevations);
      const cell = elevation * azimuths + azimuth;
      const beside = elevation * azimuths + (azimuth + 1 === azimuths ? 0 : azimuth + 1);
      store<u8>(marksAt + cell, 1);
      store<u8>(marksAt + beside, 1);
      store<u8>(marksAt + cell + azimuths, 1);
      store<u8>(marksAt + beside + azimuths, 1);
    }
}

/** Shares of the light from the direction that was turned to last that reach a place, and that the nose keeps off it. */
let free: f64 = 0;
let byNose: f64 = 0;

function weigh(blocked: u8, weight: f64): void {
  if (blocked === FREE) free += weight;
  else if (blocked === BY_NOSE) byNose += weight;
}

/** Between the four directions round it, so that the edge of a shadow moves smoothly. */
function share(rowsAt: usize, place: usize, azimuths: i32): void {
  free = 0;
  byNose = 0;
  const beside = azimuth + 1 === azimuths ? 0 : azimuth + 1;
  const lower = rowsAt + ((<usize>(elevation * azimuths)) << 2);
  const upper = lower + ((<usize>azimuths) << 2);
  const a = (<usize>azimuth) << 2;
  const b = (<usize>beside) << 2;
  weigh(load<u8>(<usize>load<u32>(lower + a) + place), (1 - azimuthShare) * (1 - elevationShare));
  weigh(load<u8>(<usize>load<u32>(lower + b) + place), azimuthShare * (1 - elevationShare));
  weigh(load<u8>(<usize>load<u32>(upper + a) + place), (1 - azimuthShare) * elevationShare);
  weigh(load<u8>(<usize>load<u32>(upper + b) + place), azimuthShare * elevationShare);
}

/**
 * Light of the points of a source on every place of a head, for points of intensity one, and what of it the nose keeps
 * off. `rowsAt` has the address of what blocks the places, a stepped direction each. `isEven` counts every point as one,
 * whatever way it shines and the place is turned: a share of the source.
 */
export function lightPlaces(
  places: i32,
  positionAt: usize,
  normalAt: usize,
  points: i32,
  xyzAt: usize,
  aimX: f64,
  aimY: f64,
  aimZ: f64,
  isBall: bool,
  gridCos: f64,
  isEven: bool,
  azimuths: i32,
  elevations: i32,
  rowsAt: usize,
  freeAt: usize,
  byNoseAt: usize,
): void {
  for (let i: usize = 0; i < <usize>places; i++) {
    let freeSum: f64 = 0;
    let noseSum: f64 = 0;
    for (let k = 0; k < points; k++) {
      lookAt(positionAt + i * 12, normalAt + i * 12, xyzAt + <usize>k * 24);
      let e: f64 = 1;
      if (!isEven) {
        if (facing <= 0) continue;
        const ahead = -(dx * aimX + dy * aimY + dz * aimZ);
        if (ahead <= 0 && !isBall) continue;
        const d2 = dx * dx + dy * dy + dz * dz;
        const d = Math.sqrt(d2);
        e = ((facing * (isBall ? d : ahead)) / (d2 * d2)) * throughGrid(ahead / d, gridCos);
      }
      turnTo(dx, dy, dz, azimuths, elevations);
      share(rowsAt, i, azimuths);
      freeSum += e * free;
      noseSum += e * byNose;
    }
    store<f64>(freeAt + (i << 3), freeSum);
    store<f64>(byNoseAt + (i << 3), noseSum);
  }
}

function throughGrid(cos: f64, gridCos: f64): f64 {
  return gridCos <= -1 ? 1 : max(0, (cos - gridCos) / (1 - gridCos));
}
