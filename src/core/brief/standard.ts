import type { Message } from '../pose';
import type { Look } from './brief';
import { FIRST_SCHOOLING } from './schools/ownSchool';
import { wantedRanges, type WantedRanges } from './targets/wanted';

/** What a picture is held against. */
export interface Standard {
  ranges: WantedRanges;
  /** Ids of rules that are not asked. What is asked for the sitter's sake is asked all the same. */
  silenced: readonly string[];
}

/** What a message wants, by the school that follows it. */
export function standardOf(message: Message): Standard {
  return { ranges: wantedRanges(message), silenced: [] };
}

/**
 * What is wanted of a pose in a look: the look's message where one was said, else the pose's own; by the look's school,
 * with what was set by hand.
 */
export function standardIn(
  look: Pick<Look, 'message' | 'targets' | 'schooling'> | undefined,
  poseMessage: Message,
): Standard {
  const { from, silenced } = look?.schooling ?? FIRST_SCHOOLING;
  return {
    ranges: wantedRanges(look?.message ?? poseMessage, look?.targets, from),
    silenced: silenced.map((s) => s.ruleId),
  };
}
