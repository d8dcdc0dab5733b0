'use client';

import { useCallback, useMemo, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import { smallPicture } from '@/workers/keptFirst';
import { studio } from '@/workers/studioClient';
import type { PictureBytes } from '@/workers/shotReport';
import { PaintedPicture } from './PaintedPicture';
import { useNewest } from './useNewest';

const remembered = new Map<string, Promise<PictureBytes>>();
const MOST_REMEMBERED = 60;

function pictureOf(
  profile: BodyProfile,
  shot: SoloShot,
  scale: number,
  isFleeting: boolean,
): Promise<PictureBytes> {
  const key = JSON.stringify([profile, shot, scale]);
  let picture = remembered.get(key);
  if (!picture) {
    picture = isFleeting
      ? studio('backstage').picture(profile, shot, scale)
      : smallPicture(profile, shot, scale);
    remembered.set(key, picture);
    if (remembered.size > MOST_REMEMBERED) remembered.delete(remembered.keys().next().value!);
  }
  return picture;
}

interface PoseThumbnailProps {
  profile: BodyProfile;
  shot: SoloShot;
  /** Pixels of the measuring picture per shown pixel. */
  scale: number;
  /** Whether the shot changes under the hand: such pictures are not kept in the store. */
  isFleeting?: boolean;
  className?: string;
  label: string;
}

/** The shot as the measuring picture sees it, developed small. */
export function PoseThumbnail(props: PoseThumbnailProps) {
  const { profile, shot, scale, isFleeting = false, className, label } = props;
  const [isSeen, setSeen] = useState(false);
  const onSeen = useCallback(() => setSeen(true), []);
  // a run or a desk can hold many: only what is looked at is worked out
  const ask = useMemo(
    () => (isSeen ? () => pictureOf(profile, shot, scale, isFleeting) : null),
    [isSeen, profile, shot, scale, isFleeting],
  );
  const { value, refused } = useNewest(ask);
  return (
    <PaintedPicture
      picture={value}
      onSeen={onSeen}
      label={refused ? `${label}: no picture from this camera` : label}
      className={`bg-base-300 object-contain ${className ?? ''}`}
    />
  );
}
