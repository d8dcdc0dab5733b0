import type { HandShape } from '../../pose';
import type { Side } from '../../units';
import type { MendChoice } from '../rule';

/** Shapes that a hand may have anywhere, the easiest first. */
const EASY_SHAPES: readonly HandShape[] = ['relaxed', 'edgeSoft', 'longSoft'];

/** Another shape of a hand. */
export function shapesOf(side: Side): MendChoice {
  return { on: 'handShape', side, among: EASY_SHAPES };
}

/** Places low and high that a hand may be given, the nearest to where it hangs first; last it is let go. */
export function lowPlacesOf(side: Side): MendChoice {
  return { on: 'handPlace', side, among: ['frontPocket', 'hipCrest', 'thighTop', 'waistFront', null] };
}

/** Places before the trunk for a hand that lay higher; last it is let go. */
export function trunkPlacesOf(side: Side): MendChoice {
  return { on: 'handPlace', side, among: ['waistFront', 'hipCrest', 'frontPocket', 'breastbone', null] };
}

/** Places near a pocket that are none. */
export function pocketlessPlacesOf(side: Side): MendChoice {
  return { on: 'handPlace', side, among: ['hipCrest', 'thighOuter', 'waistSide', null] };
}

/** Places of the waist before its back. */
export function waistPlacesOf(side: Side): MendChoice {
  return { on: 'handPlace', side, among: ['hipCrest', 'waistSide', 'waistFront'] };
}
