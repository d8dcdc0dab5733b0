'use client';

import { useMemo } from 'react';
import { dressedFor, lookOf } from '@/core/brief';
import type { Take } from '@/core/sitting';
import { sitterIn, soloIn, type WholeSitting } from '@/data';
import { PoseThumbnail } from './PoseThumbnail';

interface TakeThumbnailProps {
  whole: WholeSitting;
  take: Take;
  /** Pixels of the measuring picture per shown pixel. */
  scale: number;
  /** Whether it is too large to be kept in the store. */
  isFleeting?: boolean;
  className?: string;
  label: string;
}

/** The picture of a take, small; without the record of its person there is none, and that is said. */
export function TakeThumbnail(props: TakeThumbnailProps) {
  const { whole, take, scale, isFleeting, className, label } = props;
  const sitter = sitterIn(whole, take);
  const look = lookOf(whole.sitting, take);
  const profile = useMemo(() => sitter && dressedFor(sitter, look), [sitter, look]);
  const { sitting, people } = whole;
  const shot = useMemo(() => soloIn({ sitting, people }, take), [sitting, people, take]);
  if (!profile)
    return (
      <span
        role="img"
        aria-label={`${label}: the record of the person is missing`}
        className={`grid place-items-center bg-base-300 p-1 text-center text-xs ${className ?? ''}`}
      >
        no record
      </span>
    );
  return (
    <PoseThumbnail
      profile={profile}
      shot={shot}
      scale={scale}
      isFleeting={isFleeting ?? false}
      className={className}
      label={label}
    />
  );
}
