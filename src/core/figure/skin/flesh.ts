import { PARTS, type BodySurface } from '../../body';
import {
  leastDistance,
  placedDistance,
  placeSupport,
  solidsOf,
  type PlacedSolid,
  type Support,
} from '../../scene';
import type { Vec3 } from '../../units';
import { boxRound, rodDistance, type Rod } from '../clearances/rods';
import type { SkinnedSurface } from './skinning';

/** Parts that are soft enough to be pressed flat, and to widen where they are. */
const SOFT = /thigh|hips|waist|chest|upperArm/;
/** What of it lies under arms that are held against it. */
const UNDER_ARMS = /thigh|hips|waist|chest/;
/** Flesh widens up to this far over what presses it, metres. */
const SWELLS_TO_M = 0.1;
/** It widens by no more than this, metres. */
const MOST_SWELL_M = 0.025;
const PROBE_M = 0.001;

/** Soft vertices with the skin that belongs to each. */
interface SoftVertices {
  vertices: Uint32Array;
  areasM2: Float32Array;
}

/** What of a surface is soft, and memory for what of it moves. */
interface SoftSkin {
  all: SoftVertices;
  /** What is pressed by the own arms as well. */
  trunk: SoftVertices;
  /** Corners of the triangles that it belongs to. */
  triangles: Uint32Array;
  /** Whether a vertex moves, and where the coordinates lie of the corners of triangles that do. */
  moves: Uint8Array;
  moving: Uint32Array;
}

const skins = new WeakMap<BodySurface, SoftSkin>();

/** Twice the area of a triangle, square metres; corners by their place in the positions. */
function doubleAreaM2(p: Float32Array, a: number, b: number, c: number): number {
  const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
  const [wx, wy, wz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
  return Math.hypot(uy * wz - uz * wy, uz * wx - ux * wz, ux * wy - uy * wx);
}

/** A third of the triangles round each vertex that is asked for, square metres. */
function areasRound({ positions, triangles, labels }: BodySurface, vertices: Uint32Array): Float32Array {
  const areas = new Float32Array(labels.length);
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    const share = doubleAreaM2(positions, a * 3, b * 3, c * 3) / 6;
    areas[a]! += share;
    areas[b]! += share;
    areas[c]! += share;
  }
  return Float32Array.from(vertices, (v) => areas[v]!);
}

/** Corners of the triangles with a corner that is asked for. */
function trianglesAt(triangles: Uint32Array, isAskedFor: (v: number) => boolean): Uint32Array {
  const corners: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    if (isAskedFor(a) || isAskedFor(b) || isAskedFor(c)) corners.push(a, b, c);
  }
  return Uint32Array.from(corners);
}

const IS_SOFT = PARTS.map((part) => SOFT.test(part));
const IS_UNDER_ARMS = PARTS.map((part) => UNDER_ARMS.test(part));

function softSkinOf(surface: BodySurface): SoftSkin {
  const { labels } = surface;
  const isSoft = (v: number) => IS_SOFT[labels[v]!]!;
  const those = (isOfIt: (v: number) => boolean): SoftVertices => {
    const vertices = Uint32Array.from(labels.keys()).filter(isOfIt);
    return { vertices, areasM2: areasRound(surface, vertices) };
  };
  const triangles = trianglesAt(surface.triangles, isSoft);
  return {
    all: those(isSoft),
    trunk: those((v) => IS_UNDER_ARMS[labels[v]!]!),
    triangles,
    moves: new Uint8Array(labels.length),
    moving: new Uint32Array(triangles.length),
  };
}

function softSkin(surface: BodySurface): SoftSkin {
  const skin = skins.get(surface) ?? softSkinOf(surface);
  skins.set(surface, skin);
  return skin;
}

/** Skin deeper than this in an arm is not pressed but belongs to where the arm is joined on, metres. */
const MOST_PRESSED_M = 0.04;

/** What was pressed, and how far it went. */
export interface Pressed {
  /** Volume that the surface lost under the press, and that the swelling gave back, cubic metres. */
  displacedM3: number;
  swollenM3: number;
  deepestM: number;
}

