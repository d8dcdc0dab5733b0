import type { Message } from '../pose';
import type { Crop, Format, Look } from './brief';
import { FIRST_SCHOOLING } from './schools/ownSchool';
import { wantedRanges, type WantedRanges } from './targets/wanted';

/** A format into which a picture is to be cut, and how much of the sitter that shows. */
export interface Cut {
  format: Format;
  crop: Crop;
}

/** What a picture is held against. */
export interface Standard {
  ranges: WantedRanges;
  /** Ids of rules that are not asked. What is asked for the sitter's sake is asked all the same. */
  silenced: readonly string[];
  /** What the pictures of the look are used for. */
  cuts: readonly Cut[];
}

/** What a message wants, by the school that follows it. */
export function standardOf(message: Message): Standard {
  return { ranges: wantedRanges(message), silenced: [], cuts: [] };
}

/**
 * What is wanted of a pose in a look: the look's message where one was said, else the pose's own; by the look's school,
 * with what was set by hand.
 */
export function standardIn(
  look: (Pick<Look, 'message' | 'targets' | 'schooling'> & Partial<Pick<Look, 'uses'>>) | undefined,
  poseMessage: Message,
): Standard {
  const { from, silenced } = look?.schooling ?? FIRST_SCHOOLING;
  return {
    ranges: wantedRanges(look?.message ?? poseMessage, look?.targets, from),
    silenced: silenced.map((s) => s.ruleId),
    cuts: look?.uses ?? [],
  };
}
