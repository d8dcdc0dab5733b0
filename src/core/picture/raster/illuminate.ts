import { PARTS, type BodySurface } from '../../body';
import type { SkinnedSurface } from '../../figure';
import { illuminate as illuminateInKernel } from '../../kernel';
import type { Picture, PictureLight } from './picture';
import type { ShadowMap } from './shadow';

/** Gives every pixel its light: sources with their shadows, and ambient. */
export function illuminate(
  picture: Picture,
  { triangles }: BodySurface,
  { positions, normals }: SkinnedSurface,
  { lighting, ground, isGroundCoarse = false, isLitElsewhere }: PictureLight,
  maps: readonly (ShadowMap | null)[],
): void {
  const { light, keyOpen, groundPart } = illuminateInKernel({
    pixels: { ...picture, triangle: picture.raster.triangle },
    surface: { triangles, positions, normals },
    supports: picture.supports,
    sources: lighting.sources,
    maps,
    ambient: lighting.ambient,
    ground,
    isGroundCoarse,
    elsewhere: PARTS.flatMap((_, label) => (isLitElsewhere?.(label) ? [label] : [])),
  });
  picture.light = light;
  picture.keyOpen = keyOpen;
  picture.groundPart = groundPart;
}
