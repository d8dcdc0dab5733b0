import { STATIONS } from '../pose';
import { poseBefore } from '../sequence';
import { soloShot, type Shot } from '../shot';
import { cuesBetween, type Cue } from './cues';

/** A direction with those whom it is said to. */
export interface CueTo extends Cue {
  personIds: string[];
}

/** What is said to one of several and to others in the same words is said once, to all of them. */
function saidTogether(cues: readonly CueTo[]): CueTo[] {
  const together: CueTo[] = [];
  for (const cue of cues) {
    const same = together.find((c) => c.text === cue.text && c.asShown === cue.asShown);
    if (same) same.personIds = [...same.personIds, ...cue.personIds];
    else together.push({ ...cue });
  }
  return together;
}

/**
 * Directions that lead from one picture to the next, floor up: at each station one person after the other, and all at
 * once where it is the same for them. Who was not in the picture before comes in from an easy stance.
 */
export function cuesOfShot(before: Shot | undefined, shot: Shot): CueTo[] {
  const all = shot.people.flatMap(({ role, personId }) =>
    cuesBetween(poseBefore(before, personId), soloShot(shot, role).pose).map((cue): CueTo => ({
      ...cue,
      personIds: [personId],
    })),
  );
  return STATIONS.flatMap((station) => saidTogether(all.filter((cue) => cue.station === station)));
}
