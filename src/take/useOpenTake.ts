'use client';

import isSame from 'fast-deep-equal';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import type { Take } from '@/core/sitting';
import { database, type WholeSitting } from '@/data';
import { doNow } from '@/keeping';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './takeKeeper';

/**
 * Takes over what others have written of the open take. It is read anew: what a page was given may be older than what
 * was written from here since. A write that is on its way joins both by itself.
 */
async function followStore(takeId: string): Promise<void> {
  const { base } = usePoseStore.getState();
  const now = await database.takes.get(takeId);
  const { take, base: still, follow } = usePoseStore.getState();
  if (!now || !base || base !== still || take?.id !== takeId || takeKeeper.unsaved(takeId)) return;
  if (!isSame(base, now)) follow(base, now);
}

/** Opens the take that the address names, or the first of the sitting; null until it is open. */
export function useOpenTake(whole: WholeSitting | null | undefined, path: '/pose' | '/set'): Take | null {
  const params = useSearchParams();
  const router = useRouter();
  const take = usePoseStore((s) => s.take);
  const wantedId = params.get('take') ?? whole?.takes[0]?.id;
  const stored = whole?.takes.find((t) => t.id === wantedId);
  const openId = take?.id;
  const keeping = takeKeeper.useKeeping((k) => k.state.kind);

  useEffect(() => {
    if (stored && openId !== stored.id) {
      usePoseStore.getState().open(stored, takeKeeper.unsaved(stored.id)?.edited);
      const place = { key: 'lastTake', value: stored.id } as const;
      doNow('opened', () => database.preferences.put(place), { name: 'lastTake' });
    } else if (stored) void followStore(stored.id);
    if (whole && !stored && whole.takes[0])
      router.replace(`${path}?sitting=${whole.sitting.id}&take=${whole.takes[0].id}`);
  }, [stored, openId, whole, router, path, keeping]);
  return take && take.id === stored?.id ? take : null;
}
