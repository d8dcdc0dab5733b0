import { standardOf } from '../../brief';
import { seeShot, type StandIn } from '../../picture';
import type { SoloShot } from '../../shot';
import type { MendWishes } from '../mend';
import { harmOf, lookAt, steppedBy, type Proposal } from '../proposal';
import type { Gauge } from './gauges';
import { goalOf, type Wish } from './goals';

/** A proposal with what it does for a goal. */
export interface GoalStep extends Proposal {
  from: number;
  to: number;
  unit: string;
}

/** So many steps are tried each way: further than this is another pose. A choice has as many things to choose from. */
const STEPS = [1, 2, 3, -1, -2, -3] as const;
/** So many changes are proposed. */
const MOST_PROPOSED = 3;
/** With fewer than this share of what was measured over, something was hidden. */
const STILL_SEEN = 0.8;

const gainOf = ({ from, to }: GoalStep) => Math.abs(to - from);

/** Whether what a gauge was read over is still there. */
function isStillSeen(gauge: Gauge, before: Gauge): boolean {
  return (gauge.of ?? 0) >= STILL_SEEN * (before.of ?? 0);
}

/**
 * The changes that each by itself do most for what is wished of a picture, the cheapest first: none that raises a
 * finding or makes one worse, nor one that only hides what is measured. Deterministic.
 * @returns the share that is done, 0 to 1, step by step, and at the end at most three changes; none where what is
 * measured is not in the picture.
 */
export function* towards(
  standIn: StandIn,
  shot: SoloShot,
  wish: Wish,
  { standard = standardOf(shot.pose.message), ground, held = [] }: MendWishes = {},
): Generator<number, GoalStep[]> {
  const { variables, measure, isMore, leastGain, unit } = goalOf(wish);
  const now = measure(seeShot(standIn, shot, { ground }));
  if (!now) return [];
  const harms = harmOf(standIn, shot, standard, ground);
  const sign = isMore ? 1 : -1;
  const best: GoalStep[] = [];
  for (const [i, variable] of variables.entries()) {
    yield i / variables.length;
    let most: GoalStep | null = null;
    for (const proposal of steppedBy(shot, variable, STEPS, held)) {
      const sight = lookAt(standIn, proposal.shot, ground);
      const gauge = sight && measure(sight);
      if (!gauge || !isStillSeen(gauge, now)) continue;
      const gain = sign * (gauge.value - now.value);
      const least = Math.max(leastGain * Math.abs(now.value), most ? gainOf(most) : 0);
      if (gain > least && !harms(sight)) most = { ...proposal, from: now.value, to: gauge.value, unit };
    }
    if (most) best.push(most);
  }
  return best
    .sort((a, b) => gainOf(b) - gainOf(a))
    .slice(0, MOST_PROPOSED)
    .sort((a, b) => a.seconds - b.seconds);
}
