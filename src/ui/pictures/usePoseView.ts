import { useCallback, useMemo, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Pose } from '@/core/pose';
import { NEW_SHOT, type PoseView, type PoseViewOf } from '@/data';
import { fittedViewOf, poseViewOf } from '@/workers/keptFirst';
import { useNewest } from './useNewest';

/** A view, with what it is of: an answer that comes after another was asked for is of no use. */
interface Answer extends PoseViewOf {
  view: PoseView;
}

function asking(profile: BodyProfile, pose: Pose, look: typeof poseViewOf): () => Promise<Answer> {
  return async () => ({ profile, pose, view: await look({ profile, pose }, NEW_SHOT) });
}

/** A pose of the library as it looks on a sitter, worked out when it comes into sight: first as it is, then fitted. */
export function usePoseView(profile: BodyProfile, pose: Pose) {
  const [isSeen, setSeen] = useState(false);
  const onSeen = useCallback(() => setSeen(true), []);
  const isOfThis = (answer: Answer | null) => answer?.profile === profile && answer.pose === pose;
  const ask = useMemo(() => (isSeen ? asking(profile, pose, poseViewOf) : null), [isSeen, profile, pose]);
  const { value: first } = useNewest(ask);
  // what is kept is fitted already
  const isToFit = isOfThis(first) && first!.view.told.changes === null;
  const askFitted = useMemo(
    () => (isToFit ? asking(profile, pose, fittedViewOf) : null),
    [isToFit, profile, pose],
  );
  const { value: fitted } = useNewest(askFitted);
  const view = isOfThis(fitted) ? fitted!.view : (first?.view ?? null);
  return { value: view, onSeen };
}
