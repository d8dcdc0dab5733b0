import type { BodyProfile } from '../body';
import { offMessage } from '../brief';
import { heightOf, isForCloseFrame, isOpenTo } from '../library';
import { isOnFeet, isOnSeat, type Message, type Pose } from '../pose';
import type { SupportKindName } from '../scene';
import { changeCost, cheapestOrder } from '../sequence';
import { FRAMINGS, type Framing } from '../set';
import { shotOfOne, type SoloShot } from '../shot';
import { posesIn } from './runLength';
import { askedByHeight, TRAITS, type Planned, type TraitId } from './traits';

/** What a run is composed for. */
export interface ComposeFor {
  profile: BodyProfile;
  /** What the pictures say; null where each pose says its own. */
  message: Message | null;
  /** Supports at hand; what the sitter brings along is at hand anyway. */
  supports: readonly SupportKindName[];
  minutes: number;
  /** Poses to choose from. */
  poses: readonly Pose[];
  /** Camera and light that the run starts from. */
  start: SoloShot;
}

/** A message that is as far off as it can be costs as much as this many new traits. */
const MESSAGE_WEIGHT = 2.4;
/** A step of level costs this (own estimate: most sitters are no models). */
const LEVEL_WEIGHT = 0.4;
/** Two demanding poses, one after the other, and a close picture before the wide one of the same, seconds of dislike. */
const DEMANDING_LEVEL = 3;
const TWO_DEMANDING_S = 30;
const CLOSE_FIRST_S = 20;
/** Another framing: the camera goes nearer or farther, and is set anew. */
const OTHER_FRAMING_S = 12;
/** A demanding pose at the very beginning; less the later it comes. */
const EARLY_S = 60;

/** Whether what a pose needs is at hand: a wheelchair comes with its owner. */
function isAtHand({ objects = [] }: Pose, { supports }: ComposeFor): boolean {
  return objects.every(({ kind }) => kind === 'wheelchair' || supports.includes(kind));
}

/**
 * Framings that do a pose justice: who lies is seen whole, who sits low is not cut through the legs, and who leans is
 * shown with what carries, which is not in front of the lens but beside it.
 */
function framingsOf(pose: Pose): readonly Framing[] {
  if (isForCloseFrame(pose)) return ['half', 'headAndShoulders'];
  if (heightOf(pose) === 'lying') return ['full'];
  if (pose.support === 'lean') return ['full', 'threeQuarter', 'half'];
  if (isOnFeet(pose.support) || isOnSeat(pose.support)) return FRAMINGS.filter((f) => f !== 'head');
  return ['full', 'half', 'headAndShoulders'];
}

/** How often each trait is there already. */
type Counts = Record<TraitId, Map<string, number>>;
const TRAIT_IDS = Object.keys(TRAITS) as TraitId[];

/** What a picture adds to those that are chosen: of each trait the less, the more often it is there. */
function gainOf(planned: Planned, counts: Counts, message: Message | null): number {
  const fresh = TRAIT_IDS.reduce(
    (sum, id) => sum + TRAITS[id].weight / (1 + (counts[id].get(TRAITS[id].of(planned)) ?? 0)),
    0,
  );
  const { pose } = planned;
  const off = MESSAGE_WEIGHT * offMessage(pose.message, message);
  return fresh - off - LEVEL_WEIGHT * (pose.level - 1) - askedByHeight(pose);
}

function count(planned: Planned, counts: Counts): void {
  for (const id of TRAIT_IDS) {
    const value = TRAITS[id].of(planned);
    counts[id].set(value, (counts[id].get(value) ?? 0) + 1);
  }
}

