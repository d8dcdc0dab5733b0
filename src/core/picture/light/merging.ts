import { project } from '../../camera';
import { irradianceFrom, type Lighting } from '../../light';
import type { Ground } from '../../scene';
import type { Vec3 } from '../../units';
import { groundAt, type Picture } from '../raster/picture';
import { luminance } from '../raster/stopsMap';

/** Tone within this of the ground is hardly told apart from it, stops (measured on no viewer: our own). */
export const MERGES_STOPS = 0.5;

/** Below this a print shows no difference: four stops under middle grey, linear (common practice). */
const BLACK = 0.18 / 2 ** 4;

/** A place on the outline of a figure, set frame, with the ground beside it as the lens sees it. */
export interface OutlinePlace {
  at: Vec3;
  normal: Vec3;
  /** Just off the figure: what the lens sees there is behind it. */
  beside: Vec3;
  /** Linear reflectance of what is there. */
  tone: readonly [number, number, number];
}

function lightAt({ sources, ambient }: Lighting, at: Vec3, normal: Vec3): number {
  return sources.reduce((sum, source) => sum + irradianceFrom(source, at, normal), ambient);
}

/** How bright the ground is that the lens sees past a place; null where the frame ends before it, or it sees none. */
function groundBeside(picture: Picture, lighting: Lighting, ground: Ground, beside: Vec3): number | null {
  const { x, y, depthM } = project(picture.view, beside);
  if (depthM <= 0 || Math.abs(x) >= 1 || Math.abs(y) >= 1) return null;
  const [col, row] = [((x + 1) / 2) * picture.width - 0.5, ((1 - y) / 2) * picture.height - 0.5];
  const [at, normal]: [Vec3, Vec3] = [
    [0, 0, 0],
    [0, 0, 0],
  ];
  const part = groundAt(picture, col, row, ground, at, normal);
  return part && luminance(ground[part], 0) * Math.max(0, lightAt(lighting, at, normal));
}

/**
 * Share of some places of an outline that are hardly told apart from the ground beside them, 0 to 1, by unshadowed
 * light; null where hardly half of them have ground beside them in the picture.
 */
export function mergingShare(
  picture: Picture,
  lighting: Lighting,
  ground: Ground,
  places: readonly OutlinePlace[],
): number | null {
  const off = places.flatMap(({ at, normal, beside, tone }) => {
    const behind = groundBeside(picture, lighting, ground, beside);
    if (behind === null) return [];
    const here = luminance(tone, 0) * Math.max(0, lightAt(lighting, at, normal));
    return [Math.abs(Math.log2(Math.max(BLACK, here) / Math.max(BLACK, behind)))];
  });
  if (off.length <= places.length / 2) return null;
  return off.filter((stops) => stops < MERGES_STOPS).length / off.length;
}
