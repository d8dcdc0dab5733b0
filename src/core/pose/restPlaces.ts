import type { SupportPlace } from '../scene';
import { CARRIED, type Carried } from './carried';
import type { Pose } from './pose';

/** What bears a body besides its own feet. */
export type RestPlace = NonNullable<Pose['on']>;

/** On what a body can be that is carried by it; the first is meant where a pose says nothing. */
const REST_PLACES: Record<(typeof CARRIED)[Carried]['on'], readonly RestPlace[]> = {
  feet: [],
  seat: ['seat', 'armrest'],
  knees: ['floor', 'seat'],
  level: ['floor', 'seat'],
};

/**
 * On what a body that is carried so can be, of what stands there.
 * @param places places of the supports of the pose
 */
export function restPlacesFor(carried: Carried, places: readonly SupportPlace[]): RestPlace[] {
  // nobody has a leg on either side of an armrest
  const all = carried === 'astride' ? ['seat' as const] : REST_PLACES[CARRIED[carried].on];
  return all.filter((place) => place === 'floor' || places.includes(place));
}

/** On what the body of a pose is. */
export function restPlaceOf(pose: Pose): RestPlace | undefined {
  return pose.on ?? REST_PLACES[CARRIED[pose.support].on][0];
}

/** The pose on another place; what is meant without a word is not said. */
export function restingOn(pose: Pose, place: RestPlace): Pose {
  const { on: _, ...rest } = pose;
  return place === restPlaceOf(rest) ? rest : { ...rest, on: place };
}
