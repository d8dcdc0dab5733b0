import { CARRIED, isLying, type Carried } from './carried';
import type { Pose } from './pose';

/** How high a body is carried. */
export const HEIGHTS = {
  standing: { words: 'standing' },
  seated: { words: 'seated' },
  low: { words: 'low: floor or knees' },
  lying: { words: 'lying, hands and knees' },
} as const;
export type HeightId = keyof typeof HEIGHTS;
export const HEIGHT_IDS = Object.keys(HEIGHTS) as HeightId[];

/** Whether the floor bears somebody who sits, kneels or lies. */
export function isOnFloor({ support, on }: Pick<Pose, 'support' | 'on'>): boolean {
  const { on: bears } = CARRIED[support];
  return on !== 'seat' && (bears === 'knees' || bears === 'level');
}

/** How high a pose carries the body. */
export function heightOf({ support }: { support: Carried }): HeightId {
  const { on } = CARRIED[support];
  if (isLying(support) || support === 'allFours') return 'lying';
  return on === 'feet' ? 'standing' : on === 'seat' ? 'seated' : 'low';
}
