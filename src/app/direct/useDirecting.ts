'use client';

import { useMemo, useState } from 'react';
import { cuesOfShot, type Cue } from '@/core/direct';
import { addFrame, database, type WholeSitting } from '@/data';
import type { Frame } from '@/core/sitting';
import { doNow } from '@/keeping';
import { calledOf } from '@/ui/place/namesOf';
import type { SetPlace } from './directPlace';

/** A direction as it is said on set: with the names of those whom it is said to, where several are in the picture. */
export interface SaidCue extends Cue {
  to: string | null;
}

function cuesFor({ takes, people }: WholeSitting, index: number): SaidCue[] {
  const { shot } = takes[index]!;
  const names = (ids: readonly string[]) => calledOf(people.filter((p) => ids.includes(p.id)));
  return cuesOfShot(takes[index - 1]?.shot, shot).map(({ personIds, whoId, ...cue }) => ({
    ...cue,
    text: cue.text.replace('{who}', () => names([whoId ?? ''])),
    asShown: cue.asShown.replace('{who}', () => names([whoId ?? ''])),
    to: shot.people.length > 1 ? names(personIds) : null,
  }));
}

/** The frames of a sitting, those too that are still on their way to the disk: on set nothing waits for a store. */
function useFrames({ sitting, frames }: WholeSitting) {
  const [exposed, setExposed] = useState<readonly Frame[]>([]);
  const stored = new Set(frames.map((f) => f.id));
  const expose = (takeId: string, keeper: boolean) => {
    const takenAt = new Date().toISOString();
    const frame = { id: crypto.randomUUID(), sittingId: sitting.id, takeId, takenAt, keeper };
    setExposed((before) => [...before, frame]);
    const dropped = () => setExposed((before) => before.filter((f) => f !== frame));
    doNow('frame', () => addFrame(database, frame), { dropped });
  };
  return { frames: [...frames, ...exposed.filter((f) => !stored.has(f.id))], expose };
}

/** Where one is on set, what is said there, and what moves one on. */
export function useDirecting(whole: WholeSitting, place: SetPlace, goOn: (place: SetPlace) => void) {
  const { takes } = whole;
  const { frames, expose } = useFrames(whole);
  const [isMirrored, setMirrored] = useState(false);
  const index = Math.max(
    0,
    takes.findIndex((t) => t.id === place.takeId),
  );
  const take = takes[index]!;
  const cues = useMemo(() => cuesFor(whole, index), [whole, index]);
  const at = Math.min(place.cue, cues.length);
  const own = frames.filter((f) => f.takeId === take.id);

  const move = (next: Partial<SetPlace>) => goOn({ ...place, takeId: take.id, cue: at, ...next });
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
    say: ({ to, text, asShown }: SaidCue) => `${to ? `${to}: ` : ''}${isMirrored ? asShown : text}`,
    checked: place.checked,
    check: (id: string) =>
      move({
        checked: place.checked.includes(id) ? place.checked.filter((c) => c !== id) : [...place.checked, id],
      }),
    next: () => (at < cues.length ? move({ cue: at + 1 }) : goTo(index + 1)),
    back: () => (at > 0 ? move({ cue: at - 1 }) : goTo(index - 1)),
    skip: () => goTo(index + 1),
    expose: (keeper: boolean) => expose(take.id, keeper),
  };
}

export type Directing = ReturnType<typeof useDirecting>;
