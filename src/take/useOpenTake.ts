'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import type { Take } from '@/core/sitting';
import { database, type WholeSitting } from '@/data';
import { usePoseStore } from './poseStore';

/** Opens the take that the address names, or the first of the sitting; null until it is open. */
export function useOpenTake(whole: WholeSitting | null | undefined, path: '/pose' | '/set'): Take | null {
  const params = useSearchParams();
  const router = useRouter();
  const take = usePoseStore((s) => s.take);
  const wantedId = params.get('take') ?? whole?.takes[0]?.id;
  const stored = whole?.takes.find((t) => t.id === wantedId);
  const openId = take?.id;

  useEffect(() => {
    if (stored && openId !== stored.id) {
      usePoseStore.getState().open(stored);
      void database.preferences.put({ key: 'lastTake', value: stored.id });
    }
    if (whole && !stored && whole.takes[0])
      router.replace(`${path}?sitting=${whole.sitting.id}&take=${whole.takes[0].id}`);
  }, [stored, openId, whole, router, path]);
  return take && take.id === stored?.id ? take : null;
}
