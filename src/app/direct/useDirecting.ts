'use client';

import { useMemo, useState } from 'react';
import { cuesBetween, type Cue } from '@/core/direct';
import { neutralPose } from '@/core/pose';
import { addFrame, database, type WholeSitting } from '@/data';
import { writePlace, type SetPlace } from './directPlace';

function cuesFor({ takes }: WholeSitting, index: number): Cue[] {
  const before = takes[index - 1]?.shot.pose ?? neutralPose('arrives');
  return cuesBetween(before, takes[index]!.shot.pose);
}

/** Where one is on set, what is said there, and what moves one on. */
export function useDirecting(whole: WholeSitting, place: SetPlace) {
  const { sitting, takes, frames } = whole;
  const [isMirrored, setMirrored] = useState(false);
  const index = Math.max(
    0,
    takes.findIndex((t) => t.id === place.takeId),
  );
  const take = takes[index]!;
  const cues = useMemo(() => cuesFor(whole, index), [whole, index]);
  const at = Math.min(place.cue, cues.length);
  const own = frames.filter((f) => f.takeId === take.id);

  const move = (next: Partial<SetPlace>) =>
    void writePlace(sitting.id, { ...place, takeId: take.id, cue: at, ...next });
  const goTo = (to: number) => {
    const next = takes[to];
    if (next) move({ takeId: next.id, cue: 0, checked: [] });
  };
  return {
    take,
    index,
    cues,
    at,
    cue: cues[at],
    isLastTake: index >= takes.length - 1,
    frameCount: own.length,
    keeperCount: own.filter((f) => f.keeper).length,
    isMirrored,
    mirror: () => setMirrored((m) => !m),
    say: (c: Cue) => (isMirrored ? c.asShown : c.text),
    checked: place.checked,
    check: (id: string) =>
      move({
        checked: place.checked.includes(id) ? place.checked.filter((c) => c !== id) : [...place.checked, id],
      }),
    next: () => (at < cues.length ? move({ cue: at + 1 }) : goTo(index + 1)),
    back: () => (at > 0 ? move({ cue: at - 1 }) : goTo(index - 1)),
    skip: () => goTo(index + 1),
    expose: (keeper: boolean) =>
      void addFrame(database, {
        id: crypto.randomUUID(),
        sittingId: sitting.id,
        takeId: take.id,
        takenAt: new Date().toISOString(),
        keeper,
      }),
  };
}

export type Directing = ReturnType<typeof useDirecting>;
