import { clamp, smoothstep, type Vec3 } from '../../../units';
import { childShare } from '../../said/age';
import { FACE_TRAIT_NAMES, type FaceTrait } from '../../said/face';
import type { BodyProfile } from '../../said/profile';

/** What makes one head differ from another. The average adult of the cage has none of it. */
export interface Looks extends Record<FaceTrait, number> {
  /** 1 for a soft contour, -1 for a firm one, 0 before puberty. */
  contour: number;
  /** 0 up to 32 years, 1 at 82. */
  old: number;
  /** 1 at three years, 0 from seventeen on. */
  child: number;
  /** 0 at an average weight, 1 for a heavy sitter, below 0 for a thin one. */
  full: number;
}
export type Look = keyof Looks;

/** Body mass index of an average face and of a full one, kilograms a square metre (common practice). */
const BMI = { average: 23, full: 36 };

/** The looks of a sitter's head. */
export function looksOf({ ageYears, contourShare, massKg, statureM, face }: BodyProfile): Looks {
  const child = childShare(ageYears);
  const traits = Object.fromEntries(FACE_TRAIT_NAMES.map((name) => [name, face?.[name] ?? 0])) as Record<
    FaceTrait,
    number
  >;
  // children weigh less for their height; what is usual grows with them (WHO growth reference, from memory)
  const usual = BMI.average - 7 * child;
  return {
    contour: (contourShare * 2 - 1) * (1 - smoothstep(0, 0.6, child)),
    old: clamp((ageYears - 32) / 50, 0, 1.2),
    child,
    full: clamp((massKg / statureM ** 2 - usual) / (BMI.full - BMI.average), -0.5, 1.3),
    ...traits,
  };
}

/** A shift of the places about one of the left half or the middle line, fading like a bell; head heights. */
interface Bell {
  at: Vec3;
  reach: Vec3;
  by: Vec3;
}

