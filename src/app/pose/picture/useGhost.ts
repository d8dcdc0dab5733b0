'use client';

import { useEffect, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import type { Pose } from '@/core/pose';
import { studio } from '@/workers/studioClient';

/** The joints of the ghost, while it is wanted. */
export function useGhost(
  profile: BodyProfile,
  pose: Pose | null,
  shot: SoloShot | null,
): Float64Array | null {
  const [ghost, setGhost] = useState<{ pose: Pose; joints: Float64Array } | null>(null);
  useEffect(() => {
    if (!pose || !shot) return;
    let stale = false;
    void studio('backstage')
      .ghost(profile, pose, shot)
      .then((joints) => !stale && setGhost({ pose, joints }));
    return () => {
      stale = true;
    };
  }, [profile, pose, shot]);
  return pose && ghost?.pose === pose ? ghost.joints : null;
}
