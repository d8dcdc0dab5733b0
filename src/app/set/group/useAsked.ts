'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import type { Means, Relation } from '@/core/group';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';
import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { database, type WholeSitting } from '@/data';
import type { GroupToArrange } from '@/workers/arranging';
import { membersOf, relationsOf } from './groupMembers';

const USUAL_MEANS: Means = { chairs: 3, benches: 1, boxes: 0, floor: false };
/** The same question has the same answer. */
const SEED = 1;

/** What is asked of the arranger: who, on what, with which wishes, and where. */
export function useAsked(whole: WholeSitting, take: Take, room: Room, lenses: readonly Lens[]) {
  const groups = useLiveQuery(() => database.groups.toArray(), []);
  const [means, setMeans] = useState(USUAL_MEANS);
  const [added, setAdded] = useState<readonly Relation[]>([]);
  const [honour, setHonour] = useState<Role | null>(null);
  const members = useMemo(() => membersOf(whole, take), [whole, take]);
  const known = useMemo(() => relationsOf(groups ?? [], take), [groups, take]);
  const present = (role: Role) => members.some((m) => m.role === role);
  const relations = [...known, ...added].filter(({ roles }) => roles.every(present));
  const asked = (): GroupToArrange => ({
    members: members.map(({ role, profile }) => ({ role, profile })),
    means,
    wishes: { relations, ...(honour && present(honour) && { honour }) },
    setting: { room, camera: take.shot.camera, light: take.shot.light, lenses },
    seed: SEED,
  });
  return { members, means, setMeans, known, added, setAdded, honour, setHonour, asked };
}
