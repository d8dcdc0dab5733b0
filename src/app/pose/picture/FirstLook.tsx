'use client';

import { useCallback } from 'react';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { useNewest } from '@/ui/pictures/useNewest';
import { studio } from '@/workers/studioClient';

/** The sitter as far as there is something to be seen at once, while the figure that is measured is built. */
export function FirstLook({ profile, shot }: { profile: BodyProfile; shot: SoloShot }) {
  const ask = useCallback(() => studio('live').firstLook(profile, shot), [profile, shot]);
  const { value } = useNewest(ask);
  return (
    <>
      {value && (
        <PaintedPicture
          picture={value}
          label="The sitter, a first look"
          testId="first-look"
          className="absolute inset-0 h-full w-full"
        />
      )}
      <p
        className="absolute inset-x-0 bottom-16 mx-auto w-fit bg-[#1b1712]/85 px-3 py-1 text-[#f2e7cd]"
        role="status"
      >
        Building the sitter
      </p>
    </>
  );
}
