import { legModes, limbContact, type Pose } from '../../pose';
import type { Side } from '../../units';

/** Whether a foot stands where the leg puts it: it is neither in the air nor laid on something. */
export function isPlanted(said: Pose, side: Side): boolean {
  return legModes(said)[side] === 'stands' && !limbContact(said, side, 'foot');
}
