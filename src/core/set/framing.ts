import { CROP_WORDS, type Crop } from '../brief';
import { CAMERA_RANGES, project, TURN_RANGES, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import { add, clamp, degrees, midpoint, SIDES, subtract, type Vec3 } from '../units';

/** Details that the camera is panned to. */
export const DETAILS = ['eyesAlone', 'handsAlone', 'feetAlone'] as const;
type Detail = (typeof DETAILS)[number];

/** How much of the sitter the frame takes in: the body down to a cut, or a detail of it. */
export type Framing = Exclude<Crop, 'detail'> | Detail;
export const FRAMINGS = [
  'full',
  'threeQuarter',
  'half',
  'headAndShoulders',
  'head',
] as const satisfies Framing[];

export function isDetail(framing: Framing): framing is Detail {
  return (DETAILS as readonly Framing[]).includes(framing);
}
export const FRAMING_WORDS: Record<Framing, string> = {
  ...CROP_WORDS,
  eyesAlone: 'eyes',
  handsAlone: 'hands',
  feetAlone: 'feet',
};

/** Free of the sitter above the crown, at both sides and, full length, below the feet: shares of the frame (common practice). */
export const HEADROOM: Record<Framing, number> = {
  full: 0.06,
  threeQuarter: 0.07,
  half: 0.08,
  headAndShoulders: 0.09,
  head: 0.05,
  eyesAlone: 0.2,
  handsAlone: 0.16,
  feetAlone: 0.16,
};
export const FREE_ASIDE = 0.05;
const FREE_BELOW_FEET = 0.05;

/** Free of what a framing holds below it, share of the frame; where it cuts the body there is none. */
export function freeBelow(framing: Framing): number {
  if (isDetail(framing)) return HEADROOM[framing];
  return framing === 'full' ? FREE_BELOW_FEET : 0;
}

/** Where the lower edge goes, as a share of the way from the hips to the base of the neck: where the body narrows. */
const CUT_AT = { half: 0.36, headAndShoulders: 0.86, head: 0.93 } as const;
const MID_THIGH = 0.5;

/** A point between the hips (0) and the base of the neck (1). */
function onTrunk(points: FigurePoints, share: number): Vec3 {
  const hips = midpoint(points.hips.left, points.hips.right);
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
    case 'eyesAlone':
      return [
        ...SIDES.map((s) => points.eyes[s]),
        points.nose,
        add(points.crown, subtract(points.chin, points.crown), 0.3),
      ];
    case 'handsAlone':
      return SIDES.flatMap((s) => [points.wrists[s], points.fingertips[s]]);
    case 'feetAlone':
      return SIDES.flatMap((s) => [points.ankles[s], points.toes[s]]);
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
 * three-quarter between chest and chin, full length at the hips; a detail at its own height.
 */
export function usualHeightM(points: FigurePoints, framing: Framing): number {
  const at = (words: string) => namedHeightsM(points).find((h) => h.words === words)!.heightM;
  switch (framing) {
    case 'full':
      return at('hips');
    case 'threeQuarter':
    case 'half':
      return (at('chest') + at('chin')) / 2;
    case 'headAndShoulders':
    case 'head':
      return at('chin');
    default: {
      const heights = heldBy(points, framing).map((p) => p[1]);
      return (Math.min(...heights) + Math.max(...heights)) / 2;
    }
  }
}

/** A lens height as a shot can have it: to the centimetre, within the camera's range. */
export function settableHeightM(heightM: number): number {
  const { min, max } = CAMERA_RANGES.heightM;
  return clamp(Math.round(heightM * 100) / 100, min, max);
}

/** Highest place over the mark that a camera can be aimed at, metres. */
const MOST_AIM_M = 2.6;

/** The camera at a distance, aimed so that a framing stands in the frame as it should; how much of the frame it needs. */
function aimedAt(camera: Camera, points: FigurePoints, framing: Framing, distanceM: number) {
  const held = heldBy(points, framing);
  const isPanned = isDetail(framing);
  const wantedTop = 1 - 2 * HEADROOM[framing];
  const wantedBottom = -1 + 2 * freeBelow(framing);
  let panDeg = 0;
  let aimM = held.reduce((sum, p) => sum + p[1], 0) / held.length;
  const { panDeg: _, ...unpanned } = camera;
  let next: Camera = { ...unpanned, distanceM, aim: { kind: 'aimed', heightM: clamp(aimM, 0, MOST_AIM_M) } };
  let needs = Infinity;
  for (let i = 0; i < 6; i++) {
    const view = viewOf(next);
    const seen = held.map((p) => project(view, p));
    if (seen.some((p) => p.depthM < 0.2)) return { camera: next, needs: Infinity };
    const top = Math.max(...seen.map((p) => p.y));
    const bottom = Math.min(...seen.map((p) => p.y));
    const [left, right] = [Math.min(...seen.map((p) => p.x)), Math.max(...seen.map((p) => p.x))];
    const aside = isPanned ? (right - left) / 2 : Math.max(-left, right);
    needs = Math.max((top - bottom) / (wantedTop - wantedBottom), aside / (1 - 2 * FREE_ASIDE));
    // the frame is set by its lower edge; what is to spare goes above the head, and round a detail
    const off = isPanned ? (bottom + top) / 2 : bottom - wantedBottom;
    aimM = clamp(aimM + off * view.tanHalfHeight * distanceM, 0, MOST_AIM_M);
    if (isPanned) panDeg += degrees(Math.atan(((left + right) / 2) * view.tanHalfWidth));
    const { min, max } = TURN_RANGES.panDeg;
    if (panDeg < min || panDeg > max) return { camera: next, needs: Infinity };
    next = {
      ...next,
      aim: { kind: 'aimed', heightM: aimM },
      ...(isPanned && { panDeg: Math.round(panDeg * 10) / 10 }),
    };
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
