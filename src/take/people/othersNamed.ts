import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { sitterIn, type WholeSitting } from '@/data';

/** Somebody else in a picture, how that person is called, and whether somebody carries them. */
export interface OtherNamed {
  role: Role;
  name: string;
  isCarried: boolean;
}

/** The others of a picture whose records are here, besides whoever is in the hand. */
export function othersNamed(whole: WholeSitting, take: Take, inHand: Role): OtherNamed[] {
  return take.shot.people.flatMap(({ role, mark }) => {
    const name = role === inHand ? undefined : sitterIn(whole, take, role)?.addressAs;
    return name ? [{ role, name, isCarried: mark?.carriedBy !== undefined }] : [];
  });
}
