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

/** Soft vertices of a surface with the skin that belongs to each. */
interface SoftSkin {
  vertices: Uint32Array;
  areasM2: Float32Array;
  /** Whether it is pressed by the own arms as well. */
  isTrunk: Uint8Array;
  /** Corners of the triangles that it belongs to. */
  triangles: Uint32Array;
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
const IS_UNDER_ARMS = PARTS.map((part) => Number(UNDER_ARMS.test(part)));

function softSkinOf(surface: BodySurface): SoftSkin {
  const isSoft = (v: number) => IS_SOFT[surface.labels[v]!]!;
  const vertices = Uint32Array.from(surface.labels.keys()).filter(isSoft);
  return {
    vertices,
    areasM2: areasRound(surface, vertices),
    isTrunk: Uint8Array.from(vertices, (v) => IS_UNDER_ARMS[surface.labels[v]!]!),
    triangles: trianglesAt(surface.triangles, isSoft),
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
  return press(
    surface,
    skinned,
    () => true,
    (p) => nearest(solids, p).distanceM,
    (v, p) => offSupport(skinned.positions, v, p, nearest(solids, p)),
  );
}

function byArms(surface: BodySurface, skinned: SkinnedSurface, rods: readonly Rod[]): Pressed[] {
  if (rods.length === 0) return [];
  const { isTrunk } = softSkin(surface);
  const isNear = boxRound(rods, SWELLS_TO_M);
  return press(
    surface,
    skinned,
    (i) => isTrunk[i] === 1,
    (p) => {
      if (!isNear(p)) return Infinity;
      const toArmM = rodDistance(rods, p, SWELLS_TO_M);
      return toArmM < -MOST_PRESSED_M ? Infinity : toArmM;
    },
    (v, p) => inwards(skinned.positions, skinned.normals, v, p, rods),
  );
}

/**
 * Presses the soft vertices that `isPressed` (by their place among the soft ones) out of something: `distance` says how far
 * they are from it, negative inside, `out` moves one of them out. What lies beside the press widens.
 */
function press(
  surface: BodySurface,
  skinned: SkinnedSurface,
  isPressed: (i: number) => boolean,
  distance: (p: Vec3) => number,
  out: (v: number, p: Vec3) => void,
): Pressed[] {
  const { vertices, areasM2 } = softSkin(surface);
  const { positions } = skinned;
  const p: Vec3 = [0, 0, 0];
  const under: { v: number }[] = [];
  const beside: { v: number; weight: number; areaM2: number }[] = [];
  let deepestM = 0;
  for (let i = 0; i < vertices.length; i++) {
    if (!isPressed(i)) continue;
    const v = vertices[i]! * 3;
    for (let c = 0; c < 3; c++) p[c] = positions[v + c]!;
    const distanceM = distance(p);
    if (distanceM > SWELLS_TO_M) continue;
    if (distanceM > 0) beside.push({ v, weight: (1 - distanceM / SWELLS_TO_M) ** 2, areaM2: areasM2[i]! });
    else {
      under.push({ v });
      deepestM = Math.max(deepestM, -distanceM);
    }
  }
  if (under.length === 0) return [];
  const volumeM3 = volumeOf(surface, positions, [...under, ...beside]);
  const wholeM3 = volumeM3();
  for (const { v } of under) {
    for (let c = 0; c < 3; c++) p[c] = positions[v + c]!;
    out(v, p);
  }
  const flatM3 = volumeM3();
  const pressed: Pressed = { displacedM3: Math.max(0, wholeM3 - flatM3), swollenM3: 0, deepestM };
  if (pressed.displacedM3 > 0) swell(skinned, beside, volumeM3, flatM3, pressed);
  return [pressed];
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

/** Volume under the triangles that some vertices belong to, cubic metres: what changes of it when they move is the body's. */
function volumeOf(surface: BodySurface, p: Float32Array, moving: readonly { v: number }[]): () => number {
  const { triangles } = softSkin(surface);
  const moves = new Uint8Array(surface.labels.length);
  for (const { v } of moving) moves[v / 3] = 1;
  const corners: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    if (moves[a]! + moves[b]! + moves[c]! > 0) corners.push(a * 3, b * 3, c * 3);
  }
  return () => {
    let six = 0;
    for (let t = 0; t < corners.length; t += 3) {
      const [a, b, c] = [corners[t]!, corners[t + 1]!, corners[t + 2]!];
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
  beside: readonly { v: number; weight: number; areaM2: number }[],
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