/** Where each look shifts the skin at full. Found by eye against published means (Farkas 1994, from memory). */
const BELLS: Record<Look, readonly Bell[]> = {
  contour: [
    // angle of the jaw
    { at: [0.23, 0.16, 0.06], reach: [0.09, 0.11, 0.13], by: [-0.017, 0.008, 0.004] },
    // body of the jaw
    { at: [0.17, 0.08, 0.2], reach: [0.07, 0.07, 0.12], by: [-0.01, 0.006, 0] },
    // side of the chin
    { at: [0.08, 0.02, 0.35], reach: [0.06, 0.06, 0.08], by: [-0.013, 0.006, -0.004] },
    // chin
    { at: [0, 0.04, 0.4], reach: [0.07, 0.06, 0.08], by: [0, 0.004, -0.005] },
    // brow ridge
    { at: [0.11, 0.585, 0.385], reach: [0.11, 0.035, 0.06], by: [0, 0.003, -0.009] },
    // between the brows
    { at: [0, 0.575, 0.405], reach: [0.05, 0.04, 0.05], by: [0, 0, -0.007] },
    // forehead
    { at: [0, 0.7, 0.395], reach: [0.2, 0.08, 0.1], by: [0, 0, 0.006] },
    // ridge of the nose
    { at: [0, 0.46, 0.42], reach: [0.03, 0.05, 0.06], by: [0, 0, -0.004] },
    // tip of the nose
    { at: [0, 0.35, 0.48], reach: [0.07, 0.045, 0.07], by: [0, 0.001, -0.003] },
    // wing of the nose
    { at: [0.07, 0.33, 0.41], reach: [0.03, 0.045, 0.05], by: [-0.0085, 0.002, 0] },
    // side of the tip
    { at: [0.03, 0.355, 0.48], reach: [0.03, 0.03, 0.04], by: [-0.003, 0, 0] },
    // corner of the mouth
    { at: [0.115, 0.214, 0.395], reach: [0.035, 0.025, 0.05], by: [-0.006, 0.001, 0.001] },
    // border of the upper lip
    { at: [0.05, 0.245, 0.44], reach: [0.06, 0.012, 0.05], by: [0, 0.0035, 0.001] },
    // crest of the upper lip
    { at: [0.04, 0.222, 0.455], reach: [0.06, 0.012, 0.05], by: [0, 0.001, 0.0035] },
    // crest of the lower lip
    { at: [0.04, 0.2, 0.452], reach: [0.06, 0.01, 0.05], by: [0, -0.0005, 0.003] },
    // border of the lower lip
    { at: [0.04, 0.175, 0.44], reach: [0.06, 0.014, 0.05], by: [0, -0.004, 0.002] },
    // cheekbone
    { at: [0.21, 0.37, 0.29], reach: [0.08, 0.07, 0.09], by: [0.002, 0.004, 0.007] },
    // cheek
    { at: [0.2, 0.25, 0.28], reach: [0.07, 0.08, 0.1], by: [0.002, 0, 0.004] },
    // arch of the cheekbone
    { at: [0.29, 0.42, 0.12], reach: [0.06, 0.09, 0.1], by: [-0.006, 0, 0] },
  ],
  old: [
    // brow
    { at: [0.15, 0.595, 0.37], reach: [0.11, 0.04, 0.08], by: [0, -0.012, 0.001] },
    // tail of the brow
    { at: [0.22, 0.57, 0.31], reach: [0.05, 0.05, 0.06], by: [0, -0.01, 0] },
    // temple
    { at: [0.27, 0.6, 0.2], reach: [0.05, 0.07, 0.09], by: [-0.014, 0, -0.004] },
    // hollow under the eye
    { at: [0.13, 0.41, 0.345], reach: [0.07, 0.018, 0.05], by: [0, -0.004, -0.009] },
    // fold beside the nose
    { at: [0.12, 0.305, 0.372], reach: [0.025, 0.04, 0.04], by: [0.004, 0, 0.01] },
    // fold down to the mouth
    { at: [0.153, 0.225, 0.358], reach: [0.022, 0.045, 0.04], by: [0.004, -0.004, 0.012] },
    // ring inside the fold
    { at: [0.104, 0.25, 0.396], reach: [0.022, 0.025, 0.04], by: [-0.002, 0, -0.009] },
    // beside the corner of the mouth
    { at: [0.134, 0.21, 0.376], reach: [0.018, 0.025, 0.04], by: [-0.003, 0, -0.01] },
    // below the corner of the mouth
    { at: [0.107, 0.17, 0.385], reach: [0.022, 0.02, 0.04], by: [0, 0, -0.007] },
    // border of the upper lip
    { at: [0.05, 0.245, 0.44], reach: [0.07, 0.012, 0.05], by: [0, -0.003, -0.002] },
    // crest of the upper lip
    { at: [0.04, 0.225, 0.455], reach: [0.08, 0.012, 0.05], by: [0, 0, -0.003] },
    // lower lip
    { at: [0.04, 0.19, 0.45], reach: [0.08, 0.016, 0.05], by: [0, 0.002, -0.003] },
    // corner of the mouth
    { at: [0.115, 0.211, 0.395], reach: [0.025, 0.02, 0.04], by: [0.003, -0.003, 0] },
    // jowl
    { at: [0.16, 0.09, 0.25], reach: [0.05, 0.05, 0.08], by: [0.014, -0.012, 0.006] },
    // hollow of the cheek
    { at: [0.2, 0.25, 0.25], reach: [0.05, 0.06, 0.08], by: [-0.011, 0, -0.009] },
    // tip of the nose
    { at: [0, 0.35, 0.485], reach: [0.06, 0.04, 0.06], by: [0, -0.009, 0.004] },
    // under the chin
    { at: [0, 0, 0.3], reach: [0.14, 0.06, 0.1], by: [0, -0.014, 0] },
  ],
  child: [
    // tip of the nose
    { at: [0, 0.36, 0.48], reach: [0.07, 0.06, 0.07], by: [0, 0.002, -0.03] },
    // ridge of the nose
    { at: [0, 0.45, 0.42], reach: [0.05, 0.08, 0.06], by: [0, 0, -0.024] },
    // base of the nose
    { at: [0, 0.33, 0.48], reach: [0.05, 0.03, 0.06], by: [0, 0.01, -0.004] },
    // wing of the nose
    { at: [0.075, 0.33, 0.405], reach: [0.03, 0.04, 0.05], by: [-0.01, 0.002, -0.008] },
    // cheek
    { at: [0.2, 0.27, 0.28], reach: [0.09, 0.09, 0.11], by: [0.02, 0, 0.024] },
    // beside the mouth
    { at: [0.15, 0.2, 0.35], reach: [0.06, 0.07, 0.08], by: [0.006, 0, 0.014] },
    // chin
    { at: [0, 0.05, 0.41], reach: [0.1, 0.06, 0.09], by: [0, 0.016, -0.022] },
    // edge of the jaw
    { at: [0.13, 0.06, 0.29], reach: [0.07, 0.06, 0.1], by: [-0.006, 0.014, -0.006] },
    // angle of the jaw
    { at: [0.22, 0.16, 0.06], reach: [0.08, 0.1, 0.12], by: [-0.018, 0.03, 0.01] },
    // brow ridge
    { at: [0.11, 0.585, 0.385], reach: [0.13, 0.045, 0.07], by: [0, 0.006, -0.012] },
    // between the brows
    { at: [0, 0.57, 0.405], reach: [0.05, 0.06, 0.05], by: [0, 0, -0.012] },
    // forehead
    { at: [0, 0.72, 0.39], reach: [0.22, 0.1, 0.1], by: [0, 0, 0.016] },
    // corner of the mouth
    { at: [0.12, 0.21, 0.395], reach: [0.04, 0.03, 0.05], by: [-0.01, 0, 0.004] },
    // upper lip
    { at: [0.03, 0.23, 0.455], reach: [0.05, 0.02, 0.05], by: [0, 0.002, 0.003] },
    // temple
    { at: [0.27, 0.6, 0.2], reach: [0.06, 0.1, 0.1], by: [0.012, 0, 0] },
  ],
  full: [
    // cheek
    { at: [0.21, 0.25, 0.25], reach: [0.08, 0.1, 0.12], by: [0.024, 0, 0.014] },
    // jowl
    { at: [0.16, 0.1, 0.24], reach: [0.08, 0.07, 0.12], by: [0.022, -0.012, 0.006] },
    // angle of the jaw
    { at: [0.23, 0.17, 0.08], reach: [0.07, 0.09, 0.1], by: [0.02, 0, 0] },
    // under the chin
    { at: [0, 0, 0.28], reach: [0.16, 0.06, 0.12], by: [0, -0.03, 0.004] },
    // cheekbone
    { at: [0.18, 0.35, 0.32], reach: [0.07, 0.06, 0.08], by: [0.006, 0, 0.008] },
    // temple
    { at: [0.27, 0.55, 0.2], reach: [0.05, 0.1, 0.1], by: [0.006, 0, 0] },
  ],
  // what is said of a face: about two standard deviations at full (Farkas 1994, from memory)
  noseLength: [
    // tip
    { at: [0, 0.35, 0.485], reach: [0.07, 0.05, 0.07], by: [0, -0.022, 0.022] },
    // base
    { at: [0, 0.305, 0.45], reach: [0.06, 0.03, 0.06], by: [0, -0.019, 0.005] },
    // wing
    { at: [0.07, 0.33, 0.405], reach: [0.035, 0.04, 0.05], by: [0, -0.013, 0.003] },
  ],
  noseBreadth: [
    // wing
    { at: [0.072, 0.33, 0.405], reach: [0.035, 0.045, 0.05], by: [0.015, 0, -0.002] },
    // side of the tip
    { at: [0.03, 0.352, 0.478], reach: [0.03, 0.03, 0.04], by: [0.006, 0, 0] },
    // side of the ridge
    { at: [0.03, 0.42, 0.44], reach: [0.025, 0.07, 0.05], by: [0.006, 0, 0] },
  ],
  noseBridge: [
    // ridge
    { at: [0, 0.46, 0.42], reach: [0.04, 0.06, 0.06], by: [0, 0, 0.024] },
    // root
    { at: [0, 0.52, 0.39], reach: [0.05, 0.035, 0.05], by: [0, 0, 0.016] },
  ],
  jawBreadth: [
    // angle
    { at: [0.23, 0.16, 0.06], reach: [0.09, 0.11, 0.13], by: [0.026, -0.005, 0] },
    // body
    { at: [0.17, 0.08, 0.2], reach: [0.07, 0.07, 0.12], by: [0.018, -0.004, 0] },
    // side of the chin
    { at: [0.08, 0.02, 0.35], reach: [0.06, 0.06, 0.08], by: [0.016, 0, 0] },
  ],
  chinForward: [
    // chin
    { at: [0, 0.05, 0.41], reach: [0.09, 0.07, 0.09], by: [0, -0.005, 0.03] },
    // edge below it
    { at: [0.04, 0.008, 0.367], reach: [0.07, 0.04, 0.08], by: [0, 0, 0.018] },
  ],
  browDepth: [
    // ridge
    { at: [0.11, 0.585, 0.385], reach: [0.12, 0.04, 0.06], by: [0, -0.006, 0.02] },
    // between the brows
    { at: [0, 0.575, 0.405], reach: [0.05, 0.04, 0.05], by: [0, 0, 0.014] },
  ],
  lipFullness: [
    // border of the upper lip
    { at: [0.05, 0.245, 0.44], reach: [0.06, 0.012, 0.05], by: [0, 0.01, 0.003] },
    // crest of the upper lip
    { at: [0.04, 0.2225, 0.455], reach: [0.06, 0.012, 0.05], by: [0, 0.003, 0.013] },
    // crest of the lower lip
    { at: [0.04, 0.2, 0.452], reach: [0.06, 0.01, 0.05], by: [0, -0.002, 0.013] },
    // border of the lower lip
    { at: [0.04, 0.175, 0.44], reach: [0.06, 0.014, 0.05], by: [0, -0.011, 0.005] },
  ],
  cheekbones: [
    // cheekbone
    { at: [0.21, 0.37, 0.29], reach: [0.08, 0.06, 0.09], by: [0.008, 0.008, 0.02] },
    // arch
    { at: [0.29, 0.42, 0.12], reach: [0.06, 0.08, 0.1], by: [0.014, 0, 0.006] },
    // hollow under it
    { at: [0.2, 0.26, 0.26], reach: [0.05, 0.06, 0.09], by: [-0.008, 0, -0.008] },
  ],
};

