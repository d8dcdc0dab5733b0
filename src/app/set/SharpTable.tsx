'use client';

import { CAMERA_RANGES, type Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import {
  apertureToHoldF,
  backgroundBlurThousandths,
  HELD_SHARP,
  MOVEMENTS,
  nearEye,
  sharpnessOf,
  slowestShutter,
  type HeldSharp,
  type Movement,
} from '@/core/set';
import { usePoseStore } from '../take/poseStore';

interface SharpTableProps {
  camera: Camera;
  points: FigurePoints;
}

/** Towards the lens or away from it. */
function off(m: number): string {
  const cm = Math.round(Math.abs(m) * 100);
  return cm === 0 ? 'in focus' : `${cm} cm ${m < 0 ? 'in front' : 'behind'}`;
}

/** How sharp each place is with the near eye in focus, the most blurred first. */
export function SharpTable({ camera, points, backgroundM }: SharpTableProps & { backgroundM: number }) {
  const eye = nearEye(camera, points);
  const rows = sharpnessOf(camera, points).map((place) => ({
    words: place.words,
    off: off(place.offM),
    blur: place.blurThousandths,
    state: place.isSharp ? 'sharp' : 'soft',
  }));
  rows.unshift({
    words: 'background',
    off: `${backgroundM.toFixed(1)} m behind`,
    blur: backgroundBlurThousandths(camera, points, backgroundM),
    state: '',
  });
  return (
    <section aria-label="What is sharp">
      <h2 className="title text-lg">What is sharp</h2>
      <p className="quiet text-xs">
        focus on the {eye.words} at {eye.depthM.toFixed(2)} m, f/{camera.apertureF}; blur in thousandths of
        the picture’s height
      </p>
      <ul className="mt-1 gap-x-6 text-[13px] tabular-nums sm:columns-2">
        {rows.map((row) => (
          <li
            key={row.words}
            className="grid break-inside-avoid grid-cols-[1fr_1fr_36px_42px] border-t border-base-300 py-0.5"
          >
            <span>{row.words}</span>
            <span className="quiet">{row.off}</span>
            <span className="text-right">{row.blur.toFixed(1)}</span>
            <span className={row.state === 'sharp' ? 'text-right font-bold' : 'quiet text-right'}>
              {row.state}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The aperture that would hold more, and the slowest safe shutter. */
export function HoldPart({ camera, points }: SharpTableProps) {
  const { setCameraNumber } = usePoseStore.getState();
  const { min, max } = CAMERA_RANGES.apertureF;
  const eye = nearEye(camera, points);
  return (
    <section aria-label="Aperture and shutter" className="text-[13px] tabular-nums">
      <h2 className="quiet font-sans text-xs font-normal">aperture that holds</h2>
      <ul>
        {(Object.keys(HELD_SHARP) as HeldSharp[]).map((held) => {
          // stopped down to the next tenth, so that it does hold
          const f = Math.ceil(apertureToHoldF(camera, points, held) * 10) / 10;
          return (
            <li key={held} className="flex items-baseline justify-between border-t border-base-300 py-px">
              {HELD_SHARP[held].words}
              {f <= min ? (
                <b>any</b>
              ) : f > max ? (
                <b>f/{f.toFixed(0)}, too small</b>
              ) : (
                <button
                  type="button"
                  className="link-act"
                  aria-label={`${HELD_SHARP[held].words}: f/${f.toFixed(1)}`}
                  onClick={() => setCameraNumber('apertureF', f)}
                >
                  f/{f.toFixed(1)}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <h2 className="quiet mt-2 font-sans text-xs font-normal">slowest safe shutter</h2>
      <ul>
        {(Object.keys(MOVEMENTS) as Movement[]).map((movement) => {
          const part = slowestShutter(camera, eye.depthM, movement);
          return (
            <li key={movement} className="flex justify-between border-t border-base-300 py-px">
              {MOVEMENTS[movement].words} <b>{part ? `1/${part} s` : 'none is short enough'}</b>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
