import type { Body } from '../../body';
import type { Figure, SkinnedSurface } from '../../figure';
import type { Lighting, LightSamples } from '../../light';
import { placedDistance, placeSupport, solidsOf, type Support, type SupportMesh } from '../../scene';
import { add, apart, dot, SIDES, subtract, unit, type Vec3 } from '../../units';
import { faceMiddle, intoHead, type FaceChart } from '../face';
import { createRaster, type Raster } from '../raster/raster';
import { shadowMapFrom, shareReaching } from '../raster/shadow';

/** What comes nearer than this to the way from a lamp to the face may shade it, metres: half a face and a hand. */
const NEAR_M = 0.26;
/** Nothing farther from the face is looked for, metres. */
const REACH_M = 1.4;
/** Sphere round the face whose shadows are cast, metres. */
const SHADED_M = 0.22;
const MAP_PX = 200;
const STEP_M = 0.12;

/** Points of somebody else that can come between a lamp and a face. */
function outlineOf({ points }: Figure): Vec3[] {
  const { crown, chin, neckBase, shoulders, elbows, wrists, fingertips } = points;
  const sided = [shoulders, elbows, wrists, fingertips].flatMap((pair) => SIDES.map((s) => pair[s]));
  return [crown, chin, neckBase, ...sided];
}

/** Whether arms, hands, supports or somebody else stand near the way from a lamp to the face. */
function isCrossed(
  figure: Figure,
  others: readonly Figure[],
  objects: readonly Support[],
  face: Vec3,
  { centre }: LightSamples,
): boolean {
  const towards = unit(subtract(centre, face));
  const farM = Math.min(REACH_M, apart(centre, face));
  const { wrists, fingertips, elbows } = figure.points;
  const isNear = (p: Vec3) => {
    const d = subtract(p, face);
    const along = dot(d, towards);
    return along > 0 && along < farM && Math.sqrt(Math.max(0, dot(d, d) - along * along)) < NEAR_M;
  };
  if (SIDES.some((s) => isNear(wrists[s]) || isNear(fingertips[s]) || isNear(elbows[s]))) return true;
  if (others.some((other) => outlineOf(other).some(isNear))) return true;
  const solids = solidsOf(objects.map(placeSupport));
  for (let m = STEP_M; m < farM; m += STEP_M) {
    const p = add(face, towards, m);
    if (solids.some((solid) => placedDistance(solid, p) < NEAR_M)) return true;
  }
  return false;
}

/** What shades a face besides its own head, and the memory that looking for it needs. */
export interface Beside {
  chart: FaceChart;
  skinned: SkinnedSurface;
  /** Triangles of everything but the head. */
  withoutHead: Uint32Array;
  map: Raster;
  supports: SupportMesh | undefined;
}

/** Raster of what may shade the face. */
export function besideMap(): Raster {
  return createRaster(MAP_PX, MAP_PX);
}

/**
 * Share of every source that arms, hands, supports and others let through to each place of the face chart; undefined where
 * nothing stands near its way.
 * @param beside makes ready what may shade it, skinned to the figure; called only where something does.
 */
export function lettingThrough(
  beside: () => Beside,
  body: Body,
  figure: Figure,
  lighting: Lighting,
  objects: readonly Support[],
  others: readonly Figure[] = [],
): (Float32Array | undefined)[] {
  const head = intoHead(figure);
  const face = head.outPoint(faceMiddle(body));
  const crossed = lighting.sources.map((s) => s.castsShadow && isCrossed(figure, others, objects, face, s));
  if (!crossed.includes(true)) return [];
  const { chart, skinned, withoutHead, map: raster, supports } = beside();
  const meshes = [{ positions: skinned.positions, triangles: withoutHead }, ...(supports ? [supports] : [])];
  return lighting.sources.map((source, k) => {
    if (!crossed[k]) return undefined;
    const map = shadowMapFrom(source, face, SHADED_M, meshes, raster);
    const { position } = chart;
    return Float32Array.from({ length: position.length / 3 }, (_, i) => {
      const o = i * 3;
      const p = head.outPoint([position[o]!, position[o + 1]!, position[o + 2]!]);
      return shareReaching(map, p[0], p[1], p[2]);
    });
  });
}
