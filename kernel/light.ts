import { groundAt, groundPart, ON_FLOOR, groundX, groundY, groundZ } from './ground';
import { shareReaching } from './shadow';
import { AIM, AMOUNT, IS_BALL, GRID_COS, HAS_MAP, MAP, FOURS, FOURS_AT, SOURCE_BYTES } from './source';
import { EYE, FORWARD, RIGHT, TAN_HALF_HEIGHT, TAN_HALF_WIDTH, UP } from './view';

/** The place and the unit normal that the light is asked for. */
let x: f64 = 0;
let y: f64 = 0;
let z: f64 = 0;
let nx: f64 = 0;
let ny: f64 = 0;
let nz: f64 = 0;

/**
 * Irradiance of every pixel: sources with their shadows plus ambient. `keyOpenAt` gets the share of the first source
 * that reaches a pixel, -1 where it does not shine on it.
 */
export function illuminate(
  width: i32,
  height: i32,
  viewAt: usize,
  indexAt: usize,
  depthAt: usize,
  labelAt: usize,
  own: i32,
  trianglesAt: usize,
  positionsAt: usize,
  normalsAt: usize,
  supportTrianglesAt: usize,
  supportNormalsAt: usize,
  sourcesAt: usize,
  sources: i32,
  ambient: f64,
  groundLaidAt: usize,
  groundNodesAt: usize,
  elsewhereAt: usize,
  lightAt: usize,
  keyOpenAt: usize,
  groundPartAt: usize,
): void {
  if (groundLaidAt !== 0 && groundNodesAt !== 0)
    lightNodes(viewAt, width, height, groundLaidAt, groundNodesAt, sourcesAt, sources, ambient);
  let i = 0;
  for (let row = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      const t = load<i32>(indexAt + ((<usize>i) << 2));
      store<f32>(lightAt + ((<usize>i) << 2), 0);
      store<f32>(keyOpenAt + ((<usize>i) << 2), -1);
      store<u8>(groundPartAt + i, 0);
      if (t < 0) {
        if (groundLaidAt === 0) continue;
        const part = groundAt(viewAt, width, height, col, row, groundLaidAt);
        store<u8>(groundPartAt + i, part);
        if (part === 0) continue;
        if (groundNodesAt !== 0 && isBetweenNodes(groundNodesAt, width, col, row, part)) {
          store<f32>(lightAt + ((<usize>i) << 2), hereLight);
          store<f32>(keyOpenAt + ((<usize>i) << 2), hereOpen);
          continue;
        }
        standOnGround();
      } else {
        const label = load<u8>(labelAt + i);
        if (load<u8>(elsewhereAt + label) !== 0) continue;
        pointAt(viewAt, width, height, col, row, <f64>load<f32>(depthAt + ((<usize>i) << 2)));
        if (label === 0) supportNormal(supportTrianglesAt + <usize>(t - own) * 12, supportNormalsAt);
        else normalAt(trianglesAt + <usize>t * 12, positionsAt, normalsAt);
      }
      lightHere(sourcesAt, sources, ambient);
      store<f32>(lightAt + ((<usize>i) << 2), hereLight);
      store<f32>(keyOpenAt + ((<usize>i) << 2), hereOpen);
    }
}

/** Takes the place where the last pixel saw the ground, with its normal. */
function standOnGround(): void {
  const isLevel = groundPart === ON_FLOOR;
  x = groundX;
  y = groundY;
  z = groundZ;
  nx = 0;
  ny = isLevel ? 1 : 0;
  nz = isLevel ? 0 : 1;
}

/** A node is lit every 2^2 pixels of the ground; what lies between four of one kind is taken to lie between their light. */
const NODE_BITS = 2;
/** From node to node light changes by no more than this where no shadow's edge lies between: a seventh of a stop. */
const MOST_CHANGE: f32 = 1.1;
/** Light and openness of a node, 32 bits each, and what it shows of the ground: its part and its tone. */
const NODE_OPEN: usize = 4;
const NODE_KIND: usize = 8;
const NODE_BYTES: usize = 12;

