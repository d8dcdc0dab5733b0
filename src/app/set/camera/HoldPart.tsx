'use client';

import { useState } from 'react';
import { CAMERA_RANGES, type Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import {
  apertureToHoldF,
  facesHeld,
  HELD_SHARP,
  MOVEMENTS,
  nearEye,
  rowOfFaces,
  slowestShutter,
  type HeldSharp,
  type Movement,
} from '@/core/set';
import type { Vec3 } from '@/core/units';
import { NumberField } from '@/ui/fields/NumberField';
import { usePoseStore } from '@/take/poseStore';

/** What holds the faces of all who are in the picture, and where it is focused. */
function AllFaces({ camera, faces }: Pick<HoldPartProps, 'camera' | 'faces'>) {
  const held = facesHeld(camera, faces);
  if (!held) return null;
  const f = Math.ceil(held.apertureF * 10) / 10;
  return (
    <p className="mt-1" data-testid="all-faces">
      all {faces.length} faces{' '}
      <button
        type="button"
        className="link-act"
        disabled={f > CAMERA_RANGES.apertureF.max}
        onClick={() =>
          usePoseStore.getState().setCameraNumber('apertureF', Math.max(f, CAMERA_RANGES.apertureF.min))
        }
      >
        f/{f.toFixed(1)}
      </button>
      , focused at {held.focusM.toFixed(2)} m
    </p>
  );
}

interface HoldPartProps {
  camera: Camera;
  points: FigurePoints;
  /** Middles of all faces of the picture, set frame, metres. */
  faces: readonly Vec3[];
}

/** The aperture that would hold more, and the slowest safe shutter. */
export function HoldPart({ camera, points, faces }: HoldPartProps) {
  const { setCameraNumber } = usePoseStore.getState();
  const { min, max } = CAMERA_RANGES.apertureF;
  const eye = nearEye(camera, points);
  const [rowM, setRow] = useState<number | undefined>();
  const row = rowM === undefined ? null : rowOfFaces(camera, eye.depthM, rowM);
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
      {faces.length > 1 && <AllFaces camera={camera} faces={faces} />}
      <div className="mt-1 grid grid-cols-[140px_1fr] items-end gap-2">
        <NumberField
          label="row of faces, deep, m"
          value={rowM}
          min={0.05}
          max={5}
          unit="m"
          onChange={setRow}
        />
        {row && (
          <p role="status" data-testid="row-of-faces">
            f/{(Math.ceil(row.apertureF * 10) / 10).toFixed(1)}, focused{' '}
            {(row.focusM - eye.depthM).toFixed(2)} m behind the first
          </p>
        )}
      </div>
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
