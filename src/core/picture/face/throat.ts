import { bindToHead, partIndex, type Body, type BodySurface } from '../../body';
import { add, degrees, dot, meanPoint, subtract, tripleAt, unit, type Vec3 } from '../../units';
import { headMeshOf } from './headMesh';
import type { IntoHead } from './light';
import { rayMeets, rayTreeOf, type RayTree } from './rays';

/** Front of the neck, and what of the head throws its shadow on it. */
export interface Throat {
  /** Vertices of the surface. */
  vertices: Uint32Array;
  /** The face's triangles in the bind pose, chin and jaw among them. */
  face: RayTree;
}

/** Skin of the neck whose normal looks further to the front than this, cosine, is the throat. */
const FRONT = 0.35;
/** How far under the chin the throat is looked at, head heights: below the fold, and no further than the shadow falls. */
const BELOW_CHIN = { most: -0.3, least: -0.03 };
/** So far off the skin a ray begins, metres: outside the fold where the neck meets the jaw. */
const OFF_M = 0.004;
/** Skin that is turned from the key by more than this, cosine, has no light to lose. */
const TO_KEY = 0.15;
/** A throat of which fewer places are turned to the key is not judged. */
const LEAST_PLACES = 8;

/** A lamp further aside of the face than this draws the jaw with the dark half of the neck, degrees (common practice). */
const MOST_ASIDE_DEG = 40;

function isBelowChin([, up]: Vec3): boolean {
  return up > BELOW_CHIN.most && up < BELOW_CHIN.least;
}

/** Finds the throat of a surface. */
export function throatOf({ lengths }: Body, surface: BodySurface): Throat {
  const head = headMeshOf(surface);
  const [neck, face] = [partIndex('neck'), partIndex('face')];
  const cornersOf = (part: number, corners: Uint32Array) =>
    corners.filter((_, i) => head.labels[Math.floor(i / 3)] === part);
  const ofNeck = new Set(cornersOf(neck, head.trianglesOfSurface));
  return {
    vertices: Uint32Array.from(ofNeck).filter(
      (v) =>
        surface.normals[v * 3 + 2]! > FRONT &&
        isBelowChin(bindToHead(lengths, tripleAt(surface.positions, v))),
    ),
    face: rayTreeOf({ ...head, triangles: cornersOf(face, head.triangles) }),
  };
}

/**
 * Share of the throat that is turned to a lamp and that chin and jaw keep from it, 0 to 1; null where hardly any of it
 * is turned to the lamp, or the lamp stands far aside.
 * @param skinned places and normals of the surface as posed, set frame.
 * @param lamp the middle of the lamp, set frame, metres.
 */
export function throatShaded(
  { vertices, face }: Throat,
  skinned: { positions: Float32Array; normals: Float32Array },
  head: IntoHead,
  lamp: Vec3,
): number | null {
  const [aside, , ahead] = head.direction(
    subtract(lamp, meanPoint(Array.from(vertices, (v) => tripleAt(skinned.positions, v)))),
  );
  if (Math.abs(degrees(Math.atan2(aside, ahead))) > MOST_ASIDE_DEG) return null;
  let turned = 0;
  let shaded = 0;
  for (const vertex of vertices) {
    const [at, normal] = [tripleAt(skinned.positions, vertex), tripleAt(skinned.normals, vertex)];
    const toLamp = unit(subtract(lamp, at));
    if (dot(unit(normal), toLamp) < TO_KEY) continue;
    turned++;
    if (rayMeets(face, head.point(add(at, normal, OFF_M)), head.direction(toLamp))) shaded++;
  }
  return turned < LEAST_PLACES ? null : shaded / turned;
}