function nodesAcross(pixels: i32): i32 {
  return ((pixels - 1) >> NODE_BITS) + 2;
}

/** Bytes that the nodes of a picture take. */
export function groundNodesBytes(width: i32, height: i32): i32 {
  return nodesAcross(width) * nodesAcross(height) * <i32>NODE_BYTES;
}

/** What the ground is of where the last pixel saw it: a sweep shows the background's tone while it lies on the floor. */
function kindOf(tone: u8): i32 {
  return tone === 0 ? 0 : ((<i32>groundPart) << 2) | tone;
}

/** Lights the ground at the nodes, also where the sitter hides it. */
function lightNodes(
  viewAt: usize,
  width: i32,
  height: i32,
  groundLaidAt: usize,
  nodesAt: usize,
  sourcesAt: usize,
  sources: i32,
  ambient: f64,
): void {
  let at = nodesAt;
  for (let row = 0; row < nodesAcross(height); row++)
    for (let col = 0; col < nodesAcross(width); col++, at += NODE_BYTES) {
      const kind = kindOf(groundAt(viewAt, width, height, col << NODE_BITS, row << NODE_BITS, groundLaidAt));
      store<i32>(at + NODE_KIND, kind);
      if (kind === 0) continue;
      standOnGround();
      lightHere(sourcesAt, sources, ambient);
      store<f32>(at, hereLight);
      store<f32>(at + NODE_OPEN, hereOpen);
    }
}

/** Lights a pixel of the ground by the four nodes round it, where all are of its kind and lit nearly alike. */
function isBetweenNodes(nodesAt: usize, width: i32, col: i32, row: i32, tone: u8): bool {
  const across = nodesAcross(width);
  const a = nodesAt + <usize>((row >> NODE_BITS) * across + (col >> NODE_BITS)) * NODE_BYTES;
  const b = a + NODE_BYTES;
  const c = a + <usize>across * NODE_BYTES;
  const d = c + NODE_BYTES;
  const kind = kindOf(tone);
  if (load<i32>(a + NODE_KIND) !== kind || load<i32>(b + NODE_KIND) !== kind) return false;
  if (load<i32>(c + NODE_KIND) !== kind || load<i32>(d + NODE_KIND) !== kind) return false;
  const isLit = load<f32>(a + NODE_OPEN) >= 0;
  if (load<f32>(b + NODE_OPEN) >= 0 !== isLit) return false;
  if (load<f32>(c + NODE_OPEN) >= 0 !== isLit || load<f32>(d + NODE_OPEN) >= 0 !== isLit) return false;
  const least = min(min(load<f32>(a), load<f32>(b)), min(load<f32>(c), load<f32>(d)));
  const most = max(max(load<f32>(a), load<f32>(b)), max(load<f32>(c), load<f32>(d)));
  if (most > least * MOST_CHANGE) return false;
  const size = <f32>(1 << NODE_BITS);
  const u = <f32>(col & ((1 << NODE_BITS) - 1)) / size;
  const v = <f32>(row & ((1 << NODE_BITS) - 1)) / size;
  hereLight = mixed(a, b, c, d, u, v);
  hereOpen = mixed(a + NODE_OPEN, b + NODE_OPEN, c + NODE_OPEN, d + NODE_OPEN, u, v);
  return true;
}

function mixed(a: usize, b: usize, c: usize, d: usize, u: f32, v: f32): f32 {
  const upper = load<f32>(a) * (1 - u) + load<f32>(b) * u;
  const lower = load<f32>(c) * (1 - u) + load<f32>(d) * u;
  return upper * (1 - v) + lower * v;
}

/** The light of the place that was lit last, and the share of the first source there, -1 where it does not shine. */
let hereLight: f32 = 0;
let hereOpen: f32 = -1;

