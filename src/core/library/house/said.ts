import { neutralPose, on, type Pose } from '../../pose';

export { on };

/** A pose of the house: what is said on top of the quiet neutral stance. */
export function said(name: string, words: string, rest: Partial<Pose>): Pose {
  return { ...neutralPose(name), words, ...rest };
}

/** Both feet on the rests of a wheelchair. */
export const ON_FOOTRESTS = [
  on('left:foot', 'stepTop', 'rest', { left: 0.22, ahead: 0 }),
  on('right:foot', 'stepTop', 'rest', { left: -0.22, ahead: 0 }),
] as const;
