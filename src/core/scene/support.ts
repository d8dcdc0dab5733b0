import type { Vec3 } from '../units';
import type { Solid } from './solid';

/** Places on supports that a part of the body can be laid on. */
export const SUPPORT_PLACES = [
  'seat',
  'seatFront',
  'seatCorner',
  'backFront',
  'backTop',
  'backSide',
  'armrest',
  'footRail',
  'wall',
  'frameSide',
  'stepTop',
  'tableEdge',
  'tableTop',
  'rail',
  'wheel',
  'top',
] as const;
export type SupportPlace = (typeof SUPPORT_PLACES)[number];

/**
 * A flat place on a support: a point, the direction away from it, and how far it runs to both sides. `along` points
 * to the left of one who sits on it facing its front.
 */
export interface Patch {
  point: Vec3;
  normal: Vec3;
  along: Vec3;
  halfAlongM: number;
  /** At a right angle to both, half of its other extent. */
  halfAcrossM: number;
}

/** Places that a support has on its left and on its right; the shape says the left one. */
export const PAIRED_PLACES: ReadonlySet<SupportPlace> = new Set([
  'seatCorner',
  'backSide',
  'armrest',
  'frameSide',
  'wheel',
]);

/** A support in its own frame: what it is made of, and the places on it. */
export interface SupportShape {
  solids: Solid[];
  places: Partial<Record<SupportPlace, Patch>>;
}

/** Range and usual value of one size, metres. */
export type SizeRange = readonly [min: number, max: number, usual: number];

/** Everything the application knows about one kind of support. */
export interface SupportKind<Sizes extends Record<string, SizeRange> = Record<string, SizeRange>> {
  words: string;
  /** Names of sizes end in their unit. */
  sizes: Sizes;
  /** Linear reflectance. */
  tone: Vec3;
  shape(size: { [Name in keyof Sizes]: number }): SupportShape;
}

/** Keeps the sizes' names for the shape. */
export function supportKind<Sizes extends Record<string, SizeRange>>(
  kind: SupportKind<Sizes>,
): SupportKind<Sizes> {
  return kind;
}

/** A level place, seen from above: its middle, half its width and half its depth. */
export function level(point: Vec3, halfWidthM: number, halfDepthM: number): Patch {
  return { point, normal: [0, 1, 0], along: [1, 0, 0], halfAlongM: halfWidthM, halfAcrossM: halfDepthM };
}

/** An upright place that faces the front. */
export function upright(point: Vec3, halfWidthM: number, halfHeightM: number): Patch {
  return { point, normal: [0, 0, 1], along: [1, 0, 0], halfAlongM: halfWidthM, halfAcrossM: halfHeightM };
}
