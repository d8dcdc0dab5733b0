import { contactSide, handRegion, type Pose } from '../pose';
import { SIDES } from '../units';

/** How many hands have something to do. */
export const HANDS_BUSY = {
  none: { words: 'no hand' },
  one: { words: 'one hand' },
  both: { words: 'both hands' },
} as const;
export type HandsId = keyof typeof HANDS_BUSY;
export const HANDS_IDS = Object.keys(HANDS_BUSY) as HandsId[];

/** How many hands are laid on something in a pose. */
export function handsOf({ contacts }: Pose): HandsId {
  const busy = SIDES.filter((side) =>
    contacts.some((c) => contactSide(c) === side && handRegion(c) !== null),
  );
  return HANDS_IDS[busy.length]!;
}
