import { EYEBALL, eyeCentre, headToBind, jointIndex, lidEdges, type Body } from '../../body';
import type { View } from '../../camera';
import { turned, type Figure } from '../../figure';
import type { LightSamples, Lighting } from '../../light';
import { add, degrees, dot, sideSign, SIDES, subtract, unit, type Side, type Vec3 } from '../../units';
import type { FaceChart } from './chart';
import type { IntoHead } from './light';
import { rayMeets } from './rays';

/** The image of a source in an eye. */
export interface Catchlight {
  /** `key`, or the id of the source. */
  source: string;
  /** Where it stands against the pupil, as on a clock in the picture, 1 to 12. */
  clock: number;
  /** Share of the source that is seen in the eye. */
  seen: number;
}

/** What mirrors the light to the lens. */
export interface Reflections {
  catchlights: Record<Side, Catchlight[]>;
  /** Sources whose image falls into the lens from a glass, by eye; empty without glasses. */
  glare: Record<Side, string[]>;
}

/** Radius of the cornea's front, metres: 7.8 mm (Gullstrand's schematic eye 7.7; from memory). */
const CORNEA_M = 0.0078;
/** Half the angle of the cornea seen from its own centre, degrees. */
const CORNEA_DEG = 48;
/** Radius of a glass's front and its tilt towards the cheeks: a common shape of spectacles (common practice). */
const GLASS_RADIUS_M = 0.13;
const GLASS_TILT_DEG = 8;
/** Half-sides of a glass, head heights, as the glasses are drawn. */
const GLASS_HALF = { across: 0.09, up: 0.062 };
const GLASS_Z = 0.408;

/** Normal of a mirroring ball at which a source is seen by the lens; both are far from it. */
function mirrorNormal(at: Vec3, source: Vec3, lens: Vec3): Vec3 {
  return unit(add(unit(subtract(source, at)), unit(subtract(lens, at))));
}

/** Images of the sources in eyes and glasses, as the lens sees them. */
export function reflectionsOf(
  chart: FaceChart,
  body: Body,
  figure: Figure,
  head: IntoHead,
  view: View,
  lighting: Lighting,
): Reflections {
  const lens = head.point(view.eye);
  const right = head.direction(view.right);
  const up = head.direction(view.up);
  const out: Reflections = { catchlights: { left: [], right: [] }, glare: { left: [], right: [] } };
  const H = body.lengths.headHeightM;
  const eyeballM = EYEBALL.radius * H;
  const isOpen = (from: Vec3, to: Vec3) => !rayMeets(chart.rays(), from, unit(subtract(to, from)));
  for (const side of SIDES) {
    const sign = sideSign(side);
    const eye = headToBind(body.lengths, eyeCentre(body.lengths, side));
    const gaze = head.direction(turned([0, 0, 1], figure.frames.rotation[jointIndex(`${side}:eye`)]!));
    // its front stands a little before the eyeball's
    const cornea = add(eye, gaze, eyeballM + 0.0006 - CORNEA_M);
    const inEye = (source: Vec3): Vec3 | null => {
      const n = mirrorNormal(cornea, source, lens);
      if (dot(n, gaze) < Math.cos((CORNEA_DEG * Math.PI) / 180)) return null;
      const p = add(cornea, n, CORNEA_M);
      const edges = lidEdges((sign * (p[0] - eye[0])) / H);
      const v = (p[1] - eye[1]) / H;
      if (v > edges.upper || v < edges.lower) return null;
      const from = add(p, n, 0.0025);
      return isOpen(from, source) && isOpen(from, lens) ? n : null;
    };
    lighting.sources.forEach((source) => {
      if (source.intensity <= 0) return;
      const seen = facesLens(source, cornea, head)
        .map(inEye)
        .filter((n): n is Vec3 => n !== null);
      if (seen.length === 0) return;
      const mean = seen.reduce((sum, n) => add(sum, n, 1 / seen.length), [0, 0, 0] as Vec3);
      const off = subtract(mean, gaze);
      const hour = degrees(Math.atan2(dot(off, right), dot(off, up))) / 30;
      out.catchlights[side].push({
        source: source.id,
        clock: ((Math.round(hour) + 11) % 12) + 1,
        seen: seen.length / source.points.length,
      });
    });
    if (!body.profile.outfit.glasses) continue;
    const t = (GLASS_TILT_DEG * Math.PI) / 180;
    const [eyeX, eyeY] = eyeCentre(body.lengths, side);
    const glass = headToBind(body.lengths, [eyeX + sign * 0.004, eyeY - 0.012, GLASS_Z]);
    const axis: Vec3 = [0, -Math.sin(t), Math.cos(t)];
    const ball = add(glass, axis, -GLASS_RADIUS_M);
    out.glare[side] = lighting.sources.flatMap((source) => {
      if (source.intensity <= 0) return [];
      const isSeen = facesLens(source, glass, head).some((s) => {
        const off = subtract(add(ball, mirrorNormal(glass, s, lens), GLASS_RADIUS_M), glass);
        return Math.abs(off[0]) < GLASS_HALF.across * H && Math.abs(off[1]) < GLASS_HALF.up * H;
      });
      return isSeen ? [source.id] : [];
    });
  }
  return out;
}

/** Points of a source, in the head, whose bright face is turned to a place. */
function facesLens(source: LightSamples, at: Vec3, head: IntoHead): Vec3[] {
  const aim = head.direction(source.aim);
  return source.points
    .map((p) => head.point(p))
    .filter((p) => source.isBall || dot(subtract(at, p), aim) > 0);
}
