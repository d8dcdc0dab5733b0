import { smoothstep } from '../../units';
import type { Ring } from './distance';
import type { Build, GirthName } from '../said/profile';
import { placesAlong, type Chain, type Lengths } from '../bones/proportions';

/** Regions whose soft tissue a build scales together. */
type Region = 'neck' | 'chest' | 'belly' | 'hip' | 'thigh' | 'calf' | 'upperArm' | 'forearm' | 'bone';

/** How much of the average soft tissue each region carries, by build (common practice in figure drawing). */
const BUILD_FACTORS: Record<Build, Record<Region, number>> = {
  even: { neck: 1, chest: 1, belly: 1, hip: 1, thigh: 1, calf: 1, upperArm: 1, forearm: 1, bone: 1 },
  high: {
    neck: 1.2,
    chest: 1.5,
    belly: 1.1,
    hip: 0.7,
    thigh: 0.6,
    calf: 0.8,
    upperArm: 1.35,
    forearm: 1,
    bone: 1,
  },
  low: {
    neck: 0.8,
    chest: 0.6,
    belly: 0.8,
    hip: 1.35,
    thigh: 1.3,
    calf: 1.2,
    upperArm: 0.8,
    forearm: 0.9,
    bone: 1,
  },
  middle: {
    neck: 1.1,
    chest: 1.05,
    belly: 1.45,
    hip: 0.9,
    thigh: 0.65,
    calf: 0.8,
    upperArm: 0.85,
    forearm: 0.9,
    bone: 1,
  },
  muscular: {
    neck: 1.5,
    chest: 1.3,
    belly: 0.45,
    hip: 0.7,
    thigh: 1.2,
    calf: 1.4,
    upperArm: 1.6,
    forearm: 1.6,
    bone: 1,
  },
};

/**
 * One cross-section in thousandths of stature: place, centre in depth, lean half-axes (outer, inner, front, back),
 * soft tissue added at scale 1 (side, front, back), exponent, region, and the share by which a full contour widens it.
 */
type Section = readonly [
  at: number,
  centreW: number,
  outer: number,
  inner: number,
  front: number,
  back: number,
  softSide: number,
  softFront: number,
  softBack: number,
  power: number,
  region: Region,
  contour: number,
];

