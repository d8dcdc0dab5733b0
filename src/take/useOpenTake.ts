'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import type { Take } from '@/core/sitting';
import { database, type WholeSitting } from '@/data';
import { usePoseStore } from './poseStore';
import { takeKeeper } from './useAutosave';

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
    const { open, follow, base } = usePoseStore.getState();
    if (stored && openId !== stored.id) {
      open(stored, takeKeeper.unsaved(stored.id)?.take);
      void database.preferences.put({ key: 'lastTake', value: stored.id });
    }
    // a write that is on its way joins both by itself
    else if (stored && base && !takeKeeper.unsaved(stored.id)) follow(base, stored);
    if (whole && !stored && whole.takes[0])
      router.replace(`${path}?sitting=${whole.sitting.id}&take=${whole.takes[0].id}`);
  }, [stored, openId, whole, router, path, keeping]);
  return take && take.id === stored?.id ? take : null;
}
