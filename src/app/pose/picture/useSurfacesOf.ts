'use client';

import { useEffect, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import { surfaceOfSitter, type DrawnDetail } from '@/take/surfacesAtHand';

/** Of more people than this, others are drawn as they are measured: fine surfaces are large. */
const MOST_FINE = 3;
/** Surfaces that come sooner one after the other than this are shown together: a frame of many people takes long, ms. */
const TOGETHER_MS = 300;

/** Surfaces of the others of a picture, by their profiles: as measured first, fine ones when they are ready. */
export function useSurfacesOf(profiles: readonly BodyProfile[]): ReadonlyMap<string, BodySurface> {
  const keys = JSON.stringify(profiles);
  const [surfaces, setSurfaces] = useState<ReadonlyMap<string, BodySurface>>(new Map());
  useEffect(() => {
    const asked = JSON.parse(keys) as BodyProfile[];
    const got = new Map<string, BodySurface>();
    let timer: ReturnType<typeof setTimeout> | undefined;
    let stale = false;
    const all = async (detail: DrawnDetail) => {
      let awaited = asked.length;
      const taken = asked.map(async (profile) => {
        const surface = await surfaceOfSitter(detail, profile);
        got.set(JSON.stringify(profile), surface);
        clearTimeout(timer);
        if (stale) return;
        timer = setTimeout(() => setSurfaces(new Map(got)), --awaited === 0 ? 0 : TOGETHER_MS);
      });
      await Promise.all(taken);
    };
    void (async () => {
      await all('measured');
      if (!stale && asked.length <= MOST_FINE) await all('drawn');
      // whatever is wrong with a body is told where it is measured
    })().catch(() => undefined);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [keys]);
  return surfaces;
}