function nearest(
  solids: readonly PlacedSolid[],
  p: readonly number[],
): { solid: PlacedSolid; distanceM: number } {
  let best = solids[0]!;
  let least = Infinity;
  for (const solid of solids) {
    if (leastDistance(solid, p) > Math.min(least, SWELLS_TO_M)) continue;
    const d = placedDistance(solid, p) + solid.solid.softM;
    if (d < least) {
      least = d;
      best = solid;
    }
  }
  return { solid: best, distanceM: least };
}

/**
 * Presses soft parts of a skinned surface flat on the supports that they run into and under the sitter's own arms, and
 * lets them widen beside it by the volume that was pressed away. Cushions give way first.
 */
export function pressFlesh(
  surface: BodySurface,
  skinned: SkinnedSurface,
  supports: readonly Support[],
  rods: readonly Rod[] = [],
): Pressed {
  const solids = solidsOf(supports.map(placeSupport));
  const under = [...bySupports(surface, skinned, solids), ...byArms(surface, skinned, rods)];
  return under.reduce(
    (sum, p) => ({
      displacedM3: sum.displacedM3 + p.displacedM3,
      swollenM3: sum.swollenM3 + p.swollenM3,
      deepestM: Math.max(sum.deepestM, p.deepestM),
    }),
    { displacedM3: 0, swollenM3: 0, deepestM: 0 },
  );
}

function bySupports(
  surface: BodySurface,
  skinned: SkinnedSurface,
  solids: readonly PlacedSolid[],
): Pressed[] {
  if (solids.length === 0) return [];
  const skin = softSkin(surface);
  return press(
    skin,
    skin.all,
    skinned,
    (p) => nearest(solids, p).distanceM,
    (v, p) => offSupport(skinned.positions, v, p, nearest(solids, p)),
  );
}

function byArms(surface: BodySurface, skinned: SkinnedSurface, rods: readonly Rod[]): Pressed[] {
  if (rods.length === 0) return [];
  const skin = softSkin(surface);
  const isNear = boxRound(rods, SWELLS_TO_M);
  return press(
    skin,
    skin.trunk,
    skinned,
    (p) => {
      if (!isNear(p)) return Infinity;
      const toArmM = rodDistance(rods, p, SWELLS_TO_M);
      return toArmM < -MOST_PRESSED_M ? Infinity : toArmM;
    },
    (v, p) => inwards(skinned.positions, skinned.normals, v, p, rods),
  );
}

/** What widens beside a press: where its coordinates lie, how much of the widening it takes, and its skin. */
interface Beside {
  v: number;
  weight: number;
  areaM2: number;
}

/** What lies in something, by where its coordinates lie, and beside it. */
interface Met {
  under: number[];
  beside: Beside[];
  deepestM: number;
}

/** Looks which soft vertices lie in something or beside it. */
function metBy(
  { vertices, areasM2 }: SoftVertices,
  positions: Float32Array,
  distance: (p: Vec3) => number,
): Met {
  const met: Met = { under: [], beside: [], deepestM: 0 };
  const p: Vec3 = [0, 0, 0];
  for (let i = 0; i < vertices.length; i++) {
    const v = vertices[i]! * 3;
    placeOf(positions, v, p);
    const distanceM = distance(p);
    if (distanceM > SWELLS_TO_M) continue;
    if (distanceM > 0) {
      const near = 1 - distanceM / SWELLS_TO_M;
      met.beside.push({ v, weight: near * near, areaM2: areasM2[i]! });
    } else {
      met.under.push(v);
      met.deepestM = Math.max(met.deepestM, -distanceM);
    }
  }
  return met;
}

/** The place whose coordinates lie from `v` on. */
function placeOf(positions: Float32Array, v: number, out: Vec3): Vec3 {
  out[0] = positions[v]!;
  out[1] = positions[v + 1]!;
  out[2] = positions[v + 2]!;
  return out;
}

/**
 * Presses soft vertices out of something: `distance` says how far they are from it, negative inside, `out` moves one of
 * them out. What lies beside the press widens.
 */
function press(
  skin: SoftSkin,
  pressed: SoftVertices,
  skinned: SkinnedSurface,
  distance: (p: Vec3) => number,
  out: (v: number, p: Vec3) => void,
): Pressed[] {
  const { positions } = skinned;
  const { under, beside, deepestM } = metBy(pressed, positions, distance);
  if (under.length === 0) return [];
  const volumeM3 = volumeOf(skin, positions, under, beside);
  const wholeM3 = volumeM3();
  const p: Vec3 = [0, 0, 0];
  for (const v of under) out(v, placeOf(positions, v, p));
  const flatM3 = volumeM3();
  const told: Pressed = { displacedM3: Math.max(0, wholeM3 - flatM3), swollenM3: 0, deepestM };
  if (told.displacedM3 > 0) swell(skinned, beside, volumeM3, flatM3, told);
  return [told];
}

