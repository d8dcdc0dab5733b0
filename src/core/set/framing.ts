import { CROP_WORDS, type Crop } from '../brief';
import { CAMERA_RANGES, project, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import { add, clamp, SIDES, subtract, type Vec3 } from '../units';

/** How much of the sitter the frame takes in; a detail has no framing of its own. */
export type Framing = Exclude<Crop, 'detail'>;
export const FRAMINGS = [
  'full',
  'threeQuarter',
  'half',
  'headAndShoulders',
  'head',
] as const satisfies Framing[];
export const FRAMING_WORDS: Record<Framing, string> = CROP_WORDS;

/** Free of the sitter above the crown, at both sides and, full length, below the feet: shares of the frame (common practice). */
export const HEADROOM: Record<Framing, number> = {
  full: 0.06,
  threeQuarter: 0.07,
  half: 0.08,
  headAndShoulders: 0.09,
  head: 0.05,
};
export const FREE_ASIDE = 0.05;
export const FREE_BELOW_FEET = 0.05;

/** Where the lower edge goes, as a share of the way from the hips to the base of the neck: where the body narrows. */
const CUT_AT = { half: 0.36, headAndShoulders: 0.86, head: 0.93 } as const;
const MID_THIGH = 0.5;

function middle(a: Vec3, b: Vec3): Vec3 {
  return [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2, (a[2] + b[2]) / 2];
}

/** A point between the hips (0) and the base of the neck (1). */
function onTrunk(points: FigurePoints, share: number): Vec3 {
  const hips = middle(points.hips.left, points.hips.right);
  return add(hips, subtract(points.neckBase, hips), share);
}

/** Points of the posed figure that a framing must hold: the lowest of them lies on the lower edge. */
export function heldBy(points: FigurePoints, framing: Framing): Vec3[] {
  const head = [points.crown, points.chin];
  const shoulders = SIDES.map((s) => points.shoulders[s]);
  switch (framing) {
    case 'full':
      return [
        ...head,
        ...shoulders,
        ...SIDES.flatMap((s) => [
          points.elbows[s],
          points.fingertips[s],
          points.knees[s],
          points.ankles[s],
          points.toes[s],
          points.hips[s],
        ]),
      ];
    case 'threeQuarter':
      return [
        ...head,
        ...shoulders,
        ...SIDES.flatMap((s) => [
          points.elbows[s],
          points.hips[s],
          add(points.hips[s], subtract(points.knees[s], points.hips[s]), MID_THIGH),
        ]),
      ];
    case 'half':
      return [...head, ...shoulders, onTrunk(points, CUT_AT.half)];
    case 'headAndShoulders':
      return [...head, ...shoulders, onTrunk(points, CUT_AT.headAndShoulders)];
    case 'head':
      return [...head, onTrunk(points, CUT_AT.head)];
  }
}

/** Heights of the lens that have a name, metres, for the sitter as posed. */
export function namedHeightsM(points: FigurePoints): { words: string; heightM: number }[] {
  const y = (p: Vec3) => p[1];
  const chin = (y(points.lowerLip) + y(points.chin)) / 2;
  const eyes = (y(points.eyes.left) + y(points.eyes.right)) / 2;
  const knees = (y(points.knees.left) + y(points.knees.right)) / 2;
  return [
    { words: 'eyes', heightM: eyes },
    { words: 'mid-ear', heightM: eyes - 0.12 * (eyes - y(points.chin)) },
    { words: 'chin', heightM: chin },
    { words: 'chest', heightM: y(onTrunk(points, 0.72)) },
    { words: 'hips', heightM: y(onTrunk(points, 0)) },
    { words: 'knees', heightM: knees },
    { words: 'floor', heightM: 0.15 },
  ];
}

/**
 * Height of the lens for a framing (common practice): head and shoulders between lower lip and chin, half and
 * three-quarter between chest and chin, full length at the hips.
 */
export function usualHeightM(points: FigurePoints, framing: Framing): number {
  const at = (words: string) => namedHeightsM(points).find((h) => h.words === words)!.heightM;
  switch (framing) {
    case 'full':
      return at('hips');
    case 'threeQuarter':
    case 'half':
      return (at('chest') + at('chin')) / 2;
    default:
      return at('chin');
  }
}

/** A lens height as a shot can have it: to the centimetre, within the camera's range. */
export function settableHeightM(heightM: number): number {
  const { min, max } = CAMERA_RANGES.heightM;
  return clamp(Math.round(heightM * 100) / 100, min, max);
}

/** The camera at a distance, aimed so that a framing stands in the frame as it should; how much of the frame it needs. */
function aimedAt(camera: Camera, points: FigurePoints, framing: Framing, distanceM: number) {
  const held = heldBy(points, framing);
  const below = framing === 'full' ? FREE_BELOW_FEET : 0;
  const wantedTop = 1 - 2 * HEADROOM[framing];
  const wantedBottom = -1 + 2 * below;
  let aimM = held.reduce((sum, p) => sum + p[1], 0) / held.length;
  let next = { ...camera, distanceM, aim: { kind: 'aimed' as const, heightM: aimM } };
  let needs = Infinity;
  for (let i = 0; i < 6; i++) {
    const view = viewOf(next);
    const seen = held.map((p) => project(view, p));
    if (seen.some((p) => p.depthM < 0.2)) return { camera: next, needs: Infinity };
    const top = Math.max(...seen.map((p) => p.y));
    const bottom = Math.min(...seen.map((p) => p.y));
    const aside = Math.max(...seen.map((p) => Math.abs(p.x)));
    needs = Math.max((top - bottom) / (wantedTop - wantedBottom), aside / (1 - 2 * FREE_ASIDE));
    // the frame is set by its lower edge; what is to spare goes above the head
    aimM += (bottom - wantedBottom) * view.tanHalfHeight * distanceM;
    next = { ...next, aim: { kind: 'aimed', heightM: Math.min(2.6, Math.max(0, aimM)) } };
  }
  return { camera: next, needs };
}

/**
 * The nearest camera that holds a framing of the sitter as posed with a focal length and from a lens height, the usual one
 * where none is said: distance and aim; arc, sensor, orientation and aperture stay. Null where it is nowhere between half a metre and twenty.
 */
export function framed(
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  focalLengthMm = camera.focalLengthMm,
  heightM = usualHeightM(points, framing),
): Camera | null {
  const start = { ...camera, focalLengthMm, heightM: settableHeightM(heightM) };
  let { min: low, max: high }: { min: number; max: number } = CAMERA_RANGES.distanceM;
  if (aimedAt(start, points, framing, high).needs > 1) return null;
  if (aimedAt(start, points, framing, low).needs <= 1) high = low;
  for (let i = 0; i < 30 && high > low; i++) {
    const mid = (low + high) / 2;
    if (aimedAt(start, points, framing, mid).needs > 1) low = mid;
    else high = mid;
  }
  return aimedAt(start, points, framing, high).camera;
}
