'use client';

import { useEffect, useRef, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Shot } from '@/core/picture';
import { studio } from '@/workers/studioClient';
import type { PictureBytes } from '@/workers/shotReport';

const remembered = new Map<string, Promise<PictureBytes>>();
const MOST_REMEMBERED = 60;

function pictureOf(profile: BodyProfile, shot: Shot, scale: number): Promise<PictureBytes> {
  const key = JSON.stringify([profile, shot, scale]);
  let picture = remembered.get(key);
  if (!picture) {
    picture = studio('backstage').picture(profile, shot, scale);
    remembered.set(key, picture);
    if (remembered.size > MOST_REMEMBERED) remembered.delete(remembered.keys().next().value!);
  }
  return picture;
}

interface PoseThumbnailProps {
  profile: BodyProfile;
  shot: Shot;
  /** Pixels of the measuring picture per shown pixel. */
  scale: number;
  className?: string;
  label: string;
}

/** The shot as the measuring picture sees it, developed small. */
export function PoseThumbnail({ profile, shot, scale, className, label }: PoseThumbnailProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [state, setState] = useState<'waiting' | 'drawn' | 'refused'>('waiting');
  useEffect(() => {
    let stale = false;
    pictureOf(profile, shot, scale).then(
      ({ width, height, bytes }) => {
        const target = canvas.current;
        if (stale || !target) return;
        target.width = width;
        target.height = height;
        target.getContext('2d')!.putImageData(new ImageData(bytes, width, height), 0, 0);
        setState('drawn');
      },
      () => !stale && setState('refused'),
    );
    return () => {
      stale = true;
    };
  }, [profile, shot, scale]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={state === 'refused' ? `${label}: no picture from this camera` : label}
      data-state={state}
      className={`bg-base-300 object-contain ${className ?? ''}`}
    />
  );
}
