import type { Standard } from '../../brief';
import type { Spoken } from '../../cues';
import type { Sight } from '../../picture';
import { RULES, shortOfClear, type RuleId } from '../../review';

/**
 * What can be praised, by the rule that would tell its fault: things that a sitter did, never what the sitter is. What
 * is done with most effort comes first (common practice).
 */
export const PRAISED_BY = {
  jaw: 'chin-back',
  waist: 'no-daylight',
  shouldersLow: 'raised-shoulders',
  back: 'rounded-back',
  weight: 'even-weight',
  turn: 'square-shoulders',
  hands: 'hand-flat',
  eyes: 'gaze-far',
} as const satisfies Record<string, RuleId>;
export type PraiseId = keyof typeof PRAISED_BY;
export const PRAISE_IDS = Object.keys(PRAISED_BY) as PraiseId[];

/** What is good in a picture beyond doubt: seen, and clear of every end of what is wanted. What is not seen is not praised. */
export function goodIn(sight: Sight, { ranges }: Standard): PraiseId[] {
  return PRAISE_IDS.filter((id) => {
    const measured = RULES.find((rule) => rule.id === PRAISED_BY[id])!.measure(sight, ranges);
    return measured.length > 0 && measured.every((m) => shortOfClear(m) === 0);
  });
}

/** What is said of each thing that is good. */
export type Praise = Readonly<Record<PraiseId, Spoken>>;
