'use client';

import { useState } from 'react';
import { sourceCentre } from '@/core/light';
import type { Shot } from '@/core/picture';
import { exposureOffStops, USUAL_EXPOSURE } from '@/core/set';
import { apart, type Vec3 } from '@/core/units';
import { signedStops } from '@/ui/signedStops';
import { usePoseStore } from '../take/poseStore';
import { PICTURE_BUTTON, PICTURE_SLIDER } from './onPicture';

interface ExposureControlProps {
  shot: Shot;
  /** Where the key is aimed, metres. */
  face: Vec3;
}

/** The slider goes in thirds of a stop, so far to either side. */
const THIRDS = 3;
const MOST_STOPS = 3;

/** Shows the picture brighter or darker than metered; what the camera is set for is one of the choices. */
export function ExposureControl({ shot, face }: ExposureControlProps) {
  const exposureStops = usePoseStore((s) => s.exposureStops);
  const { setExposureStops } = usePoseStore.getState();
  const [isOpened, setOpened] = useState(false);
  const isOpen = isOpened || exposureStops !== 0;
  const toFaceM = apart(sourceCentre(shot.light), face);
  const off = exposureOffStops(shot.camera.apertureF, shot.exposure ?? USUAL_EXPOSURE, toFaceM);
  return (
    <div role="group" aria-label="Exposure of the picture" className="flex items-center gap-1">
      <button
        type="button"
        className={PICTURE_BUTTON}
        title={isOpen ? 'Back to the exposure that the face asks for' : 'Show it brighter or darker'}
        aria-pressed={isOpen}
        onClick={() => {
          setOpened(!isOpen);
          setExposureStops(0);
        }}
      >
        exposure
      </button>
      {isOpen && (
        <>
          <input
            type="range"
            aria-label="Exposure"
            aria-valuetext={`${signedStops(exposureStops)} stops`}
            className={PICTURE_SLIDER}
            min={-MOST_STOPS * THIRDS}
            max={MOST_STOPS * THIRDS}
            step={1}
            value={Math.round(exposureStops * THIRDS)}
            onChange={(e) => setExposureStops(Number(e.target.value) / THIRDS)}
          />
          <output className="min-w-10 bg-[#1b1712]/85 px-1 text-center text-xs leading-6 text-[#f2e7cd] tabular-nums">
            {signedStops(exposureStops)}
          </output>
          {off !== null && (
            <button
              type="button"
              className={PICTURE_BUTTON}
              title="As aperture, shutter and ISO are set"
              aria-pressed={exposureStops === off}
              onClick={() => setExposureStops(exposureStops === off ? 0 : off)}
            >
              as set
            </button>
          )}
        </>
      )}
    </div>
  );
}
