import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { soloIn, type WholeSitting } from '@/data';
import { studio } from '@/workers/studioClient';
import { membersOf } from './groupMembers';

/** How much of each face is seen in the picture, as far as it was looked at. */
export interface FacesSeen {
  take: Take;
  shares: ReadonlyMap<Role, number | null>;
  of: number;
}

/** Looks at every face of a picture, one after the other. */
export async function lookAtFaces(
  whole: WholeSitting,
  take: Take,
  onSeen: (seen: FacesSeen) => void,
): Promise<void> {
  const shares = new Map<Role, number | null>();
  const members = membersOf(whole, take);
  for (const { role, profile } of members) {
    shares.set(role, await studio('backstage').faceSeen(profile, soloIn(whole, take, role)));
    onSeen({ take, shares: new Map(shares), of: members.length });
  }
}
