'use client';

import { useState } from 'react';
import { standardIn, type Look } from '@/core/brief';
import type { BodyProfile } from '@/core/body';
import { forSitter, type Fitted } from '@/core/library';
import { withHeld, type Pose } from '@/core/pose';
import type { Ground } from '@/core/scene';
import { chosenShot, usePoseStore } from '@/take/poseStore';
import { studio } from '@/workers/studioClient';
import { useSearch } from './useSearch';

/** What a pose was fitted to, and under what. */
interface FitTo {
  profile: BodyProfile;
  look: Look | undefined;
  ground: Ground;
}

/** A pose that was chosen and fitted, while the picture is still the one that came of it. */
export interface FittedPose {
  chosen: Pose;
  fitted: Fitted;
}

/**
 * Chooses poses of the house, or one's own: shown at once as they are, and then as they suit the sitter, in one step of
 * the history. Whoever goes on working meanwhile keeps what was done: the fit is dropped.
 */
export function useFit({ profile, look, ground }: FitTo) {
  const { share, found, refused, run, callOff } = useSearch<FittedPose>();
  /** The picture that the last fit made; another one is not its own any more. */
  const [made, setMade] = useState<unknown>(null);
  const take = usePoseStore((s) => s.take);

  async function fitted(pose: Pose, onShare: Parameters<Parameters<typeof run>[0]>[0]) {
    const before = chosenShot(usePoseStore.getState())!;
    const store = usePoseStore.getState();
    store.setPose(forSitter(pose, profile.wheelchairSeatM));
    const shown = usePoseStore.getState().take;
    const asked = withHeld(before.pose, pose, store.held);
    const wishes = { standard: standardIn(look, pose.message), ground, held: [...store.held] };
    const answer = await studio('backstage').fit(profile, before, asked, wishes, onShare);
    if (!answer || usePoseStore.getState().take !== shown) return null;
    usePoseStore.getState().refineShot(answer.shot);
    setMade(usePoseStore.getState().take);
    return { chosen: pose, fitted: answer };
  }
  return {
    share,
    refused,
    fitted: take === made ? found : null,
    choose: (pose: Pose) => run((onShare) => fitted(pose, onShare)),
    callOff,
  };
}
