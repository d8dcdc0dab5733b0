import type { LightSamples } from '../../light';
import type { SupportMesh } from '../../scene';
import type { Vec3 } from '../../units';
import { lampWords, stillStands, type CastOf } from '../raster/castShadows';
import { createRaster, rasteriseOver } from '../raster/raster';
import { occupiedTiles, shadowMapFrom, type ShadowMap } from '../raster/shadow';

/** What one lamp sees round the face: with the head, and without it. */
export interface CloseShadows {
  all: ShadowMap;
  withoutHead: ShadowMap;
}

/** Shadows with what they were cast of. */
export interface KeptShadows extends CloseShadows, CastOf {}

/** What casts the shadows, as it is skinned; `castBy` is the same thing while it stands as it stood. */
export interface Caster {
  castBy: object;
  positions: Float32Array;
  /** Triangles of everything but the head, and of the head. */
  withoutHead: Uint32Array;
  head: Uint32Array;
  supports: SupportMesh | undefined;
}

/** Sphere whose shadows the close picture holds, metres. */
export const CLOSE_RADIUS_M = 0.45;
const MAP_PX = 400;

/**
 * Shadows round the face from a lamp; those that were cast last are kept while neither sitter, supports nor lamp move, so
 * that of several lamps only the one that is dragged is cast anew.
 */
export function closeShadows(
  { castBy, positions, withoutHead: triangles, head, supports }: Caster,
  source: LightSamples,
  middle: Vec3,
  kept: KeptShadows | undefined,
): KeptShadows {
  const now = { casters: [castBy, supports], lamp: lampWords(source, middle, CLOSE_RADIUS_M) };
  if (kept && stillStands(kept, now)) return kept;
  const withoutHead = shadowMapFrom(
    source,
    middle,
    CLOSE_RADIUS_M,
    [{ positions, triangles }, ...(supports ? [supports] : [])],
    kept?.withoutHead.raster ?? createRaster(MAP_PX, MAP_PX),
  );
  const raster = kept?.all.raster ?? createRaster(MAP_PX, MAP_PX);
  raster.triangle.set(withoutHead.raster.triangle);
  raster.inverseDepth.set(withoutHead.raster.inverseDepth);
  rasteriseOver(raster, withoutHead.view, { positions, triangles: head }, 0);
  return {
    ...now,
    withoutHead,
    all: { ...withoutHead, raster, occupied: occupiedTiles(raster) },
  };
}