/** Moves a vertex out of a support by the shortest way. */
function offSupport(
  positions: Float32Array,
  v: number,
  p: Vec3,
  { solid, distanceM }: ReturnType<typeof nearest>,
): void {
  const way = [0, 1, 2].map((c) => {
    const q = [...p];
    q[c]! += PROBE_M;
    const more = placedDistance(solid, q);
    q[c]! -= 2 * PROBE_M;
    return more - placedDistance(solid, q);
  });
  const l = Math.hypot(...way) || 1;
  for (let c = 0; c < 3; c++) positions[v + c]! -= (way[c]! / l) * distanceM;
}

/** Moves a vertex under an arm into the body until the arm only touches it. */
function inwards(
  positions: Float32Array,
  normals: Float32Array,
  v: number,
  p: Vec3,
  rods: readonly Rod[],
): void {
  for (let step = 0; step < 4; step++) {
    const inM = -rodDistance(rods, p, SWELLS_TO_M);
    if (inM < 0.0005) break;
    for (let c = 0; c < 3; c++) p[c]! -= normals[v + c]! * inM;
  }
  for (let c = 0; c < 3; c++) positions[v + c] = p[c]!;
}

/** Collects the corners of triangles with one that moves; gives how many they are. */
function collectMoving(
  { triangles, moves, moving }: SoftSkin,
  under: readonly number[],
  beside: readonly Beside[],
): number {
  moves.fill(0);
  for (const v of under) moves[v / 3] = 1;
  for (const { v } of beside) moves[v / 3] = 1;
  let count = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    const a = triangles[t]!;
    const b = triangles[t + 1]!;
    const c = triangles[t + 2]!;
    if ((moves[a]! | moves[b]! | moves[c]!) === 0) continue;
    moving[count++] = a * 3;
    moving[count++] = b * 3;
    moving[count++] = c * 3;
  }
  return count;
}

/** Volume under the triangles that some vertices belong to, cubic metres: what changes of it when they move is the body's. */
function volumeOf(
  skin: SoftSkin,
  p: Float32Array,
  under: readonly number[],
  beside: readonly Beside[],
): () => number {
  const count = collectMoving(skin, under, beside);
  const { moving } = skin;
  return () => {
    let six = 0;
    for (let t = 0; t < count; t += 3) {
      const a = moving[t]!;
      const b = moving[t + 1]!;
      const c = moving[t + 2]!;
      six +=
        p[a]! * (p[b + 1]! * p[c + 2]! - p[b + 2]! * p[c + 1]!) +
        p[a + 1]! * (p[b + 2]! * p[c]! - p[b]! * p[c + 2]!) +
        p[a + 2]! * (p[b]! * p[c + 1]! - p[b + 1]! * p[c]!);
    }
    return six / 6;
  };
}

/** Widens what lies beside a press, level with the floor, by the volume that was displaced. */
function swell(
  { positions, normals }: SkinnedSurface,
  beside: readonly Beside[],
  volumeM3: () => number,
  flatM3: number,
  pressed: Pressed,
): void {
  let gainM2 = 0;
  for (const { v, weight, areaM2 } of beside)
    gainM2 += weight * areaM2 * (normals[v]! ** 2 + normals[v + 2]! ** 2);
  if (gainM2 === 0) return;
  const widen = (byM: number) => {
    for (const { v, weight } of beside) {
      positions[v]! += normals[v]! * weight * byM;
      positions[v + 2]! += normals[v + 2]! * weight * byM;
    }
  };
  // a first guess by areas, then what it really gave sets the rest: layers of cloth share the skin's area
  const guessM = Math.min(MOST_SWELL_M / 2, pressed.displacedM3 / gainM2);
  widen(guessM);
  const gaveM3 = volumeM3() - flatM3;
  if (gaveM3 > 0) widen(Math.min(MOST_SWELL_M, (guessM * pressed.displacedM3) / gaveM3) - guessM);
  pressed.swollenM3 = volumeM3() - flatM3;
}