/** The pictures of a run, one after the other the one that adds most. */
function chosen(wanted: ComposeFor): Planned[] {
  const open = wanted.poses
    .filter((pose) => isOpenTo(wanted.profile, pose) && isAtHand(pose, wanted))
    .flatMap((pose) => framingsOf(pose).map((framing): Planned => ({ pose, framing })));
  const counts = Object.fromEntries(TRAIT_IDS.map((id) => [id, new Map()])) as Counts;
  const run: Planned[] = [];
  while (run.length < posesIn(wanted.minutes) && open.length > 0) {
    const gains = open.map((planned) => gainOf(planned, counts, wanted.message));
    const [next] = open.splice(gains.indexOf(Math.max(...gains)), 1);
    run.push(next!);
    count(next!, counts);
  }
  return run;
}

/** How close a picture is taken. */
function nearness({ framing }: Planned): number {
  return (FRAMINGS as readonly Framing[]).indexOf(framing);
}

/** What it takes to go from one picture to another, with what one would rather not do, seconds. */
function dislike(a: Planned, b: Planned, start: SoloShot): number {
  const shot = ({ pose }: Planned) => shotOfOne('sitter', { ...start, pose });
  const widens = nearness(a) > nearness(b);
  const both = a.pose.level >= DEMANDING_LEVEL && b.pose.level >= DEMANDING_LEVEL;
  return (
    changeCost(shot(a), shot(b)).totalS +
    (both ? TWO_DEMANDING_S : 0) +
    (a.framing === b.framing ? 0 : OTHER_FRAMING_S) +
    (widens && a.pose.name === b.pose.name ? CLOSE_FIRST_S : 0)
  );
}

/** The easiest first: it warms up, and is safe. */
function easiest(run: readonly Planned[]): number {
  const ease = ({ pose, framing }: Planned) =>
    pose.level + (isOnFeet(pose.support) ? 0 : 0.3) + (framing === 'full' ? 0 : 0.2);
  return run.reduce((best, planned, i) => (ease(planned) < ease(run[best]!) ? i : best), 0);
}

/** What is disliked of an order besides its changes: what is demanding before half of the run is over, seconds. */
function earlyS(order: readonly Planned[]): number {
  return order.reduce((sum, { pose }, i) => {
    const early = Math.max(0, 1 - (2 * i) / order.length);
    return sum + (pose.level >= DEMANDING_LEVEL ? EARLY_S * early : 0);
  }, 0);
}

/** An order with one picture moved to where it is liked best, as long as that helps; the first stays. */
function improved(order: Planned[], costOf: (order: readonly Planned[]) => number): Planned[] {
  for (;;) {
    const moves = order.flatMap((planned, from) =>
      order.map((_, to) => {
        const rest = order.filter((p) => p !== planned);
        return from === 0 || to === 0 ? order : [...rest.slice(0, to), planned, ...rest.slice(to)];
      }),
    );
    const best = moves.reduce((least, move) => (costOf(move) < costOf(least) ? move : least), order);
    if (costOf(best) >= costOf(order) - 1e-9) return order;
    order = best;
  }
}

/** In an order that costs little, from the easiest on, what is demanding late and not together. */
function ordered(run: Planned[], start: SoloShot): Planned[] {
  if (run.length < 2) return run;
  const first = easiest(run);
  const items = [run[first]!, ...run.filter((_, i) => i !== first)];
  const place = new Map(items.map((planned, i) => [planned, i]));
  const cost = items.map((a) => items.map((b) => dislike(a, b, start)));
  const changes = (order: readonly Planned[]) =>
    order.slice(1).reduce((sum, b, i) => sum + cost[place.get(order[i]!)!]![place.get(b)!]!, 0);
  const cheapest = cheapestOrder(cost).sequence.map((i) => items[i]!);
  return improved(cheapest, (order) => changes(order) + earlyS(order));
}

/**
 * A run for a sitter: poses that the record allows and the supports at hand carry, as unlike each other as can be, near
 * to the message, in an order that costs little and begins easily. Deterministic.
 * @returns pictures in their order; fewer than fit into the minutes where there are no more.
 */
export function composed(wanted: ComposeFor): Planned[] {
  return ordered(chosen(wanted), wanted.start);
}
