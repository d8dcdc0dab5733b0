import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { paceWith, type OwnPace, type Pace } from '@/core/sequence';
import { database, keepOwnPace, ownPace } from '@/data';
import { useSame } from '@/drawing/useSame';
import { doNow } from '@/keeping';

const NOTHING: OwnPace = {};

/** How long things take by the photographer's own figures. */
export function usePace(): { pace: Pace; own: OwnPace; setOwn(own: OwnPace): void } {
  const own = useSame(useLiveQuery(() => ownPace(database), [], NOTHING));
  return useMemo(
    () => ({
      own,
      pace: paceWith(own),
      setOwn: (said) => doNow('pace', () => keepOwnPace(database, said), { name: 'pace' }),
    }),
    [own],
  );
}
