import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import { goodIn, type PraiseId } from '@/core/direct';
import { seeShot } from '@/core/picture';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { sentencesAfter, type Said } from '@/core/cues';
import { database, keepWords, type WayTo } from '@/data';
import { onSet } from './standIns';

/** What is said. */
export const SAYING = {
  /** What is said on the way to a picture; kept in the store. */
  async words(way: WayTo): Promise<Said> {
    const { profile, from, shot, notByItself } = way;
    const said = await onSet(profile, shot, (standIn) => sentencesAfter(standIn, from, shot, notByItself));
    // a store that cannot be used only costs time
    await keepWords(database, way, said).catch(() => undefined);
    return said;
  },

  /** What is good in a picture, to be named between two frames. */
  good(profile: BodyProfile, shot: SoloShot, standard: Standard, ground: Ground): Promise<PraiseId[]> {
    return onSet(profile, shot, (standIn) => goodIn(seeShot(standIn, shot, { ground }), standard));
  },
};