function lightHere(sourcesAt: usize, sources: i32, ambient: f64): void {
  let sum = ambient;
  hereOpen = -1;
  for (let k = 0; k < sources; k++) {
    const source = sourcesAt + <usize>k * SOURCE_BYTES;
    const direct = irradianceFrom(source);
    if (direct === 0) continue;
    const open = load<f64>(source + HAS_MAP) !== 0 ? shareReaching(source + MAP, x, y, z, nx, ny, nz) : 1;
    if (k === 0) hereOpen = <f32>open;
    sum += direct * open;
  }
  hereLight = <f32>(sum > 0 ? sum : 0);
}

/** Lambert's law for the points of a source, four at a time. Nothing is decided by it: 32 bits are enough. */
function irradianceFrom(source: usize): f64 {
  const zero = f32x4.splat(0);
  const ax = f32x4.splat(<f32>load<f64>(source + AIM));
  const ay = f32x4.splat(<f32>load<f64>(source + AIM, 8));
  const az = f32x4.splat(<f32>load<f64>(source + AIM, 16));
  const px = f32x4.splat(<f32>x);
  const py = f32x4.splat(<f32>y);
  const pz = f32x4.splat(<f32>z);
  const mx = f32x4.splat(<f32>nx);
  const my = f32x4.splat(<f32>ny);
  const mz = f32x4.splat(<f32>nz);
  const isBall = load<f64>(source + IS_BALL) !== 0;
  const gridCos = <f32>load<f64>(source + GRID_COS);
  let at = <usize>load<f64>(source + FOURS_AT);
  const end = at + ((<usize>load<f64>(source + FOURS)) << 6);
  let sum = zero;
  for (; at < end; at += 64) {
    const dx = f32x4.sub(v128.load(at), px);
    const dy = f32x4.sub(v128.load(at, 16), py);
    const dz = f32x4.sub(v128.load(at, 32), pz);
    const cos = dots(dx, dy, dz, mx, my, mz);
    const faces = f32x4.gt(cos, zero);
    if (!v128.any_true(faces)) continue;
    const d2 = dots(dx, dy, dz, dx, dy, dz);
    const along = f32x4.neg(dots(dx, dy, dz, ax, ay, az));
    let weight = isBall ? f32x4.sqrt(d2) : along;
    if (gridCos > -1) weight = f32x4.mul(weight, throughGrid(f32x4.div(along, f32x4.sqrt(d2)), gridCos));
    const e = f32x4.mul(f32x4.div(f32x4.mul(cos, weight), f32x4.mul(d2, d2)), v128.load(at, 48));
    const counts = isBall ? faces : v128.and(faces, f32x4.gt(along, zero));
    sum = f32x4.add(sum, v128.and(e, counts));
  }
  const total =
    f32x4.extract_lane(sum, 0) +
    f32x4.extract_lane(sum, 1) +
    f32x4.extract_lane(sum, 2) +
    f32x4.extract_lane(sum, 3);
  return <f64>total * load<f64>(source + AMOUNT);
}

function dots(ax: v128, ay: v128, az: v128, bx: v128, by: v128, bz: v128): v128 {
  return f32x4.add(f32x4.add(f32x4.mul(ax, bx), f32x4.mul(ay, by)), f32x4.mul(az, bz));
}

function throughGrid(cos: v128, gridCos: f32): v128 {
  const share = f32x4.div(f32x4.sub(cos, f32x4.splat(gridCos)), f32x4.splat(1 - gridCos));
  return f32x4.pmax(share, f32x4.splat(0));
}

/** The place of the set that a pixel shows. */
function pointAt(viewAt: usize, width: i32, height: i32, col: i32, row: i32, depth: f64): void {
  const u = ((<f64>col + 0.5) / <f64>width - 0.5) * 2 * load<f64>(viewAt + TAN_HALF_WIDTH) * depth;
  const v = (0.5 - (<f64>row + 0.5) / <f64>height) * 2 * load<f64>(viewAt + TAN_HALF_HEIGHT) * depth;
  x = along(viewAt, 0, depth, u, v);
  y = along(viewAt, 8, depth, u, v);
  z = along(viewAt, 16, depth, u, v);
}

