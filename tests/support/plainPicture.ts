import type { BodySurface } from '@/core/body';
import type { View } from '@/core/camera';
import type { SkinnedSurface } from '@/core/figure';
import type { Mesh } from '@/core/kernel';
import { irradianceFrom } from '@/core/light';
import { EXPOSURE, type Picture, type Raster } from '@/core/picture';
import {
  barycentric,
  blend,
  groundAt,
  GROUND_PARTS,
  isSwept,
  normalAt,
  pointAt,
  type PictureLight,
} from '@/core/picture/raster/picture';
import { shareReaching, type ShadowMap } from '@/core/picture/raster/shadow';
import { GROUND_TONES, type SupportMesh } from '@/core/scene';
import type { Vec3 } from '@/core/units';

/** The hot loops of the measuring picture written plainly: what the compiled ones are held against. */

const NEAR_M = 0.05;

/**
 * Draws triangles into the raster with a depth test; only those that face the camera.
 * Triangles with a corner nearer than 5 cm are left out: a camera is never that near. With `over` the raster keeps
 * what it holds, and the new triangles are numbered from there on.
 */
export function plainRasterise(
  raster: Raster,
  view: View,
  { positions, triangles }: Mesh,
  over?: number,
): void {
  const first = over ?? 0;
  const { width, height, triangle, inverseDepth } = raster;
  if (over === undefined) {
    triangle.fill(-1);
    inverseDepth.fill(0);
  }
  const count = positions.length / 3;
  const p = new Float32Array(count * 3);
  const [ex, ey, ez] = view.eye;
  const [rx, ry, rz] = view.right;
  const [ux, uy, uz] = view.up;
  const [fx, fy, fz] = view.forward;
  const sx = width / 2 / view.tanHalfWidth;
  const sy = height / 2 / view.tanHalfHeight;
  const cx = width / 2;
  const cy = height / 2;
  for (let i = 0, o = 0; i < count; i++, o += 3) {
    const dx = positions[o]! - ex;
    const dy = positions[o + 1]! - ey;
    const dz = positions[o + 2]! - ez;
    const inv = 1 / (dx * fx + dy * fy + dz * fz);
    p[o] = cx + (dx * rx + dy * ry + dz * rz) * inv * sx;
    p[o + 1] = cy - (dx * ux + dy * uy + dz * uz) * inv * sy;
    p[o + 2] = inv;
  }
  const nearest = 1 / NEAR_M;
  for (let t = 0, o = 0; o < triangles.length; t++, o += 3) {
    const a = triangles[o]! * 3;
    const b = triangles[o + 1]! * 3;
    const c = triangles[o + 2]! * 3;
    const ax = p[a]!,
      ay = p[a + 1]!,
      ai = p[a + 2]!;
    const bx = p[b]!,
      by = p[b + 1]!,
      bi = p[b + 2]!;
    const kx = p[c]!,
      ky = p[c + 1]!,
      ki = p[c + 2]!;
    // counter-clockwise from outside is clockwise in rows counted downwards
    const area = (kx - ax) * (by - ay) - (bx - ax) * (ky - ay);
    if (area <= 0) continue;
    if (!(ai > 0 && bi > 0 && ki > 0 && ai < nearest && bi < nearest && ki < nearest)) continue;
    const x0 = Math.max(0, Math.ceil(Math.min(ax, bx, kx) - 0.5));
    const x1 = Math.min(width - 1, Math.floor(Math.max(ax, bx, kx) - 0.5));
    const y0 = Math.max(0, Math.ceil(Math.min(ay, by, ky) - 0.5));
    const y1 = Math.min(height - 1, Math.floor(Math.max(ay, by, ky) - 0.5));
    if (x0 > x1 || y0 > y1) continue;
    const scale = 1 / area;
    for (let y = y0; y <= y1; y++) {
      const py = y + 0.5;
      let row = y * width + x0;
      for (let x = x0; x <= x1; x++, row++) {
        const px = x + 0.5;
        const wa = (kx - bx) * (py - by) - (px - bx) * (ky - by);
        const wb = (ax - kx) * (py - ky) - (px - kx) * (ay - ky);
        const wc = (bx - ax) * (py - ay) - (px - ax) * (by - ay);
        if (wa > 0 || wb > 0 || wc > 0) continue;
        const inv = -(wa * ai + wb * bi + wc * ki) * scale;
        if (inv > inverseDepth[row]!) {
          inverseDepth[row] = inv;
          triangle[row] = first + t;
        }
      }
    }
  }
}

/** Irradiance of every pixel by plain loops. */
export function plainIlluminate(
  picture: Picture,
  surface: BodySurface,
  skinned: SkinnedSurface,
  { lighting: { sources, ambient }, ground, isLitElsewhere }: PictureLight,
  maps: readonly (ShadowMap | null)[],
): void {
  const { width, height, label } = picture;
  const light = new Float32Array(width * height);
  const keyOpen = new Float32Array(width * height).fill(-1);
  const groundPart = ground && new Uint8Array(width * height);
  const point: Vec3 = [0, 0, 0];
  const normal: Vec3 = [0, 0, 0];
  for (let row = 0, i = 0; row < height; row++)
    for (let col = 0; col < width; col++, i++) {
      const t = picture.raster.triangle[i]!;
      if (t < 0) {
        const part = ground && groundAt(picture, col, row, ground, point, normal);
        if (!part) continue;
        const tone = part === 'floor' && isSwept(ground, point) ? 'background' : part;
        groundPart![i] = GROUND_PARTS.indexOf(tone) + 1;
      } else {
        if (isLitElsewhere?.(label[i]!)) continue;
        pointAt(picture, col, row, point);
        if (label[i] === 0) supportNormal(picture.supports!, t - surface.triangles.length / 3, normal);
        else normalAt(picture, surface, skinned, i, point, normal);
      }
      let sum = ambient;
      for (let k = 0; k < sources.length; k++) {
        const direct = irradianceFrom(sources[k]!, point, normal);
        if (direct === 0) continue;
        const map = maps[k];
        const open = map ? shareReaching(map, point[0], point[1], point[2], normal) : 1;
        if (k === 0) keyOpen[i] = open;
        sum += direct * open;
      }
      light[i] = Math.max(0, sum);
    }
  picture.light = light;
  picture.keyOpen = keyOpen;
  picture.groundPart = groundPart;
}

/** Normal of a support's triangle: its first corner's, since its faces are flat or finely divided. */
function supportNormal({ normals, triangles }: SupportMesh, t: number, out: Vec3): void {
  const o = triangles[t * 3]! * 3;
  out[0] = normals[o]!;
  out[1] = normals[o + 1]!;
  out[2] = normals[o + 2]!;
}

/** Linear reflectance of the paper behind a sitter without a room. */
const PAPER = GROUND_TONES.grey.reflectance;

/**
 * Colour of every pixel as the sensor gets it: reflectance times light times exposure, linear, three values a pixel.
 * @param exposureStops brighter or darker than a face lit by the key asks for.
 * @throws Error when the picture was taken without light.
 */
export function plainExpose(
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
