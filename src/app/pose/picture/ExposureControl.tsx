'use client';

import { useState } from 'react';
import { setOffStops, shownStops } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Vec3 } from '@/core/units';
import { signedStops } from '@/ui/pictures/signedStops';
import { usePoseStore } from '@/take/poseStore';
import { PICTURE_BUTTON, PICTURE_SLIDER } from './onPicture';

interface ExposureControlProps {
  shot: SoloShot;
  /** Where the key is aimed, metres. */
  face: Vec3;
}

/** The slider goes in thirds of a stop, so far to either side. */
const THIRDS = 3;
const MOST_STOPS = 3;

/** Shows the picture brighter or darker than metered; what the camera is set for is one of the choices. */
export function ExposureControl({ shot, face }: ExposureControlProps) {
  const shown = usePoseStore((s) => s.shownExposure);
  const stops = shownStops(shown, shot, face);
  const { setShownExposure } = usePoseStore.getState();
  const [isOpened, setOpened] = useState(false);
  const isOpen = isOpened || shown !== 0;
  return (
    <div role="group" aria-label="Exposure of the picture" className="flex items-center gap-1">
      <button
        type="button"
        className={PICTURE_BUTTON}
        title={isOpen ? 'Back to the exposure that the face asks for' : 'Show it brighter or darker'}
        aria-pressed={isOpen}
        onClick={() => {
          setOpened(!isOpen);
          setShownExposure(0);
        }}
      >
        exposure
      </button>
      {isOpen && (
        <>
          <input
            type="range"
            aria-label="Exposure"
            aria-valuetext={`${signedStops(stops)} stops`}
            className={PICTURE_SLIDER}
            min={-MOST_STOPS * THIRDS}
            max={MOST_STOPS * THIRDS}
            step={1}
            value={Math.round(stops * THIRDS)}
            onChange={(e) => setShownExposure(Number(e.target.value) / THIRDS)}
          />
          <output className="min-w-10 bg-[#1b1712]/85 px-1 text-center text-xs leading-6 text-[#f2e7cd] tabular-nums">
            {signedStops(stops)}
          </output>
          {setOffStops(shot, face) !== null && (
            <button
              type="button"
              className={PICTURE_BUTTON}
              title="As aperture, shutter and ISO are set"
              aria-pressed={shown === 'as set'}
              onClick={() => setShownExposure(shown === 'as set' ? 0 : 'as set')}
            >
              as set
            </button>
          )}
        </>
      )}
    </div>
  );
}
