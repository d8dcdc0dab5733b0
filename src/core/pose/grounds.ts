import type { SupportPlace } from '../scene';
import { CARRIED, type Carried } from './carried';
import type { Pose } from './pose';

/** What bears a body besides its own feet. */
export type Ground = NonNullable<Pose['on']>;

/** On what a body can be that is carried by it; the first is meant where a pose says nothing. */
const GROUNDS: Record<(typeof CARRIED)[Carried]['on'], readonly Ground[]> = {
  feet: [],
  seat: ['seat', 'armrest'],
  knees: ['floor', 'seat'],
  level: ['floor', 'seat'],
};

/**
 * On what a body that is carried so can be, of what stands there.
 * @param places places of the supports of the pose
 */
export function groundsFor(carried: Carried, places: readonly SupportPlace[]): Ground[] {
  // nobody has a leg on either side of an armrest
  const grounds = carried === 'astride' ? ['seat' as const] : GROUNDS[CARRIED[carried].on];
  return grounds.filter((ground) => ground === 'floor' || places.includes(ground));
}

/** On what the body of a pose is. */
export function groundOf(pose: Pose): Ground | undefined {
  return pose.on ?? GROUNDS[CARRIED[pose.support].on][0];
}

/** The pose on another ground; what is meant without a word is not said. */
export function onGround(pose: Pose, ground: Ground): Pose {
  const { on: _, ...rest } = pose;
  return ground === groundOf(rest) ? rest : { ...rest, on: ground };
}
