import type { AmountId } from '../cues';

/** Most comfortable steps of a setting that are still called so (common practice). */
const UP_TO: readonly (readonly [steps: number, amount: AmountId])[] = [
  [1.3, 'touch'],
  [2.6, 'little'],
  [5, 'goodBit'],
];

/** What so many comfortable steps are called. */
export function amountOf(steps: number): AmountId {
  return UP_TO.find(([most]) => steps <= most)?.[1] ?? 'allTheWay';
}
