'use client';

import { useMemo, useState } from 'react';
import { feelingOf, openingOf, promptFor } from '@/core/direct';
import { listenerOf, PRACTICES, USUAL_PRACTICE } from '@/core/people';
import type { Frame } from '@/core/sitting';
import { addFrame, database, sitterIn, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { cuesFor, type SaidCue } from '@/take/saidCues';
import { useWords } from '@/take/useWords';
import type { SetPlace } from './directPlace';

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

const NONE: readonly number[] = [];
/** How a tap is felt, milliseconds. */
const FRAME_MS = 20;
const KEEPER_MS = 60;

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
  const notByItself = place.notByItself ?? NONE;
  const { words, refused } = useWords(whole, index, notByItself);
  const cues = useMemo(
    () => words && cuesFor(whole, takes[index - 1], takes[index]!, words),
    [whole, takes, index, words],
  );
  // one is where one was while the words are still looked for
  const at = cues ? Math.min(place.cue, cues.length) : place.cue;
  const own = frames.filter((f) => f.takeId === take.id);
  const sitter = sitterIn(whole, take);
  const voice = listenerOf(sitter);
  const isOne = take.shot.people.length === 1;
  // several are told one by one
  const { atOnce } = PRACTICES[(isOne && voice.practice) || USUAL_PRACTICE];

  const isPictureOnly = place.isPictureOnly ?? false;
  const startedAt = place.startedAt;
  const move = (next: Partial<SetPlace>) =>
    goOn({
      ...place,
      takeId: take.id,
      cue: at,
      startedAt: startedAt ?? new Date().toISOString(),
      ...next,
    });
  const goTo = (to: number) => {
    const next = takes[to];
    if (next) move({ takeId: next.id, cue: 0, checked: [], notByItself: [] });
  };
  return {
    take,
    index,
    cues,
    at,
    /** The direction that is said now; undefined where the pose stands, or the words are not there yet. */
    cue: cues?.[at],
    /** What is said in the same breath, the one above first. */
    atOnce: cues?.slice(at, at + atOnce) ?? [],
    /** What the pose begins with, before its first direction; null where nothing is. */
    opening: at === 0 && isOne ? openingOf(voice, index) : null,
    /** How a direction feels where it is right; null for whom it is not new. */
    feelingOf: ({ station }: SaidCue) => (isOne ? feelingOf(station, voice) : null),
    /** Why there are no words, if there are none. */
    refused,
    /** What is other still and will not be said. */
    left: words && isOne ? [...words.values()].flatMap((said) => said.left) : [],
    /** Whether it can be told that what should follow did not: of one person, once something was said. */
    canMark: cues !== null && isOne && at > (notByItself.at(-1) ?? 0),
    /** What should have followed by itself did not: from here on it is said. */
    markNotByItself: () => move({ notByItself: [...notByItself, at] }),
    /** How the sitter is spoken to. */
    voice,
    /** What draws the expression; another for every frame. */
    prompt: promptFor(take.shot.message, voice, index + own.length),
    /** Poses of which there are frames. */
    takenIds: new Set(frames.map((f) => f.takeId)),
    isLastTake: index >= takes.length - 1,
    frameCount: own.length,
    keeperCount: own.filter((f) => f.keeper).length,
    /** When the work began; undefined before. */
    startedAt,
    /** Whether the poses are shown without words: one goes from pose to pose. */
    isPictureOnly,
    showPictureOnly: (only: boolean) => goOn({ ...place, isPictureOnly: only }),
    isMirrored,
    mirror: () => setMirrored((m) => !m),
    say: ({ to, text, asShown }: SaidCue) => `${to ? `${to}: ` : ''}${isMirrored ? asShown : text}`,
    checked: place.checked,
    check: (id: string) =>
      move({
        checked: place.checked.includes(id) ? place.checked.filter((c) => c !== id) : [...place.checked, id],
      }),
    next: () => (!isPictureOnly && at < (cues?.length ?? 0) ? move({ cue: at + atOnce }) : goTo(index + 1)),
    back: () => (!isPictureOnly && at > 0 ? move({ cue: Math.max(0, at - atOnce) }) : goTo(index - 1)),
    skip: () => goTo(index + 1),
    /** Begins the directions of this pose anew. */
    restart: () => move({ cue: 0, checked: [], notByItself: [] }),
    expose: (keeper: boolean) => {
      // felt without a look; where the device cannot, nothing happens
      navigator.vibrate?.(keeper ? KEEPER_MS : FRAME_MS);
      expose(take.id, keeper);
      if (!startedAt) move({});
    },
  };
}

export type Directing = ReturnType<typeof useDirecting>;
