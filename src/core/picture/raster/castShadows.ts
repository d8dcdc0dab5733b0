import type { Mesh } from '../../kernel';
import type { LightSamples } from '../../light';
import type { Vec3 } from '../../units';
import type { PictureLight } from './picture';
import { createRaster } from './raster';
import { shadowMapFrom, type ShadowMap } from './shadow';

/** What shadows were cast by, and the lamp and sphere that they were cast for. */
export interface CastOf {
  casters: readonly unknown[];
  lamp: string;
}

/** Whether what was cast before is still so: the same things before the same lamp. */
export function stillStands(before: CastOf | undefined, now: CastOf): boolean {
  return before?.lamp === now.lamp && before.casters.every((caster, i) => caster === now.casters[i]);
}

/** A shadow map with what it was cast of. */
export interface CastShadow extends CastOf {
  map: ShadowMap;
}

export function lampWords({ centre, sizeM }: LightSamples, middle: Vec3, radiusM: number): string {
  return [...centre, sizeM, ...middle, radiusM].join(' ');
}

/**
 * Shadows of every source that casts any. Those of `kept` stay while neither lamp nor what stands before it moves, so
 * that of several lamps only the one that is dragged is cast anew, and none where only the lens moves.
 * @param casters what the meshes belong to; the same things stand as they stood.
 * @param kept the shadows that were cast last; written over.
 */
export function castShadows(
  { lighting, middle, radiusM }: PictureLight,
  meshes: readonly Mesh[],
  casters: readonly unknown[],
  kept: (CastShadow | undefined)[],
  sidePx: number,
): (ShadowMap | null)[] {
  return lighting.sources.map((source, i) => {
    if (!source.castsShadow) return null;
    const before = kept[i];
    const now = { casters, lamp: lampWords(source, middle, radiusM) };
    if (before && stillStands(before, now)) return before.map;
    const raster = before?.map.raster ?? createRaster(sidePx, sidePx);
    const map = shadowMapFrom(source, middle, radiusM, meshes, raster);
    kept[i] = { map, ...now };
    return map;
  });
}
