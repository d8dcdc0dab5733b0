import { neutralPose, type Contact, type ContactTarget, type Pose } from '../pose';

/** A pose of the house: what is said on top of the quiet neutral stance. */
export function said(name: string, words: string, rest: Partial<Pose>): Pose {
  return { ...neutralPose(name), words, ...rest };
}

/** A part laid on a place. */
export function on(
  part: Contact['part'],
  to: ContactTarget,
  kind: Contact['kind'] = 'rest',
  spot?: Contact['spot'],
): Contact {
  return { part, to, kind, pressure: 'light', ...(spot && { spot }) };
}

/** Both feet on the rests of a wheelchair. */
export const ON_FOOTRESTS = [
  on('left:foot', 'stepTop', 'rest', { left: 0.22, ahead: 0 }),
  on('right:foot', 'stepTop', 'rest', { left: -0.22, ahead: 0 }),
] as const;
