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
};
