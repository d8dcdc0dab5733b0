import { CARRIED, contactSide, handRegion, isLying, type Pose } from '../pose';
import { SIDES } from '../units';

/** How high a body is carried. */
export const HEIGHTS = {
  standing: { words: 'standing' },
  seated: { words: 'seated' },
  low: { words: 'low: floor or knees' },
  lying: { words: 'lying, hands and knees' },
} as const;
export type HeightId = keyof typeof HEIGHTS;
export const HEIGHT_IDS = Object.keys(HEIGHTS) as HeightId[];

/** How many hands have something to do. */
export const HANDS_BUSY = {
  none: { words: 'no hand' },
  one: { words: 'one hand' },
  both: { words: 'both hands' },
} as const;
export type HandsId = keyof typeof HANDS_BUSY;
export const HANDS_IDS = Object.keys(HANDS_BUSY) as HandsId[];

/** How high a pose carries the body. */
export function heightOf({ support }: Pose): HeightId {
  const { on } = CARRIED[support];
  if (isLying(support) || support === 'allFours') return 'lying';
  return on === 'feet' ? 'standing' : on === 'seat' ? 'seated' : 'low';
}

/** How many hands are laid on something in a pose. */
export function handsOf({ contacts }: Pose): HandsId {
  const busy = SIDES.filter((side) =>
    contacts.some((c) => contactSide(c) === side && handRegion(c) !== null),
  );
  return HANDS_IDS[busy.length]!;
}
