import { naming } from '@/core/cues';
import { cuesOfShot, type Cue } from '@/core/direct';
import { listenerOf } from '@/core/people';
import type { Take } from '@/core/sitting';
import type { WholeSitting } from '@/data';
import { calledOf } from '@/ui/place/namesOf';
import type { Words } from './wordsBetween';

/** A direction as it is said on set: with the names of those whom it is said to, where several are in the picture. */
export interface SaidCue extends Cue {
  to: string | null;
}

/** Directions of a take with the names of those whom they are said to and speak of. */
export function cuesFor(
  { people }: WholeSitting,
  before: Take | undefined,
  { shot }: Take,
  words: Words,
): SaidCue[] {
  const names = (ids: readonly string[]) => calledOf(people.filter((p) => ids.includes(p.id)));
  const sentencesOf = (personId: string) => words.get(personId)?.sentences ?? [];
  const voiceOf = (personId: string) => listenerOf(people.find((p) => p.id === personId));
  return cuesOfShot(before?.shot, shot, sentencesOf, voiceOf).map(({ personIds, whoId, ...cue }) => ({
    ...cue,
    text: naming(cue.voice, cue.text, names([whoId ?? ''])),
    asShown: naming(cue.voice, cue.asShown, names([whoId ?? ''])),
    to: shot.people.length > 1 ? names(personIds) : null,
  }));
}
