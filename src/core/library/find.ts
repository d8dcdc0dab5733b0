import type { BodyProfile } from '../body';
import { offMessage } from '../brief';
import { plainText } from '../people';
import {
  heightOf,
  HEIGHTS,
  isOpenTo,
  neutralPose,
  secondsApart,
  type HeightId,
  type Message,
  type Pose,
} from '../pose';
import { SUPPORTS, type SupportKindName } from '../scene';
import { goesWithOutfit } from './fit/outfit';
import { bears, closestFraming, type BodyFraming } from './bears';
import { handsOf, HANDS_BUSY, type HandsId } from './traits';

/** A pose of the library with what it is found by. */
export interface PoseEntry {
  /** Group and name for the house's, the record's id for one's own. */
  id: string;
  pose: Pose;
  isOwn: boolean;
  height: HeightId;
  hands: HandsId;
  supports: readonly SupportKindName[];
  /** The closest framing in which all that it is about is seen. */
  closest: BodyFraming;
  /** To get into it from standing at ease, seconds. */
  seconds: number;
  /** Collections that it was put in: the tags of an own pose. */
  collections: readonly string[];
  /** What is searched by words, plain. */
  text: string;
}

/** What of the library is wanted; null is anything. */
export interface PoseFilter {
  text: string;
  height: HeightId | null;
  hands: HandsId | null;
  /** A support that the pose needs; `nothing` for none at all. */
  support: SupportKindName | 'nothing' | null;
  /** What is at hand: all that the pose needs must be among it. */
  atHand: readonly SupportKindName[] | null;
  /** A framing that the pose must bear. */
  framing: BodyFraming | null;
  /** From standing at ease into the pose, seconds. */
  mostSeconds: number;
  mostLevel: number;
  /** One's own poses alone: all of them, or those of one collection. */
  own: 'all' | { collection: string } | null;
}
export const NO_FILTER: PoseFilter = {
  text: '',
  height: null,
  hands: null,
  support: null,
  atHand: null,
  framing: null,
  mostSeconds: Infinity,
  mostLevel: 5,
  own: null,
};

/** What everybody comes from. */
const AT_EASE = neutralPose('at ease');

function entryOf(
  id: string,
  pose: Pose,
  isOwn: boolean,
  collections: readonly string[],
  more: string,
): PoseEntry {
  const supports = (pose.objects ?? []).map((o) => o.kind);
  const height = heightOf(pose);
  const hands = handsOf(pose);
  const words = [
    pose.name,
    pose.words,
    ...collections,
    more,
    HEIGHTS[height].words,
    HANDS_BUSY[hands].words,
    ...supports.map((kind) => SUPPORTS[kind].words),
  ];
  return {
    id,
    pose,
    isOwn,
    height,
    hands,
    supports,
    closest: closestFraming(pose),
    seconds: secondsApart(AT_EASE, pose),
    collections,
    text: plainText(words.join('\n')),
  };
}

/** Entries of poses by their groups, and of one's own: what they are found by is read once. */
export function entriesOf(
  house: Readonly<Record<string, readonly Pose[]>>,
  own: readonly { id: string; pose: Pose; tags: readonly string[]; note: string }[],
): PoseEntry[] {
  return [
    ...own.map(({ id, pose, tags, note }) => entryOf(id, pose, true, tags, note)),
    ...Object.entries(house).flatMap(([group, poses]) =>
      poses.map((pose) => entryOf(`${group}/${pose.name}`, pose, false, [], group)),
    ),
  ];
}

/** The collections that there are, by name. */
export function collectionsOf(entries: readonly PoseEntry[]): string[] {
  return [...new Set(entries.flatMap((e) => e.collections))].sort((a, b) => a.localeCompare(b));
}

function isAmong({ isOwn, collections }: PoseEntry, own: PoseFilter['own']): boolean {
  if (own === null) return true;
  return own === 'all' ? isOwn : collections.includes(own.collection);
}

/** Whether a pose is as it is wanted. */
function hasTraits(
  entry: PoseEntry,
  { height, hands, framing, mostSeconds, mostLevel }: PoseFilter,
): boolean {
  return (
    (height === null || entry.height === height) &&
    (hands === null || entry.hands === hands) &&
    (framing === null || bears(entry.closest, framing)) &&
    entry.seconds <= mostSeconds &&
    entry.pose.level <= mostLevel
  );
}

/** Whether what a pose needs is what is wanted, and is there. */
function isAtHand({ supports }: PoseEntry, { support, atHand }: PoseFilter): boolean {
  const isOn =
    support === null || (support === 'nothing' ? supports.length === 0 : supports.includes(support));
  return isOn && (atHand === null || supports.every((kind) => atHand.includes(kind)));
}

/** For whom, and to say what. */
interface Wanted {
  profile: BodyProfile;
  message: Message | null;
}

/**
 * Entries that have what is wanted, that the sitter's record allows and that go with what is worn, those nearest to the
 * message first; of equally near ones the order stays.
 */
export function findEntries(
  entries: readonly PoseEntry[],
  filter: PoseFilter,
  { profile, message }: Wanted,
): PoseEntry[] {
  const words = plainText(filter.text).split(/\s+/).filter(Boolean);
  const fits = (entry: PoseEntry) =>
    hasTraits(entry, filter) &&
    isAtHand(entry, filter) &&
    isAmong(entry, filter.own) &&
    words.every((w) => entry.text.includes(w)) &&
    isOpenTo(profile, entry.pose) &&
    goesWithOutfit(profile, entry.pose);
  return entries
    .filter(fits)
    .map((entry) => ({ entry, off: offMessage(entry.pose.message, message) }))
    .sort((a, b) => a.off - b.off)
    .map(({ entry }) => entry);
}
