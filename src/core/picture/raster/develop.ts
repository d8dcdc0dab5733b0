import type { BodySurface } from '../../body';
import type { SkinnedSurface } from '../../figure';
import { develop as developInKernel, expose as exposeInKernel } from '../../kernel';
import { GROUND_TONES } from '../../scene';
import { encodeSrgb } from '../../units';
import { GROUND_PARTS, type Picture } from './picture';

/** Linear reflectance of the paper behind a sitter without a room. */
const PAPER = GROUND_TONES.grey.reflectance;

/** Bytes of linear light from 0 to 1, finely enough that no byte is skipped in the shadows. */
const ENCODED = Uint8ClampedArray.from({ length: 8192 }, (_, i) => encodeSrgb(i / 8191) * 255);

/** Sensitivity at which a face lit by the key alone comes out as a face should. */
export const EXPOSURE = 1.5;

/**
 * Colour of every pixel as the sensor gets it: reflectance times light times exposure, linear, three values a pixel.
 * @param exposureStops brighter or darker than a face lit by the key asks for.
 * @throws Error when the picture was taken without light.
 */
export function exposeLinear(
  picture: Picture,
  surface: BodySurface,
  skinned: SkinnedSurface,
  exposureStops = 0,
): Float32Array {
  const { supports, ground, light } = picture;
  if (!light) throw new Error('the picture has no light to develop: take it with a light');
  const tones = [PAPER, ...(ground ? GROUND_PARTS.map((part) => ground[part]) : [])];
  return exposeInKernel(
    { ...picture, triangle: picture.raster.triangle, light },
    { ...surface, positions: skinned.positions },
    supports,
    tones,
    EXPOSURE * 2 ** exposureStops,
  );
}

/**
 * Develops a lit picture into RGBA bytes.
 * @throws Error when the picture was taken without light.
 */
export function develop(
  picture: Picture,
  surface: BodySurface,
  skinned: SkinnedSurface,
  exposureStops = 0,
): Uint8ClampedArray<ArrayBuffer> {
  const linear = exposeLinear(picture, surface, skinned, exposureStops);
  return developInKernel(linear, ENCODED);
}
