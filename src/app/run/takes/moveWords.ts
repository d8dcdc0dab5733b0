import { brokenWords, type NameOf } from '@/take/planWords';
import type { Moving } from './useMoving';

/** Less than this is no difference, seconds: a change is told to the second. */
const SAME_S = 0.5;

/** What a run would be if a pose were let go where it is held. */
export function moveWords({ now, there }: Pick<Moving, 'now' | 'there'>, nameOf: NameOf): string {
  const moreS = there.endS - now.endS;
  const time =
    Math.abs(moreS) < SAME_S ? 'as long' : `${Math.round(Math.abs(moreS))} s ${moreS > 0 ? 'more' : 'less'}`;
  return [`Here: ${time}`, ...there.broken.map((b) => brokenWords(b, nameOf))].join('; ');
}
