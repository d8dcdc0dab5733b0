import { project, type Projected, type View } from '../../camera';
import { irradianceFrom, throughGrid, type Lighting, type LightSamples } from '../../light';
import { clamp, degrees, dot, subtract, unit, type Vec3 } from '../../units';
import type { Ground } from '../../scene';
import type { Picture } from '../raster/picture';

/** What one source does to the lens. */
export interface Flare {
  /** `key`, or the id of the source. */
  source: string;
  /** `inFrame`: it stands in the picture; `strikes`: it shines on the front of the lens from beside it; else `clear`. */
  kind: 'inFrame' | 'strikes' | 'clear';
  /** From the axis of the lens to its middle, degrees. */
  offDeg: number;
  /** What it sends on to the front of the lens against the key on the face; 0 where a usual hood keeps it off. */
  onLens: number;
}

/** A usual hood stands so far outside the corner of the frame, degrees (common practice: hoods are cut to the lens). */
const HOOD_OUTSIDE_CORNER_DEG = 20;
/** From this share of the key on the face on, light on the front element veils the picture (from memory; to be measured). */
export const VEILING_SHARE = 0.1;
/** What is turned away from the lens by more than this shines past it, cosine. */
const LEAST_TOWARDS = 0.25;
/** Below this share of its light on the axis a grid has shut a lamp off. */
const GRIDDED = 0.02;

/** From so far off the axis a usual hood keeps light off the lens, degrees: 34 at 85 mm. */
export function hoodedFromDeg({ tanHalfWidth, tanHalfHeight }: View): number {
  return degrees(Math.atan(Math.hypot(tanHalfWidth, tanHalfHeight))) + HOOD_OUTSIDE_CORNER_DEG;
}

/** Where a point lies in the picture; undefined outside the frame or behind the lens. */
function inFrame(view: View, p: Vec3): Projected | undefined {
  const at = project(view, p);
  return at.depthM > 0 && Math.abs(at.x) < 1 && Math.abs(at.y) < 1 ? at : undefined;
}

/** Whether something of the sitter or a support stands before a place of the picture. */
function isHidden({ width, height, depthM: depths }: Picture, { x, y, depthM }: Projected): boolean {
  const col = Math.min(width - 1, Math.max(0, Math.floor(((x + 1) / 2) * width)));
  const row = Math.min(height - 1, Math.max(0, Math.floor(((1 - y) / 2) * height)));
  const nearest = depths[row * width + col]!;
  return nearest > 0 && nearest < depthM;
}

/** Whether what hangs behind the sitter hangs between the lens and a point. */
function isBehindBackground(
  [eyeX, , eyeZ]: Vec3,
  [x, , z]: Vec3,
  { backgroundM, halfWidthM }: Ground,
): boolean {
  if (z >= -backgroundM || eyeZ <= -backgroundM) return false;
  const share = (eyeZ + backgroundM) / (eyeZ - z);
  return Math.abs(eyeX + share * (x - eyeX)) <= halfWidthM;
}

/** Whether the bright side of a source is turned to the lens and no grid shuts it off. */
function shinesOn({ points, aim, isBall, gridCos }: LightSamples, view: View): boolean {
  if (isBall && gridCos === -1) return true;
  return points.some((p) => {
    const cos = dot(unit(subtract(view.eye, p)), aim);
    return cos > LEAST_TOWARDS && throughGrid(cos, gridCos) > GRIDDED;
  });
}

/**
 * What every source does to the lens: those in the picture and those that shine on its front from beside it take
 * contrast away. Panels and what takes light away do neither; they are told only where they stand in the picture. What
 * hangs behind the sitter on a `ground` hides what stands behind it.
 */
export function flaresOf(picture: Picture, lighting: Lighting, ground?: Ground): Flare[] {
  return lighting.sources.map((source) => flareOf(picture, source, ground));
}

function flareOf(picture: Picture, source: LightSamples, ground: Ground | undefined): Flare {
  const { view } = picture;
  const isOccluded = (p: Vec3) => ground !== undefined && isBehindBackground(view.eye, p, ground);
  const cos = dot(unit(subtract(source.centre, view.eye)), view.forward);
  const offDeg = degrees(Math.acos(clamp(cos, -1, 1)));
  const isSeen = source.points.some((p) => {
    const at = inFrame(view, p);
    return at !== undefined && !isHidden(picture, at) && !isOccluded(p);
  });
  const flare = { source: source.id, offDeg, onLens: 0 };
  if (isSeen) return { ...flare, kind: 'inFrame' };
  // what stands in the frame and is hidden by the sitter shines on no lens
  const isAway = inFrame(view, source.centre) !== undefined || isOccluded(source.centre);
  if (isAway || !source.castsShadow || offDeg > hoodedFromDeg(view) || !shinesOn(source, view))
    return { ...flare, kind: 'clear' };
  const onLens = irradianceFrom(source, view.eye, view.forward);
  return { ...flare, onLens, kind: onLens > VEILING_SHARE ? 'strikes' : 'clear' };
}
