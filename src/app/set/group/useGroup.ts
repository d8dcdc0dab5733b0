'use client';

import { proxy } from 'comlink';
import isSame from 'fast-deep-equal';
import { useState } from 'react';
import { groupShot, LEAST_GROUP, loosens, type GroupOrder } from '@/core/group';
import type { Room } from '@/core/scene';
import type { Lens } from '@/core/set';
import type { Role } from '@/core/shot';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { usePoseStore } from '@/take/poseStore';
import type { GroupToArrange } from '@/workers/studio/arranging';
import { studio } from '@/workers/studioClient';
import { lookAtFaces, type FacesSeen } from './facesSeen';
import { placedIn } from './groupMembers';
import { rowsInWords } from './groupWords';
import { useAsked } from './useAsked';

/** What was found for what was asked, and which of it is looked at. */
interface Found {
  asked: GroupToArrange;
  offers: readonly GroupOrder[];
  at: number;
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
  // the share comes by a port of its own and may come in after the answer
  const hear = (done: number) => setShare((share) => (share === null ? null : done));
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
    isGroup: placedIn(take).length >= LEAST_GROUP,
    isWhole: said.members.length === placedIn(take).length,
    touches: loosens(take.shot),
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
        () => studio('backstage').arrangeInSteps(asked, proxy(hear)),
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
