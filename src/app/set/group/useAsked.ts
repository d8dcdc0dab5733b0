'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { USUAL_GROUPING, type Means, type Relation } from '@/core/group';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';
import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { database, type WholeSitting } from '@/data';
import { usePoseStore } from '@/take/poseStore';
import type { GroupToArrange } from '@/workers/studio/arranging';
import { membersOf, relationsOf } from './groupMembers';

/** The same question has the same answer. */
const SEED = 1;

/** What is asked of the arranger: who, on what, with which wishes, and where. What was said is kept with the picture. */
export function useAsked(whole: WholeSitting, take: Take, room: Room, lenses: readonly Lens[]) {
  const groups = useLiveQuery(() => database.groups.toArray(), []);
  const grouping = take.grouping ?? USUAL_GROUPING;
  const { means, relations: added, honour } = grouping;
  const { setGrouping } = usePoseStore.getState();
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
  return {
    members,
    means,
    known,
    added,
    honour,
    asked,
    setMeans: (to: Means) => setGrouping({ ...grouping, means: to }),
    setAdded: (relations: readonly Relation[]) =>
      setGrouping({
        ...grouping,
        relations: relations.map(({ kind, roles }) => ({ kind, roles: [...roles] })),
      }),
    setHonour: (role: Role | null) => {
      const { honour: _, ...rest } = grouping;
      setGrouping(role ? { ...rest, honour: role } : rest);
    },
  };
}
