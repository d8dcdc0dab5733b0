import type { BodyProfile } from '../body';
import { offMessage } from '../brief';
import { goesWithOutfit, isForCloseFrame } from '../library';
import { heightOf, isOnFeet, isOnSeat, isOpenTo, type Message, type Pose } from '../pose';
import type { SupportKindName } from '../scene';
import { FRAMINGS, type Framing } from '../set';
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
}

/** A message that is as far off as it can be costs as much as this many new traits. */
const MESSAGE_WEIGHT = 2.4;
/** A step of level costs this (own estimate: most sitters are no models). */
const LEVEL_WEIGHT = 0.4;

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

/**
 * The pictures of a run for a sitter: poses that the record allows and the supports at hand carry, as unlike each other
 * as can be and near to the message, one after the other the one that adds most. Deterministic; their order is still to
 * be found.
 * @returns fewer than fit into the minutes where there are no more.
 */
export function composed(wanted: ComposeFor): Planned[] {
  const open = wanted.poses
    .filter(
      (pose) =>
        isOpenTo(wanted.profile, pose) && goesWithOutfit(wanted.profile, pose) && isAtHand(pose, wanted),
    )
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
