'use client';

import { useEffect, useMemo, useState } from 'react';
import type { BodyProfile, BodySurface } from '@/core/body';
import { faceShares } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import type { ViewfinderProps } from '@/drawing/viewfinderProps';
import { drawnSurface } from '@/workers/keptFirst';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';

/** Fine surfaces are some seven megabytes each: of more people than this, others are drawn as they are measured. */
const MOST_FINE = 3;

/** Surfaces of the others of a picture, by their profiles: as measured first, fine ones when they are ready. */
function useSurfacesOf(profiles: readonly BodyProfile[]): ReadonlyMap<string, BodySurface> {
  const keys = JSON.stringify(profiles);
  const [surfaces, setSurfaces] = useState<ReadonlyMap<string, BodySurface>>(new Map());
  useEffect(() => {
    let stale = false;
    const asked = JSON.parse(keys) as BodyProfile[];
    const take = (profile: BodyProfile, surface: BodySurface) => {
      if (!stale) setSurfaces((now) => new Map(now).set(JSON.stringify(profile), surface));
    };
    void (async () => {
      for (const profile of asked) take(profile, await studio('live').measuredSurface(profile));
      if (asked.length > MOST_FINE) return;
      for (const profile of asked) if (!stale) take(profile, await drawnSurface(profile));
      // whatever is wrong with a body is told where it is measured
    })().catch(() => undefined);
    return () => {
      stale = true;
    };
  }, [keys]);
  return surfaces;
}

/** The others of a picture as they are drawn, each as soon as there is a surface. */
export function useOthers(shot: SoloShot | null, report: ShotReport | null): ViewfinderProps['others'] {
  const among = shot?.among?.others;
  const profiles = useMemo(() => (among ?? []).map((other) => other.profile), [among]);
  const surfaces = useSurfacesOf(profiles);
  return useMemo(
    () =>
      (among ?? []).flatMap(({ role, profile, pose }) => {
        const surface = surfaces.get(JSON.stringify(profile));
        const posed = report?.others.find((o) => o.role === role);
        if (!surface || !posed) return [];
        return [
          { role, surface, transforms: posed.transforms, rods: posed.rods, expression: faceShares(pose) },
        ];
      }),
    [among, surfaces, report],
  );
}
