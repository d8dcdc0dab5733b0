'use client';

import { useEffect } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import { groundOf } from '@/core/scene';
import type { Take } from '@/core/sitting';
import { sitterIn, soloIn, type WholeSitting } from '@/data';
import { studio } from '@/workers/studioClient';

/** Takes that the studio was warmed up for. */
const warmed = new Set<string>();
/** Without a call of the browser's own when it is idle. */
const LATER_MS = 500;

/** Has the studio meet the sitter of a take when the page has nothing else to do, so that Pose opens at once. */
export function useWarmStudio(whole: WholeSitting, take: Take | undefined): void {
  useEffect(() => {
    const sitter = take && sitterIn(whole, take);
    if (!sitter || warmed.has(take.id)) return;
    const look = lookOf(whole.sitting, take);
    const warmUp = () => {
      warmed.add(take.id);
      void studio('live')
        .warmUp(
          dressedFor(sitter, look),
          soloIn(whole, take),
          standardIn(look, take.shot.message),
          groundOf(whole.sitting.room),
        )
        // whatever is wrong with the shot is told where it is opened
        .catch(() => undefined);
    };
    if (!('requestIdleCallback' in window)) {
      const timer = setTimeout(warmUp, LATER_MS);
      return () => clearTimeout(timer);
    }
    const idle = requestIdleCallback(warmUp);
    return () => cancelIdleCallback(idle);
  }, [whole, take]);
}
