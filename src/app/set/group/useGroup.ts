'use client';

import { proxy } from 'comlink';
import isSame from 'fast-deep-equal';
import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { dressedFor, lookOf } from '@/core/brief';
import {
  groupShot,
  LEAST_GROUP,
  type GroupOrder,
  type Means,
  type Member,
  type Relation,
  type RelationKind,
} from '@/core/group';
import type { Group, GroupKind } from '@/core/people';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';
import { touching, type Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import { database, sitterIn, soloIn, type WholeSitting } from '@/data';
import { usePoseStore } from '@/take/poseStore';
import { studio } from '@/workers/studioClient';
import type { GroupToArrange } from '@/workers/arranging';
import { rowsInWords } from './groupWords';

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

function membersOf(whole: WholeSitting, take: Take): NamedMember[] {
  const look = lookOf(whole.sitting, take);
  return take.shot.people.flatMap(({ role }) => {
    const person = sitterIn(whole, take, role);
    return person ? [{ role, profile: dressedFor(person, look), name: person.addressAs }] : [];
  });
}

/** Who belongs together by the records. */
function relationsOf(groups: readonly Group[], { shot }: Take): Relation[] {
  return groups.flatMap(({ kind, members }): Relation[] => {
    const said = SAID_BY_GROUP[kind];
    const roles = shot.people
      .filter((p) => members.some((m) => m.sitterId === p.personId))
      .map((p) => p.role);
    return said && roles.length > 1 ? [{ kind: said, roles }] : [];
  });
}

const USUAL_MEANS: Means = { chairs: 3, benches: 1, boxes: 0, floor: false };
/** The same question has the same answer. */
const SEED = 1;

/** What was found for what was asked, and which of it is looked at. */
interface Found {
  asked: GroupToArrange;
  offers: readonly GroupOrder[];
  at: number;
}

/** How much of each face is seen in the picture, as far as it was looked at. */
export interface FacesSeen {
  take: Take;
  shares: ReadonlyMap<Role, number | null>;
  of: number;
}

function useAsked(whole: WholeSitting, take: Take, room: Room, lenses: readonly Lens[]) {
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

/** Looks at every face of a picture, one after the other. */
async function lookAtFaces(
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

/** A group in the hand: what is asked, what was found, and what is done with it. */
export function useGroup(whole: WholeSitting, take: Take, room: Room, lenses: readonly Lens[]) {
  const said = useAsked(whole, take, room, lenses);
  const [found, setFound] = useState<Found | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [locked, setLocked] = useState<readonly Role[]>([]);
  const [seen, setSeen] = useState<FacesSeen | null>(null);
  // what was found for others is nothing for those who are there now
  const isOfThem = found !== null && isSame(found.asked.members, said.asked().members);
  const chosen = isOfThem ? (found.offers[found.at] ?? null) : null;

  /** Asks the worker; what it refuses is told, and what was found before stays. */
  async function ask<T>(question: () => Promise<T>, take: (answer: T) => void): Promise<void> {
    setRefused(null);
    setShare(0);
    try {
      take(await question());
    } catch (error) {
      setRefused((error as Error).message);
    } finally {
      setShare(null);
    }
  }
  const replace = (order: GroupOrder) =>
    setFound((f) => f && { ...f, offers: f.offers.map((o, i) => (i === f.at ? order : o)) });
  return {
    ...said,
    isGroup: take.shot.people.length >= LEAST_GROUP,
    isWhole: said.members.length === take.shot.people.length,
    touches: touching(take.shot).length > 0,
    found: isOfThem ? found : null,
    chosen,
    share,
    refused,
    locked,
    seen: seen?.take.shot === take.shot ? seen : null,
    choose: (at: number) => setFound((f) => f && { ...f, at }),
    toggleLocked: (role: Role) =>
      setLocked((l) => (l.includes(role) ? l.filter((r) => r !== role) : [...l, role])),
    arrange: () => {
      const asked = said.asked();
      return ask(
        () => studio('backstage').arrangeInSteps(asked, proxy(setShare)),
        (offers) => {
          if (offers) setFound({ asked, offers, at: 0 });
          if (offers?.length === 0)
            setRefused('No plan of rows fits: give more seats, a wider room or a wider lens.');
        },
      );
    },
    callOff: () => void studio('backstage').callOffArranging(),
    orderAnew: () => ask(() => studio('backstage').arrangeAnew(found!.asked, chosen!, [...locked]), replace),
    exchange: (a: Role, b: Role) =>
      ask(() => studio('backstage').exchangeTwo(found!.asked, chosen!, a, b), replace),
    pose: () => {
      const { members, means } = found!.asked;
      usePoseStore.getState().setPicture(groupShot(take.shot, chosen!, members, means, rowsInWords(chosen!)));
      const posed = usePoseStore.getState().take!;
      lookAtFaces(whole, posed, setSeen).catch((error: Error) => setRefused(error.message));
    },
  };
}

export type GroupInHand = ReturnType<typeof useGroup>;
