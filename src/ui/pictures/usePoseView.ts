import { useCallback, useMemo, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Pose } from '@/core/pose';
import { NEW_SHOT } from '@/data';
import { poseViewOf } from '@/workers/keptFirst';
import { useNewest } from './useNewest';

/** A pose of the library as it looks on a sitter, worked out when it comes into sight. */
export function usePoseView(profile: BodyProfile, pose: Pose) {
  const [isSeen, setSeen] = useState(false);
  const onSeen = useCallback(() => setSeen(true), []);
  const ask = useMemo(
    () => (isSeen ? () => poseViewOf({ profile, pose }, NEW_SHOT) : null),
    [isSeen, profile, pose],
  );
  const { value } = useNewest(ask);
  return { value, onSeen };
}
