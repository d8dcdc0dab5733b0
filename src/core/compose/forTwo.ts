import type { BodyProfile } from '../body';
import { offMessage } from '../brief';
import { arranged, ARRANGEMENTS, suiting, type Arrangement } from '../library';
import type { Message } from '../pose';
import type { SupportKindName } from '../scene';
import type { Shot } from '../shot';
import { posesIn } from './runLength';

/** What a run of two is composed for. */
export interface ComposeForTwo {
  profiles: readonly BodyProfile[];
  message: Message | null;
  supports: readonly SupportKindName[];
  minutes: number;
  /** A picture of both; camera and light stay. */
  start: Shot;
  statureM(personId: string): number | undefined;
}

/** A message that is as far off as it can be counts as much as so many arrangements of the same kind. */
const MESSAGE_WEIGHT = 2;

/** Arrangements, one after the other of the kind that is there least and nearest to the message. */
function chosen({ profiles, message, supports, minutes }: ComposeForTwo): Arrangement[] {
  const open = Object.entries(ARRANGEMENTS).flatMap(([kind, all]) =>
    suiting(all, profiles)
      .filter((a) => a.supports.every((s) => supports.includes(s.kind)))
      .map((arrangement) => ({ kind, arrangement })),
  );
  const run: typeof open = [];
  const dislike = ({ kind, arrangement }: (typeof open)[number]) =>
    run.filter((r) => r.kind === kind).length + MESSAGE_WEIGHT * offMessage(arrangement.message, message);
  while (run.length < posesIn(minutes) && open.length > 0) {
    const costs = open.map(dislike);
    run.push(...open.splice(costs.indexOf(Math.min(...costs)), 1));
  }
  return run.map((r) => r.arrangement);
}

/**
 * The pictures of a run for two: arrangements that suit them, of many kinds, near to the message. Deterministic; their
 * order is still to be found.
 * @throws RangeError where the picture to start from is not of two.
 */
export function composedForTwo(wanted: ComposeForTwo): Shot[] {
  return chosen(wanted).map((a) => arranged(wanted.start, a, wanted.statureM));
}
