import { wearsSkirt, type BodyProfile } from '../../body';
import { isOnFeet, legModes, settingOf, type Pose } from '../../pose';
import { SIDES } from '../../units';

/** One thing that is worn and what it does not go with. */
interface OutfitRow {
  isWorn(outfit: BodyProfile['outfit']): boolean;
  speaksAgainst(pose: Pose): boolean;
}

/** Feet set wider than this open the knees of one who sits, shoulder breadths (from memory). */
const WIDE_SEAT_SHOULDERS = 0.85;
/** Heels from here on make a slow walk and a narrow stand unsafe, metres (from memory). */
const HIGH_HEEL_M = 0.05;
/** A message that moves more than this is caught in a walk or a turn. */
const MOVING = 0.5;

/** A foot put up on something by one who does not sit in a wheelchair, where the shoes stand on its rests. */
function raisesFoot({ contacts, objects }: Pose): boolean {
  const isWheelchair = objects?.[0]?.kind === 'wheelchair';
  return !isWheelchair && contacts.some(({ part, to }) => part.endsWith(':foot') && to !== 'footRail');
}

/** Knees of one who sits low or high that open to the lens. */
function opensKnees(pose: Pose): boolean {
  const { support, crossed } = pose;
  if (support === 'astride' || crossed?.how === 'ankleOnKnee') return true;
  if (support === 'sit') return !crossed && settingOf(pose, 'heelSpacingShoulders') > WIDE_SEAT_SHOULDERS;
  if (support !== 'floor' && support !== 'reclineBack') return false;
  const modes = legModes(pose);
  return (
    SIDES.some((side) => modes[side] === 'stands') ||
    SIDES.every((side) => settingOf(pose, `${side}KneeInDeg`) < 0)
  );
}

/** What an outfit speaks against (common practice; a wide skirt allows more, and the sitter's own word decides). */
export const OUTFITS_AGAINST = {
  skirt: {
    isWorn: wearsSkirt,
    speaksAgainst: (pose) => opensKnees(pose) || raisesFoot(pose),
  },
  highHeels: {
    isWorn: ({ shoes }) => shoes.heelM >= HIGH_HEEL_M,
    speaksAgainst: (pose) =>
      isOnFeet(pose.support) && (pose.message.movement > MOVING || pose.contacts.some((c) => c.to === 'top')),
  },
} as const satisfies Record<string, OutfitRow>;
export type OutfitAgainst = keyof typeof OUTFITS_AGAINST;
const IDS = Object.keys(OUTFITS_AGAINST) as OutfitAgainst[];

/** What of somebody's outfit speaks against any pose at all. */
export function outfitsToMind({ outfit }: BodyProfile): OutfitAgainst[] {
  return IDS.filter((id) => OUTFITS_AGAINST[id].isWorn(outfit));
}

/** Whether a pose goes with what is worn. */
export function goesWithOutfit(profile: BodyProfile, pose: Pose): boolean {
  return !outfitsToMind(profile).some((id) => OUTFITS_AGAINST[id].speaksAgainst(pose));
}
