import { project, type Projected, type View } from '../../camera';
import { throughGrid, type Lighting, type LightSamples } from '../../light';
import { degrees, dot, subtract, unit, type Vec3 } from '../../units';
import type { Ground } from '../../scene';
import type { Picture } from '../raster/picture';

/** A source that the lens sees, or that shines on its front. */
export interface Flare {
  /** `key`, or the id of the source. */
  source: string;
  /** `inFrame`: it stands in the picture; `strikes`: its bright side shines on the lens from outside the frame. */
  kind: 'inFrame' | 'strikes';
  /** From the axis of the lens to its middle, degrees. */
  offDeg: number;
}

/** From so far off the axis a usual hood keeps light off the lens, degrees (common practice: hoods of short tele lenses). */
export const HOODED_FROM_DEG = 60;
/** What is turned away from the lens by more than this shines past it, cosine. */
const LEAST_TOWARDS = 0.25;
/** Below this share of its light on the axis a grid has shut a lamp off. */
const GRIDDED = 0.02;

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
 * Sources in the picture and those that shine on the lens from beside it: both take contrast away. Panels and what
 * takes light away do neither; they are told only where they stand in the picture. What hangs behind the sitter on a
 * `ground` hides what stands behind it.
 */
export function flaresOf(picture: Picture, lighting: Lighting, ground?: Ground): Flare[] {
  const { view } = picture;
  const isOccluded = (p: Vec3) => ground !== undefined && isBehindBackground(view.eye, p, ground);
  return lighting.sources.flatMap((source): Flare[] => {
    const offDeg = degrees(
      Math.acos(Math.min(1, dot(unit(subtract(source.centre, view.eye)), view.forward))),
    );
    const isSeen = source.points.some((p) => {
      const at = inFrame(view, p);
      return at !== undefined && !isHidden(picture, at) && !isOccluded(p);
    });
    if (isSeen) return [{ source: source.id, kind: 'inFrame', offDeg }];
    // what stands in the frame and is hidden by the sitter shines on no lens
    if (
      inFrame(view, source.centre) ||
      isOccluded(source.centre) ||
      !source.castsShadow ||
      offDeg > HOODED_FROM_DEG
    )
      return [];
    return shinesOn(source, view) ? [{ source: source.id, kind: 'strikes', offDeg }] : [];
  });
}
