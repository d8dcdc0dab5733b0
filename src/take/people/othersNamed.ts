import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { sitterIn, type WholeSitting } from '@/data';

/** Somebody else in a picture, and how that person is called. */
export interface OtherNamed {
  role: Role;
  name: string;
}

/** The others of a picture whose records are here, besides whoever is in the hand. */
export function othersNamed(whole: WholeSitting, take: Take, inHand: Role): OtherNamed[] {
  return take.shot.people.flatMap(({ role }) => {
    const name = role === inHand ? undefined : sitterIn(whole, take, role)?.addressAs;
    return name ? [{ role, name }] : [];
  });
}