// Authored for this figure so that an even build meets Drillis & Contini breadths at a body mass index of 23.
const TRUNK: readonly Section[] = [
  [468, -2, 63, 63, 46, 50, 7.5, 6, 8, 2.2, 'hip', 0.05],
  [505, -3, 79, 79, 51, 57, 8.5, 7.5, 9, 2.3, 'hip', 0.06],
  [545, -3, 81, 81, 52, 56, 9.5, 10.5, 8.5, 2.3, 'hip', 0.06],
  [585, -2, 78, 78, 53, 49.5, 11, 14, 8, 2.3, 'belly', -0.05],
  [622, -1, 74.5, 74.5, 52, 46, 12, 15.5, 7, 2.3, 'belly', -0.14],
  [662, -2, 77.5, 77.5, 56, 50, 10, 12, 7, 2.3, 'belly', -0.11],
  [705, -4, 83, 83, 59, 57, 7.5, 7, 7, 2.3, 'chest', -0.06],
  [748, -7, 87, 87, 57, 59, 6, 5.5, 6.5, 2.4, 'chest', -0.06],
  [782, -9, 86, 86, 48, 53, 5, 4, 6, 2.4, 'chest', -0.06],
  [808, -11, 80, 80, 35, 41, 4, 3, 5, 2.3, 'chest', -0.06],
  [828, -13, 60, 60, 27, 31, 3.5, 2, 4, 2.1, 'neck', -0.06],
  [850, -12, 32, 32, 25, 27, 2, 2, 3, 2, 'neck', -0.1],
];
const NECK: readonly Section[] = [
  [812, -14, 36, 36, 31, 34, 2, 2, 3, 2, 'neck', -0.12],
  [840, -10, 33, 33, 31, 31, 2.4, 2.6, 2.6, 2, 'neck', -0.17],
  [868, -4, 30.5, 30.5, 29, 30.5, 2.6, 3.6, 2.2, 2, 'neck', -0.17],
  [905, 0, 26.5, 26.5, 24, 26, 2, 3, 2, 2, 'neck', -0.1],
];
/** Along the arm from the shoulder joint; side is back of the hand to palm, front is the thumb's side. */
const ARM: readonly Section[] = [
  [-6, 0, 4, 12, 12, 12, 1, 2, 2, 2, 'upperArm', -0.08],
  [8, 0, 14, 21, 20, 20, 3, 4, 4, 2, 'upperArm', -0.08],
  [30, 0, 22.5, 24, 26, 25.5, 5, 4.5, 5, 2, 'upperArm', -0.1],
  [62, 0, 24, 23.5, 26, 24.5, 5.5, 5, 5.5, 2, 'upperArm', -0.12],
  [110, 0, 21, 21, 24.5, 22, 5, 4.5, 5, 2, 'upperArm', -0.12],
  [160, 0, 18.8, 18.8, 20, 20, 3, 3, 3.5, 2, 'upperArm', -0.1],
  [186, 0, 19, 18.5, 18.8, 20, 1.8, 2, 2, 2.1, 'bone', -0.08],
  [216, 1, 22.5, 21.5, 23, 21, 2.4, 2.4, 2.4, 2, 'forearm', -0.1],
  [252, 1, 20, 19.2, 21.3, 19.3, 2.2, 2.2, 2, 2, 'forearm', -0.1],
  [298, 0, 13.6, 13, 16, 15, 1.2, 1.2, 1.2, 2.1, 'forearm', -0.08],
  [330, 0, 11.2, 10.8, 14.6, 14.2, 0.6, 0.6, 0.6, 2.3, 'bone', -0.06],
  [345, 0, 11, 10.8, 15, 14.6, 0.5, 0.5, 0.5, 2.3, 'bone', -0.06],
];
/** Along the leg from the hip joint. */
const LEG: readonly Section[] = [
  [-34, 0, 30, 36, 35, 36, 5, 6, 7, 2, 'thigh', 0.02],
  [14, -1, 37.5, 46, 44, 44, 7.5, 7.5, 7.5, 2.1, 'thigh', 0.04],
  [74, 1, 40, 44, 46, 43, 8, 7, 7, 2.1, 'thigh', 0.04],
  [150, 2, 36.5, 36, 41, 35.5, 5.5, 5, 5, 2, 'thigh', 0.02],
  [212, 1, 31, 31, 32.5, 30.5, 3, 3, 3, 2.1, 'thigh', -0.02],
  [246, 0, 30.5, 30.5, 32, 30, 2, 2, 2, 2.2, 'bone', -0.04],
  [284, -2, 28.5, 29, 27, 31.5, 2.5, 2, 3, 2.1, 'calf', -0.04],
  [330, -4, 30, 29.5, 25, 35.5, 3.2, 2, 4, 2, 'calf', -0.05],
  [392, -3, 23.5, 23, 21.5, 28, 2, 1.5, 2.5, 2, 'calf', -0.05],
  [455, -1, 18.2, 18.2, 18, 20.5, 1, 1, 1.2, 2, 'bone', -0.05],
  [492, 0, 17.5, 18, 15.5, 20, 0.8, 0.8, 0.8, 2.1, 'bone', -0.05],
  [508, 0, 16, 16, 14, 17, 0.5, 0.5, 0.5, 2, 'bone', -0.05],
];

/** A place along a chain, thousandths of the frame, and how far along the body a girth taken there reaches. */
interface GirthPlace {
  chain: Chain;
  at: number;
  reach: number;
}

