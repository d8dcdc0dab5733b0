import { PARTS, type BodySurface } from '../body';
import { placedDistance, placeSupport, solidsOf, type PlacedSolid, type Support } from '../scene';
import type { SkinnedSurface } from './skinning';

/** Parts that are soft enough to be pressed flat, and to widen where they are. */
const SOFT = /thigh|hips|waist|chest|upperArm/;
/** Flesh widens up to this far over what presses it, metres. */
const SWELLS_TO_M = 0.1;
/** It widens by no more than this, metres. */
const MOST_SWELL_M = 0.025;
const PROBE_M = 0.001;

/** Soft vertices of a surface with the skin that belongs to each. */
interface SoftSkin {
  vertices: Uint32Array;
  areasM2: Float32Array;
}

const skins = new WeakMap<BodySurface, SoftSkin>();

function softSkin(surface: BodySurface): SoftSkin {
  let skin = skins.get(surface);
  if (skin) return skin;
  const areas = new Float32Array(surface.labels.length);
  const { positions: p, triangles } = surface;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]! * 3, triangles[t + 1]! * 3, triangles[t + 2]! * 3];
    const u = [0, 1, 2].map((i) => p[b + i]! - p[a + i]!);
    const w = [0, 1, 2].map((i) => p[c + i]! - p[a + i]!);
    const area =
      Math.hypot(
        u[1]! * w[2]! - u[2]! * w[1]!,
        u[2]! * w[0]! - u[0]! * w[2]!,
        u[0]! * w[1]! - u[1]! * w[0]!,
      ) / 6;
    for (const v of [a, b, c]) areas[v / 3]! += area;
  }
  const vertices = Uint32Array.from(
    [...surface.labels.keys()].filter((v) => SOFT.test(PARTS[surface.labels[v]!]!)),
  );
  skin = { vertices, areasM2: Float32Array.from(vertices, (v) => areas[v]!) };
  skins.set(surface, skin);
  return skin;
}

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
    const d = placedDistance(solid, p) + solid.solid.softM;
    if (d < least) {
      least = d;
      best = solid;
    }
  }
  return { solid: best, distanceM: least };
}

/**
 * Presses soft parts of a skinned surface flat on the supports that they run into, and lets them widen beside it by
 * the volume that was pressed away. Cushions give way first.
 */
export function pressFlesh(
  surface: BodySurface,
  skinned: SkinnedSurface,
  supports: readonly Support[],
): Pressed {
  const solids = solidsOf(supports.map(placeSupport));
  const pressed: Pressed = { displacedM3: 0, swollenM3: 0, deepestM: 0 };
  if (solids.length === 0) return pressed;
  const { vertices, areasM2 } = softSkin(surface);
  const { positions } = skinned;
  const p = [0, 0, 0];
  const beside: { v: number; weight: number; areaM2: number }[] = [];
  let wholeM3 = -1;
  for (let i = 0; i < vertices.length; i++) {
    const v = vertices[i]! * 3;
    for (let c = 0; c < 3; c++) p[c] = positions[v + c]!;
    const { solid, distanceM } = nearest(solids, p);
    if (distanceM > SWELLS_TO_M) continue;
    if (distanceM > 0) {
      beside.push({ v, weight: (1 - distanceM / SWELLS_TO_M) ** 2, areaM2: areasM2[i]! });
      continue;
    }
    // the volume is only worth measuring once something is pressed
    if (wholeM3 < 0) wholeM3 = volumeM3(surface, positions);
    const way = [0, 1, 2].map((c) => {
      const q = [...p];
      q[c]! += PROBE_M;
      const more = placedDistance(solid, q);
      q[c]! -= 2 * PROBE_M;
      return more - placedDistance(solid, q);
    });
    const l = Math.hypot(...way) || 1;
    for (let c = 0; c < 3; c++) positions[v + c]! -= (way[c]! / l) * distanceM;
    pressed.deepestM = Math.max(pressed.deepestM, -distanceM);
  }
  if (wholeM3 < 0) return pressed;
  const flatM3 = volumeM3(surface, positions);
  pressed.displacedM3 = Math.max(0, wholeM3 - flatM3);
  if (pressed.displacedM3 > 0) swell(surface, skinned, beside, flatM3, pressed);
  return pressed;
}

/** Volume inside a surface of triangles, cubic metres. */
function volumeM3({ triangles }: BodySurface, p: Float32Array): number {
  let six = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    const [a, b, c] = [triangles[t]! * 3, triangles[t + 1]! * 3, triangles[t + 2]! * 3];
    six +=
      p[a]! * (p[b + 1]! * p[c + 2]! - p[b + 2]! * p[c + 1]!) +
      p[a + 1]! * (p[b + 2]! * p[c]! - p[b]! * p[c + 2]!) +
      p[a + 2]! * (p[b]! * p[c + 1]! - p[b + 1]! * p[c]!);
  }
  return six / 6;
}

/** Widens what lies beside a press, level with the floor, by the volume that was displaced. */
function swell(
  surface: BodySurface,
  { positions, normals }: SkinnedSurface,
  beside: readonly { v: number; weight: number; areaM2: number }[],
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
  const gaveM3 = volumeM3(surface, positions) - flatM3;
  if (gaveM3 > 0) widen(Math.min(MOST_SWELL_M, (guessM * pressed.displacedM3) / gaveM3) - guessM);
  pressed.swollenM3 = volumeM3(surface, positions) - flatM3;
}
