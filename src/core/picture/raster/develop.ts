import type { BodySurface } from '../../body';
import type { SkinnedSurface } from '../../figure';
import { GROUND_TONES } from '../../scene';
import { encodeSrgb, type Vec3 } from '../../units';
import { barycentric, blend, GROUND_PARTS, pointAt, type Picture } from './picture';

/** Linear reflectance of the paper behind a sitter without a room. */
const PAPER = GROUND_TONES.grey.reflectance;

/** Bytes of linear light from 0 to 1, finely enough that no byte is skipped in the shadows. */
const ENCODED = Uint8ClampedArray.from({ length: 8192 }, (_, i) => encodeSrgb(i / 8191) * 255);

/** Linear light to a byte. */
function encode(linear: number): number {
  return ENCODED[linear >= 1 ? 8191 : linear <= 0 ? 0 : (linear * 8191 + 0.5) | 0]!;
}

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
  const { width, height, ground, groundPart, light } = picture;
  if (!light) throw new Error('the picture has no light to develop: take it with a light');
  // where a picture has no ground its paper is a little darker at the top
  const tones = [PAPER, ...(ground ? GROUND_PARTS.map((part) => ground[part]) : [])];
  const out = new Float32Array(width * height * 3);
  const exposure = EXPOSURE * 2 ** exposureStops;
  const own = surface.triangles.length / 3;
  const point: Vec3 = [0, 0, 0];
  const colour: Vec3 = [0, 0, 0];
  const put = (i: number, r: number, g: number, b: number, level: number) => {
    out[i * 3] = r * level;
    out[i * 3 + 1] = g * level;
    out[i * 3 + 2] = b * level;
  };
  for (let row = 0, i = 0; row < height; row++) {
    const paperLevel = 0.55 * (0.75 + 0.35 * (row / height));
    for (let col = 0; col < width; col++, i++) {
      const t = picture.raster.triangle[i]!;
      if (t >= own) {
        const { colours, triangles } = picture.supports!;
        const o = triangles[(t - own) * 3]! * 3;
        put(i, colours[o]!, colours[o + 1]!, colours[o + 2]!, light[i]! * exposure);
      } else if (t < 0) {
        const tone = tones[groundPart?.[i] ?? 0]!;
        put(i, tone[0], tone[1], tone[2], (ground ? light[i]! : paperLevel) * exposure);
      } else {
        pointAt(picture, col, row, point);
        blend(surface.colours, surface, t, barycentric(surface, skinned, t, point), colour);
        const level = light[i]! * surface.openness[surface.triangles[t * 3]!]! * exposure;
        put(i, colour[0], colour[1], colour[2], level);
      }
    }
  }
  return out;
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
  const pixels = picture.width * picture.height;
  const out = new Uint8ClampedArray(new ArrayBuffer(pixels * 4));
  for (let i = 0; i < pixels; i++) {
    out[i * 4] = encode(linear[i * 3]!);
    out[i * 4 + 1] = encode(linear[i * 3 + 1]!);
    out[i * 4 + 2] = encode(linear[i * 3 + 2]!);
    out[i * 4 + 3] = 255;
  }
  return out;
}
