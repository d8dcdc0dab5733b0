import { CROP_WORDS, type Crop } from '../brief';
import { AIM_RANGE, CAMERA_RANGES, project, TURN_RANGES, viewOf, type Camera } from '../camera';
import type { FigurePoints } from '../figure';
import { boneCuts } from './boneCuts';
import { add, clamp, degrees, midpoint, SIDES, subtract, unit, type Side, type Vec3 } from '../units';

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

/**
 * Where the lower edge may go, the usual place first: shares of the way from hips to knees for three-quarter, from the
 * hips to the base of the neck for the rest. It goes where the body narrows.
 */
const CUTS: Record<'threeQuarter' | 'half' | 'headAndShoulders' | 'head', readonly number[]> = {
  threeQuarter: [0.5, 0.42, 0.58, 0.66, 0.34, 0.26],
  half: [0.36, 0.3, 0.44, 0.24, 0.5],
  headAndShoulders: [0.79, 0.83, 0.75, 0.87],
  head: [0.93, 0.89, 0.85],
};
/** What must not be cut at the sides, from what is usual to the whole arms. */
const KEEPS = ['usual', 'elbows', 'hands'] as const;

/** How a framing is made of one pose: where it cuts, and how much of the arms it keeps. */
export interface FramingPlan {
  cutAt: number | null;
  keeps: (typeof KEEPS)[number];
}

/** The ways in which a framing can be made, the usual one first. */
export function plansOf(framing: Framing): FramingPlan[] {
  const cuts = framing in CUTS ? CUTS[framing as keyof typeof CUTS] : [null];
  if (isDetail(framing) || framing === 'full') return [{ cutAt: null, keeps: 'usual' }];
  return KEEPS.flatMap((keeps) => cuts.map((cutAt) => ({ cutAt, keeps })));
}

/** Points of the arms above a cut that a plan keeps. */
function keptArms(points: FigurePoints, { keeps }: FramingPlan, cut: Vec3): Vec3[] {
  if (keeps === 'usual') return [];
  const arms = SIDES.flatMap((s) =>
    keeps === 'elbows' ? [points.elbows[s]] : [points.elbows[s], points.wrists[s], points.fingertips[s]],
  );
  return arms.filter((p) => p[1] > cut[1]);
}

/** A point between the hips (0) and the base of the neck (1). */
function onTrunk(points: FigurePoints, share: number): Vec3 {
  const hips = midpoint(points.hips.left, points.hips.right);
  return add(hips, subtract(points.neckBase, hips), share);
}

/** How far a shoe goes on past the toes, metres (from memory). */
const SHOE_M = 0.06;

/** Where the tip of a foot ends, shoe and all. */
function tipOfFoot({ ankles, toes }: FigurePoints, side: Side): Vec3 {
  return add(toes[side], unit(subtract(toes[side], ankles[side])), SHOE_M);
}

/** Points of the posed figure that a framing must hold: the lowest of them lies on the lower edge. */
export function heldBy(
  points: FigurePoints,
  framing: Framing,
  plan: FramingPlan = plansOf(framing)[0]!,
): Vec3[] {
  const head = [points.crown, points.chin];
  const cutAt = plan.cutAt ?? 0;
  const onThigh = (s: Side) => add(points.hips[s], subtract(points.knees[s], points.hips[s]), cutAt);
  const cut =
    framing === 'threeQuarter' ? midpoint(onThigh('left'), onThigh('right')) : onTrunk(points, cutAt);
  const arms = keptArms(points, plan, cut);
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
          tipOfFoot(points, s),
          points.hips[s],
        ]),
      ];
    case 'threeQuarter':
      return [
        ...head,
        ...shoulders,
        ...arms,
        ...SIDES.flatMap((s) => [points.elbows[s], points.hips[s], onThigh(s)]),
      ];
    case 'half':
      return [...head, ...shoulders, ...arms, cut];
    case 'headAndShoulders':
      return [...head, ...shoulders, ...arms, cut];
    case 'head':
      return [...head, cut];
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

interface HeightRow {
  words: string;
  ofM(points: FigurePoints): number;
}

