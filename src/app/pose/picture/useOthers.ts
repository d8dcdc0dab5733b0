'use client';

import { useMemo } from 'react';
import { faceShares } from '@/core/pose';
import type { SoloShot } from '@/core/shot';
import type { ViewfinderProps } from '@/drawing/viewfinderProps';
import type { ShotReport } from '@/workers/shotReport';
import { useSurfacesOf } from './useSurfacesOf';

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