function along(viewAt: usize, axis: usize, depth: f64, u: f64, v: f64): f64 {
  const at = viewAt + axis;
  return (
    load<f64>(at + EYE) + load<f64>(at + FORWARD) * depth + load<f64>(at + RIGHT) * u + load<f64>(at + UP) * v
  );
}

/** The unit normal between the corners of the triangle that holds the place. */
function normalAt(triangle: usize, positionsAt: usize, normalsAt: usize): void {
  const oa = <usize>load<u32>(triangle) * 12;
  const ob = <usize>load<u32>(triangle, 4) * 12;
  const oc = <usize>load<u32>(triangle, 8) * 12;
  weigh(positionsAt + oa, positionsAt + ob, positionsAt + oc, x, y, z);
  nx = blended(normalsAt + oa, normalsAt + ob, normalsAt + oc);
  ny = blended(normalsAt + oa + 4, normalsAt + ob + 4, normalsAt + oc + 4);
  nz = blended(normalsAt + oa + 8, normalsAt + ob + 8, normalsAt + oc + 8);
  const length = Math.sqrt(nx * nx + ny * ny + nz * nz);
  if (length === 0) return;
  nx /= length;
  ny /= length;
  nz /= length;
}

/** Normal of a support's triangle: its first corner's, since its faces are flat or finely divided. */
function supportNormal(triangle: usize, normalsAt: usize): void {
  const o = normalsAt + <usize>load<u32>(triangle) * 12;
  nx = <f64>load<f32>(o);
  ny = <f64>load<f32>(o, 4);
  nz = <f64>load<f32>(o, 8);
}

/** Barycentric weights of the last place that was weighed. */
let wa: f64 = 0;
let wb: f64 = 0;
let wc: f64 = 0;

/** Weights of a place on the triangle of three corners, by areas. */
export function weigh(a: usize, b: usize, c: usize, px: f64, py: f64, pz: f64): void {
  const ax = <f64>load<f32>(a);
  const ay = <f64>load<f32>(a, 4);
  const az = <f64>load<f32>(a, 8);
  const abx = <f64>load<f32>(b) - ax;
  const aby = <f64>load<f32>(b, 4) - ay;
  const abz = <f64>load<f32>(b, 8) - az;
  const acx = <f64>load<f32>(c) - ax;
  const acy = <f64>load<f32>(c, 4) - ay;
  const acz = <f64>load<f32>(c, 8) - az;
  const apx = px - ax;
  const apy = py - ay;
  const apz = pz - az;
  const d00 = abx * abx + aby * aby + abz * abz;
  const d01 = abx * acx + aby * acy + abz * acz;
  const d11 = acx * acx + acy * acy + acz * acz;
  const d20 = apx * abx + apy * aby + apz * abz;
  const d21 = apx * acx + apy * acy + apz * acz;
  let area = d00 * d11 - d01 * d01;
  if (area === 0) area = 1e-20;
  wb = (d11 * d20 - d01 * d21) / area;
  wc = (d00 * d21 - d01 * d20) / area;
  wa = 1 - wb - wc;
}

/** A number of the corners, blended by the weights. */
export function blended(a: usize, b: usize, c: usize): f64 {
  return wa * <f64>load<f32>(a) + wb * <f64>load<f32>(b) + wc * <f64>load<f32>(c);
}

/** Weighs the place that a pixel shows, for what is blended there. */
export function weighPixel(
  viewAt: usize,
  width: i32,
  height: i32,
  col: i32,
  row: i32,
  depth: f64,
  a: usize,
  b: usize,
  c: usize,
): void {
  pointAt(viewAt, width, height, col, row, depth);
  weigh(a, b, c, x, y, z);
}
