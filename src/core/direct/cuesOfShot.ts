import type { Sentence } from '../cues';
import { STATIONS } from '../pose';
import type { Shot } from '../shot';
import { cueOf, type Cue } from './cues';
import { markCues, type VoiceOf } from './markCues';

/** A direction with those whom it is said to. */
export interface CueTo extends Cue {
  personIds: string[];
  /** Of whom `{who}` in it speaks; null where it speaks of nobody else. */
  whoId: string | null;
}

/** What is said to one of several and to others in the same words is said once, to all of them. */
function saidTogether(cues: readonly CueTo[]): CueTo[] {
  const together: CueTo[] = [];
  for (const cue of cues) {
    const same = together.find(
      (c) => c.text === cue.text && c.asShown === cue.asShown && c.whoId === cue.whoId,
    );
    if (same) same.personIds = [...same.personIds, ...cue.personIds];
    else together.push({ ...cue });
  }
  return together;
}

/** Of whom a sentence speaks besides the one it is said to. */
function whoIdIn(shot: Shot, { contact, tells }: Sentence): string | null {
  const role = contact?.of?.role ?? (tells.gaze?.kind === 'person' ? tells.gaze.role : undefined);
  return shot.people.find((p) => p.role === role)?.personId ?? null;
}

/**
 * Directions that lead from one picture to the next: everybody to their places, then floor up, at each station one
 * person after the other, and all at once where it is the same for them.
 * @param sentencesOf what is said to one of them, in spoken order
 * @param voiceOf how one of them is spoken to
 */
export function cuesOfShot(
  before: Shot | undefined,
  shot: Shot,
  sentencesOf: (personId: string) => readonly Sentence[],
  voiceOf: VoiceOf,
): CueTo[] {
  const all = shot.people.flatMap(({ personId }) =>
    sentencesOf(personId).map((sentence): CueTo => ({
      ...cueOf(sentence, voiceOf(personId)),
      personIds: [personId],
      whoId: whoIdIn(shot, sentence),
    })),
  );
  // what is said to one alone is in spoken order already
  if (shot.people.length === 1) return all;
  const places = markCues(before, shot, voiceOf).map(({ personId, ...cue }): CueTo => ({
    ...cue,
    personIds: [personId],
  }));
  const floorUp = STATIONS.flatMap((station) => saidTogether(all.filter((cue) => cue.station === station)));
  return [...saidTogether(places), ...floorUp];
}