/** Heights of the lens that have a name, for the sitter as posed. */
export type NamedHeight = 'eyes' | 'ear' | 'chin' | 'chest' | 'hips' | 'knees' | 'floor';
const HEIGHTS: Record<NamedHeight, HeightRow> = {
  eyes: { words: 'eyes', ofM: ({ eyes }) => (eyes.left[1] + eyes.right[1]) / 2 },
  ear: { words: 'mid-ear', ofM: (p) => 0.88 * HEIGHTS.eyes.ofM(p) + 0.12 * p.chin[1] },
  chin: { words: 'chin', ofM: ({ lowerLip, chin }) => (lowerLip[1] + chin[1]) / 2 },
  chest: { words: 'chest', ofM: (p) => onTrunk(p, 0.72)[1] },
  hips: { words: 'hips', ofM: (p) => onTrunk(p, 0)[1] },
  knees: { words: 'knees', ofM: ({ knees }) => (knees.left[1] + knees.right[1]) / 2 },
  floor: { words: 'floor', ofM: () => 0.15 },
};

/** One of the named heights for the sitter as posed, metres. */
export function namedHeightM(points: FigurePoints, name: NamedHeight): number {
  return HEIGHTS[name].ofM(points);
}

/** All of the named heights for the sitter as posed, metres. */
export function namedHeightsM(points: FigurePoints): { words: string; heightM: number }[] {
  return Object.values(HEIGHTS).map(({ words, ofM }) => ({ words, heightM: ofM(points) }));
}

/**
 * Height of the lens for a framing (common practice): head and shoulders between lower lip and chin, half and
 * three-quarter between chest and chin, full length at the hips; a detail at its own height.
 */
export function usualHeightM(points: FigurePoints, framing: Framing): number {
  const at = (name: NamedHeight) => namedHeightM(points, name);
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

/** A framing to be made with a camera: focal length, height and arc are its own. */
interface Framed {
  camera: Camera;
  points: FigurePoints;
  framing: Framing;
  plan: FramingPlan;
}

/** The camera at a distance, aimed so that a framing stands in the frame as it should; how much of the frame it needs. */
function aimedAt({ camera, points, framing, plan }: Framed, distanceM: number) {
  const held = heldBy(points, framing, plan);
  const isPanned = isDetail(framing);
  const wantedTop = 1 - 2 * HEADROOM[framing];
  const wantedBottom = -1 + 2 * freeBelow(framing);
  let panDeg = 0;
  let aimM = held.reduce((sum, p) => sum + p[1], 0) / held.length;
  const { panDeg: _, ...unpanned } = camera;
  let next: Camera = {
    ...unpanned,
    distanceM,
    aim: { kind: 'aimed', heightM: clamp(aimM, AIM_RANGE.min, AIM_RANGE.max) },
  };
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
    aimM = clamp(aimM + off * view.tanHalfHeight * distanceM, AIM_RANGE.min, AIM_RANGE.max);
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

/** The nearest camera that makes a framing in one way; null where it is nowhere between half a metre and twenty. */
function nearestFor(framed: Framed): Camera | null {
  let { min: low, max: high }: { min: number; max: number } = CAMERA_RANGES.distanceM;
  if (aimedAt(framed, high).needs > 1) return null;
  if (aimedAt(framed, low).needs <= 1) high = low;
  for (let i = 0; i < 30 && high > low; i++) {
    const mid = (low + high) / 2;
    if (aimedAt(framed, mid).needs > 1) low = mid;
    else high = mid;
  }
  return aimedAt(framed, high).camera;
}

/** Joints and widest places that a camera's frame cuts. */
function badCuts(camera: Camera, points: FigurePoints): number {
  return boneCuts(viewOf(camera), points).filter((cut) => cut.kind !== 'good').length;
}

/**
 * The way of making a framing of the sitter as posed that cuts the fewest joints and widest places; the usual one where
 * others are no better.
 */
export function planFor(camera: Camera, points: FigurePoints, framing: Framing): FramingPlan {
  const plans = plansOf(framing);
  let best = plans[0]!;
  let least = Infinity;
  for (const plan of plans) {
    const made = nearestFor({ camera, points, framing, plan });
    const bad = made ? badCuts(made, points) : Infinity;
    if (bad < least) [best, least] = [plan, bad];
    if (least === 0) break;
  }
  return best;
}

/**
 * The nearest camera that holds a framing of the sitter as posed with a focal length and from a lens height, the usual one
 * where none is said: distance and aim; arc, sensor, orientation and aperture stay. Null where it is nowhere between half a metre and twenty.
 * @param plan how it is made; the one that cuts best where none is said.
 */
export function framed(
  camera: Camera,
  points: FigurePoints,
  framing: Framing,
  focalLengthMm = camera.focalLengthMm,
  heightM = usualHeightM(points, framing),
  plan?: FramingPlan,
): Camera | null {
  const start = { ...camera, focalLengthMm, heightM: settableHeightM(heightM) };
  return nearestFor({ camera: start, points, framing, plan: plan ?? planFor(start, points, framing) });
}
