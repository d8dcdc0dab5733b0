import type { BodySurface } from '../body';
import type { SkinnedSurface } from '../figure';
import { GROUND_TONES } from '../scene';
import { encodeSrgb, type Vec3 } from '../units';
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
  if (!picture.light) throw new Error('the picture has no light to develop: take it with a light');
  const { width, height, ground, groundPart } = picture;
  const tones = ground ? GROUND_PARTS.map((part) => ground[part]) : [];
  const out = new Float32Array(width * height * 3);
  const exposure = EXPOSURE * 2 ** exposureStops;
  const point: Vec3 = [0, 0, 0];
  const colour: Vec3 = [0, 0, 0];
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      let level: number;
      const own = surface.triangles.length / 3;
      const t = picture.raster.triangle[i]!;
      if (t >= own) {
        const { colours, triangles } = picture.supports!;
        const o = triangles[(t - own) * 3]! * 3;
        for (let c = 0; c < 3; c++) colour[c] = colours[o + c]!;
        level = picture.light[i]!;
      } else if (picture.label[i] === 0) {
        const part = groundPart?.[i] ?? 0;
        const tone = part > 0 ? tones[part - 1]! : PAPER;
        level = ground ? picture.light[i]! : 0.55 * (0.75 + 0.35 * (row / height));
        for (let c = 0; c < 3; c++) colour[c] = tone[c]!;
      } else {
        pointAt(picture, col, row, point);
        const w = barycentric(surface, skinned, t, point);
        blend(surface.colours, surface, t, w, colour);
        const a = surface.triangles[t * 3]!;
        level = picture.light[i]! * surface.openness[a]!;
      }
      for (let c = 0; c < 3; c++) out[i * 3 + c] = colour[c]! * level * exposure;
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
    for (let c = 0; c < 3; c++) out[i * 4 + c] = encode(linear[i * 3 + c]!);
    out[i * 4 + 3] = 255;
  }
  return out;
}
