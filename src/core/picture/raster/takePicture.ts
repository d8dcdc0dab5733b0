import { PARTS, type BodySurface } from '../../body';
import type { View } from '../../camera';
import type { SkinnedSurface } from '../../figure';
import { resolve, type Mesh } from '../../kernel';
import { castShadows, type CastShadow } from './castShadows';
import { illuminate } from './illuminate';
import type { BesideMesh, Picture, PictureLight } from './picture';
import { createRaster, rasterise, type Raster } from './raster';

/** Reused memory of one camera's pictures. */
export interface PictureMemory {
  raster?: Raster;
  /** One a lamp, as they were cast last. */
  shadows: (CastShadow | undefined)[];
  shadowPx: number;
}

/** @param shadowPx side of the shadow maps. */
export function createPictureMemory(shadowPx = 320): PictureMemory {
  return { shadows: [], shadowPx };
}

/** Everything of a picture that has a surface: the sitter, and what stands beside it. */
export function meshesOf(
  { triangles }: BodySurface,
  { positions }: SkinnedSurface,
  supports: BesideMesh | undefined,
): Mesh[] {
  return [{ positions, triangles }, ...(supports ? [supports] : [])];
}

/**
 * Takes the measuring picture: labels and depths always, light where a light is given.
 * The raster belongs to `memory` and is overwritten by its next picture.
 */
export function takePicture(
  surface: BodySurface,
  skinned: SkinnedSurface,
  view: View,
  size: { width: number; height: number },
  memory: PictureMemory,
  light?: PictureLight,
  supports?: BesideMesh,
): Picture {
  const fits = memory.raster && memory.raster.width === size.width && memory.raster.height === size.height;
  const raster = fits ? memory.raster! : createRaster(size.width, size.height);
  memory.raster = raster;
  const meshes = meshesOf(surface, skinned, supports);
  rasterise(raster, view, meshes);
  const pixels = size.width * size.height;
  const label = new Uint8Array(pixels);
  const depthM = new Float32Array(pixels);
  const sums = resolve(raster, surface.triangleLabels, PARTS.length, label, depthM);
  const picture: Picture = {
    ...size,
    view,
    label,
    depthM,
    sums,
    light: undefined,
    keyOpen: undefined,
    raster,
    supports,
    othersFrom: surface.triangleLabels.length + (supports?.standing ?? 0),
    ground: light?.ground,
    groundPart: undefined,
  };
  if (light) {
    // without a name for what is skinned nothing is known to stand as it stood
    const casters = [light.castBy ?? {}, supports];
    const maps = light.maps ?? castShadows(light, meshes, casters, memory.shadows, memory.shadowPx);
    illuminate(picture, surface, skinned, light, maps);
  }
  return picture;
}
