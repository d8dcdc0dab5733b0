'use client';

import { useCallback } from 'react';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { StopsScale } from '@/ui/pictures/StopsScale';
import { studio } from '@/workers/studioClient';
import { useNewest } from '@/ui/pictures/useNewest';

interface StopsOverlayProps {
  profile: BodyProfile;
  shot: SoloShot;
  ground: Ground;
  exposureStops: number;
}

const SCALE = 2;

/** How bright every place of the picture comes out, in steps of exposure, by the measured light. */
export function StopsOverlay({ profile, shot, ground, exposureStops }: StopsOverlayProps) {
  const ask = useCallback(
    () => studio('backstage').stops(profile, shot, SCALE, ground, exposureStops),
    [profile, shot, ground, exposureStops],
  );
  const { value, busy } = useNewest(ask);
  return (
    <div className="contents" data-testid="stops" data-busy={busy}>
      <PaintedPicture
        picture={value}
        label="Steps of exposure"
        testId="stops-overlay"
        className="absolute inset-0 h-full w-full"
      />
      <StopsScale className="absolute right-2 bottom-10 left-2 bg-[#1b1712]/85 p-1 text-[#f2e7cd]" />
    </div>
  );
}
