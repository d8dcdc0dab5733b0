import { differenceOf, STATIONS } from '../pose';
import { poseBefore } from '../sequence';
import { soloShot, type Posed, type Shot } from '../shot';
import { cueFor, type Cue } from './cues';
import { markCues } from './markCues';

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

/** Directions of one of a picture's people; who is carried is not told to sit down. */
function cuesOfOne(before: Shot | undefined, shot: Shot, { role, personId, mark }: Posed): CueTo[] {
  return differenceOf(poseBefore(before, personId), soloShot(shot, role).pose)
    .filter((change) => change.kind !== 'carried' || !mark?.carriedBy)
    .map((change) => ({ ...cueFor(change), personIds: [personId], whoId: null }));
}

/**
 * Directions that lead from one picture to the next: everybody to their places, then floor up, at each station one
 * person after the other, and all at once where it is the same for them. Who was not in the picture before comes in from
 * an easy stance.
 */
export function cuesOfShot(before: Shot | undefined, shot: Shot): CueTo[] {
  const all = shot.people.flatMap((person) => cuesOfOne(before, shot, person));
  const places = markCues(before, shot).map(({ personId, ...cue }): CueTo => ({
    ...cue,
    personIds: [personId],
  }));
  const floorUp = STATIONS.flatMap((station) => saidTogether(all.filter((cue) => cue.station === station)));
  return [...saidTogether(places), ...floorUp];
}
