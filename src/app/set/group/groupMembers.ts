import { dressedFor, lookOf } from '@/core/brief';
import type { Member, Relation, RelationKind } from '@/core/group';
import type { Group, GroupKind } from '@/core/people';
import { carrierIn, type Posed } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { sitterIn, type WholeSitting } from '@/data';

/** What a group of the records says of those who belong to it. */
const SAID_BY_GROUP: Record<GroupKind, RelationKind | null> = {
  family: 'kin',
  couple: 'couple',
  crew: null,
  other: null,
};

/** Somebody of the group, and how that person is called. */
export interface NamedMember extends Member {
  name: string;
}

/** Those of a picture who have a place of their own: who is carried goes where the carrier goes. */
export function placedIn({ shot }: Take): Posed[] {
  return shot.people.filter((p) => !carrierIn(shot, p));
}

/** Everybody of a picture with a place of their own whose record is there, in the clothes of its look. */
export function membersOf(whole: WholeSitting, take: Take): NamedMember[] {
  const look = lookOf(whole.sitting, take);
  return placedIn(take).flatMap(({ role }) => {
    const person = sitterIn(whole, take, role);
    return person ? [{ role, profile: dressedFor(person, look), name: person.addressAs }] : [];
  });
}

/** Who belongs together by the records. */
export function relationsOf(groups: readonly Group[], { shot }: Take): Relation[] {
  return groups.flatMap(({ kind, members }): Relation[] => {
    const said = SAID_BY_GROUP[kind];
    const roles = shot.people
      .filter((p) => members.some((m) => m.sitterId === p.personId))
      .map((p) => p.role);
    return said && roles.length > 1 ? [{ kind: said, roles }] : [];
  });
}