/** Heights of an average adult, and where they lie on a child of three, head heights (Farkas 1994, from memory). */
const CHILD_HEIGHTS: readonly [adult: number, child: number][] = [
  [-1, -1],
  [0, 0],
  [0.211, 0.188],
  [0.3, 0.27],
  [0.488, 0.445],
  [0.585, 0.548],
  [0.8, 0.79],
  [1, 1],
  [2, 2],
];
/** A child's skull is wider for its height by so much on either side, at its widest place, head heights. */
const CHILD_SKULL = { wider: 0.035, at: 0.66, reach: 0.3 };

/** Height on a head of what lies at `y` on an average adult's, head heights. */
export function heightWith({ child }: Pick<Looks, 'child'>, y: number): number {
  const above = CHILD_HEIGHTS.findIndex(([adult]) => adult > y);
  if (above < 1) return y;
  const [[fromY, fromChild], [toY, toChild]] = [CHILD_HEIGHTS[above - 1]!, CHILD_HEIGHTS[above]!];
  const onChild = fromChild + ((y - fromY) / (toY - fromY)) * (toChild - fromChild);
  return y + (onChild - y) * child;
}

/** Where a place of the left half of the average adult's skin lies on a head with these looks, head heights. */
export function placeWith(looks: Looks, p: readonly number[]): Vec3 {
  const out: Vec3 = [p[0]!, p[1]!, p[2]!];
  for (const look of Object.keys(BELLS) as Look[])
    for (const { at, reach, by } of looks[look] === 0 ? [] : BELLS[look]) {
      const away = at.reduce((sum, a, c) => sum + ((p[c]! - a) / reach[c]!) ** 2, 0);
      if (away > 9) continue;
      const share = Math.exp(-away) * looks[look];
      for (let c = 0; c < 3; c++) out[c]! += by[c]! * share;
    }
  const skull =
    Math.exp(-(((p[1]! - CHILD_SKULL.at) / CHILD_SKULL.reach) ** 2)) * smoothstep(0.1, 0.3, p[0]!);
  const wider = CHILD_SKULL.wider * looks.child * skull * smoothstep(0.3, 0.1, p[2]!);
  return [p[0] === 0 ? 0 : out[0] + wider, heightWith(looks, out[1]), out[2]];
}