/** Where each girth is taken. */
export const GIRTH_PLACES: Record<GirthName, GirthPlace> = {
  neck: { chain: 'neck', at: 852, reach: 40 },
  chest: { chain: 'trunk', at: 728, reach: 45 },
  underBust: { chain: 'trunk', at: 690, reach: 24 },
  waist: { chain: 'trunk', at: 622, reach: 34 },
  hip: { chain: 'trunk', at: 512, reach: 42 },
  upperArm: { chain: 'arm', at: 95, reach: 52 },
  forearm: { chain: 'arm', at: 218, reach: 44 },
  thigh: { chain: 'leg', at: 80, reach: 70 },
  knee: { chain: 'leg', at: 246, reach: 30 },
  calf: { chain: 'leg', at: 330, reach: 46 },
  ankle: { chain: 'leg', at: 452, reach: 30 },
};

/** The hips are as wide as the tops of the thighs make them. */
const TOP_OF_THIGH: GirthPlace = { chain: 'leg', at: 0, reach: 52 };

export interface BodyRings {
  trunk: Ring[];
  neck: Ring[];
  arm: Ring[];
  leg: Ring[];
}

/** What makes one sitter's cross-sections differ from another's. */
export interface Flesh {
  build: Build;
  contourShare: number;
  /** Soft tissue against the average of a lean adult; about 1 at a body mass index of 23, negative when very slight. */
  softScale: number;
  /** Months of pregnancy; 0 for none. */
  pregnancyMonths: number;
  /** Factor on the cross-sections round the place of a girth that was taken with a tape; 1 where absent. */
  girthFactors: Partial<Record<GirthName, number>>;
}

/** Factor on a cross-section from the girths that were taken near it. */
function girthFactor({ girthFactors }: Flesh, chain: Chain, at: number): number {
  let sum = 0;
  let weights = 0;
  for (const [name, factor] of Object.entries(girthFactors) as [GirthName, number][]) {
    const place = name === 'hip' && chain === 'leg' ? TOP_OF_THIGH : GIRTH_PLACES[name];
    if (place.chain !== chain) continue;
    const weight = Math.exp(-(((at - place.at) / place.reach) ** 2));
    sum += weight * (factor - 1);
    weights += weight;
  }
  return 1 + sum / Math.max(1, weights);
}

/** Smallest half-axis as a share of the lean one: skin over bone. */
const BONE_SHARE = 0.72;

/** Shoulders that are broader or narrower take the trunk below them along over this stretch. */
const SHOULDER_BAND = { from: 700, to: 790 };

function ringsFrom(sections: readonly Section[], lengths: Lengths, flesh: Flesh, chain: Chain): Ring[] {
  const unit = lengths.frameM / 1000;
  const place = placesAlong(lengths, chain);
  return sections.map((s) => {
    const [at, centreW, outer, inner, front, back, softSide, softFront, softBack, power, region, contour] = s;
    const soft = flesh.softScale * BUILD_FACTORS[flesh.build][region];
    const widen = 1 + contour * flesh.contourShare;
    const taped = girthFactor(flesh, chain, at);
    const half = (lean: number, add: number) =>
      Math.max(lean * widen + add * soft, lean * BONE_SHARE) * taped * unit;
    const high = chain === 'trunk' ? smoothstep(SHOULDER_BAND.from, SHOULDER_BAND.to, at) : 0;
    const broad = 1 + (lengths.shoulderFactor - 1) * high;
    return {
      at: place(at / 1000),
      centreU: 0,
      centreW: centreW * unit,
      outer: half(outer, softSide) * broad,
      inner: half(inner, softSide) * broad,
      front: half(front, softFront),
      back: half(back, softBack),
      power,
    };
  });
}

/** Cross-sections of trunk and neck (by height), arm and leg (along the limb), metres. */
export function bodyRings(lengths: Lengths, flesh: Flesh): BodyRings {
  return {
    trunk: ringsFrom(TRUNK, lengths, flesh, 'trunk'),
    neck: ringsFrom(NECK, lengths, flesh, 'neck'),
    arm: ringsFrom(ARM, lengths, flesh, 'arm'),
    leg: ringsFrom(LEG, lengths, flesh, 'leg'),
  };
}

/** Soft tissue of a region in thousandths of stature at one unit, already scaled by build and amount. */
export function softOf(flesh: Flesh, region: Region): number {
  return flesh.softScale * BUILD_FACTORS[flesh.build][region];
}
