import type { BodySurface } from '../body';
import type { SkinnedSurface } from '../figure';
import { encodeSrgb, type Vec3 } from '../units';
import { barycentric, blend, pointAt, type Picture } from './picture';

/** Linear reflectance of the studio's paper behind the sitter, and its fall towards the floor. */
const GROUND: Vec3 = [0.3, 0.27, 0.235];

/** Linear light to a byte. */
function encode(linear: number): number {
  return Math.max(0, Math.min(255, encodeSrgb(linear) * 255));
}

/**
 * Develops a lit picture into RGBA bytes: reflectance times light with a soft shoulder.
 * Used for thumbnails and while dragging.
 * @throws Error when the picture was taken without light.
 */
export function develop(
  picture: Picture,
  surface: BodySurface,
  skinned: SkinnedSurface,
): Uint8ClampedArray<ArrayBuffer> {
  if (!picture.light) throw new Error('the picture has no light to develop: take it with a light');
  const { width, height } = picture;
  const out = new Uint8ClampedArray(new ArrayBuffer(width * height * 4));
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
        const fall = 0.75 + 0.35 * (row / height);
        level = 0.55 * fall;
        colour[0] = GROUND[0];
        colour[1] = GROUND[1];
        colour[2] = GROUND[2];
      } else {
        pointAt(picture, col, row, point);
        const w = barycentric(surface, skinned, t, point);
        blend(surface.colours, surface, t, w, colour);
        const a = surface.triangles[t * 3]!;
        level = picture.light[i]! * surface.openness[a]!;
      }
      for (let c = 0; c < 3; c++) {
        const exposed = colour[c]! * level * 1.25;
        out[i * 4 + c] = encode(exposed / (1 + 0.25 * exposed));
      }
      out[i * 4 + 3] = 255;
    }
  return out;
}
