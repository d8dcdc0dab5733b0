'use client';

import { useMemo } from 'react';
import type { Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import type { Room } from '@/core/scene';
import {
  FRAMING_WORDS,
  lensWords,
  roomForCameraM,
  whatFits,
  type Fit,
  type Framing,
  type Lens,
} from '@/core/set';
import { usePoseStore } from '@/take/poseStore';

interface FitsTableProps {
  room: Room;
  camera: Camera;
  points: FigurePoints;
  framing: Framing;
  lenses: readonly Lens[];
}

function answer({ state, spareM }: Fit): string {
  if (state === 'fits') return `fits, ${spareM.toFixed(1)} m to spare`;
  if (state === 'close') return 'nearer than it focuses';
  return Number.isFinite(spareM) ? `${(-spareM).toFixed(1)} m short` : 'too long for any room';
}

/** What `whatFits` finds for itself. */
const FREE = { focalLengthMm: 50, distanceM: 3, heightM: 1, aim: { kind: 'level' } } as const;

/** Which lenses of the kit hold the framing in this room, from where, and what they enlarge. */
export function FitsTable({ room, camera, points, framing, lenses }: FitsTableProps) {
  const { setCamera } = usePoseStore.getState();
  // where the camera stands on its arc does not change the answer, so a drag along it asks nothing anew
  const { sensor, arcDeg, apertureF, orientation } = camera;
  const fits = useMemo(
    () => whatFits(room, { ...FREE, sensor, arcDeg, apertureF, orientation }, points, framing, lenses),
    [room, sensor, arcDeg, apertureF, orientation, points, framing, lenses],
  );
  const use = ({ camera: placed, lens }: Fit) =>
    placed && setCamera({ ...placed, apertureF: Math.max(placed.apertureF, lens.widestF) });
  return (
    <section aria-label="What fits here">
      <h2 className="title text-lg">What fits here</h2>
      <p className="quiet text-xs">
        {FRAMING_WORDS[framing]}, {roomForCameraM(room, camera.arcDeg).toFixed(2)} m for the camera along this
        arc
      </p>
      <table className="mt-1 w-full text-[13px] tabular-nums">
        <thead>
          <tr className="quiet text-left text-xs">
            <th className="font-normal">lens</th>
            <th className="font-normal">zoomed to</th>
            <th className="font-normal">from</th>
            <th className="font-normal">this room</th>
            <th className="font-normal">drawn largest</th>
            <th>
              <span className="sr-only">Use</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {fits.map((fit) => (
            <tr key={fit.lens.id} className="border-t border-base-300" data-state={fit.state}>
              <th scope="row" className="py-0.5 pr-2 text-left font-bold">
                {lensWords(fit.lens)}
              </th>
              <td className="pr-2">
                {fit.lens.shortestMm === fit.lens.longestMm ? '' : `${fit.focalLengthMm} mm`}
              </td>
              <td className="pr-2">{fit.camera ? `${fit.camera.distanceM.toFixed(1)} m` : '–'}</td>
              <td className={fit.state === 'fits' ? 'pr-2' : 'quiet pr-2'}>{answer(fit)}</td>
              <td className="pr-2">
                {fit.nearest ? `${fit.nearest.words} ${fit.nearest.enlargement.toFixed(2)} ×` : '–'}
              </td>
              <td className="text-right">
                <button
                  type="button"
                  className="link-act"
                  aria-label={`Use ${lensWords(fit.lens)}`}
                  disabled={fit.state !== 'fits'}
                  onClick={() => use(fit)}
                >
                  use
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
