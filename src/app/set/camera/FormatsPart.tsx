'use client';

import { FORMATS, type Look } from '@/core/brief';
import type { Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import { cameraForCrops, cropFits, cropPlace, type CropPlace, type Framing } from '@/core/set';
import { usePoseStore } from '@/take/poseStore';

/** A use of the look with its place in the picture. */
export interface UsePlace {
  id: string;
  words: string;
  format: string;
  framing: Framing;
  aspect: number;
  place: CropPlace | null;
}

/** Where each use of a look is cut out of the picture. Details are cut by hand. */
export function placesOfUses(look: Look | undefined, camera: Camera, points: FigurePoints): UsePlace[] {
  return (look?.uses ?? []).flatMap((use) => {
    if (use.crop === 'detail') return [];
    const { aspect, words } = FORMATS[use.format];
    const place = cropPlace(camera, points, use.crop, aspect);
    return [{ id: use.id, words: use.words, format: words, framing: use.crop, aspect, place }];
  });
}

/** The cuts drawn over the picture. */
export function CropMarks({ uses }: { uses: readonly UsePlace[] }) {
  return (
    <svg
      viewBox="-1 -1 2 2"
      preserveAspectRatio="none"
      className="pointer-events-none absolute inset-0 h-full w-full"
      aria-hidden
    >
      {uses.map(
        ({ id, place }, i) =>
          place && (
            <rect
              key={id}
              x={place.left}
              y={-place.top}
              width={place.right - place.left}
              height={place.top - place.bottom}
              fill="none"
              stroke={i % 2 === 0 ? '#f2d27a' : '#9fd0cb'}
              strokeWidth={1.5}
              strokeDasharray={i < 2 ? undefined : '4 3'}
              vectorEffect="non-scaling-stroke"
            />
          ),
      )}
    </svg>
  );
}

/** Which of the look's uses can be cut out of this picture. */
export function FormatsPart({
  uses,
  camera,
  points,
  roomM,
}: {
  uses: readonly UsePlace[];
  camera: Camera;
  points: FigurePoints;
  /** As far from the mark as the camera can stand in this room, metres. */
  roomM: number;
}) {
  if (uses.length === 0) return null;
  const all = uses.every((u) => cropFits(u.place));
  const back = all ? null : cameraForCrops(camera, points, uses);
  return (
    <section aria-label="Formats of the brief" className="text-[13px]">
      <h2 className="quiet font-sans text-xs font-normal">cuts for the brief</h2>
      <ul className="tabular-nums">
        {uses.map(({ id, words, format, place }) => (
          <li key={id} className="flex justify-between gap-2 border-t border-base-300 py-px">
            <span className="min-w-0">
              {words} <span className="quiet text-xs">{format}</span>
            </span>
            {cropFits(place) ? (
              <b className="shrink-0">{Math.round(place!.share * 100)} % of it</b>
            ) : (
              <b className="shrink-0 text-error">does not fit</b>
            )}
          </li>
        ))}
      </ul>
      {back && back.distanceM <= roomM && (
        <button type="button" className="link-act" onClick={() => usePoseStore.getState().setCamera(back)}>
          Go back to {back.distanceM.toFixed(2)} m
        </button>
      )}
      {back && back.distanceM > roomM && (
        <p className="quiet text-xs">
          They all would from {back.distanceM.toFixed(2)} m; here are {roomM.toFixed(2)} m. Take a shorter
          lens.
        </p>
      )}
      {!all && !back && (
        <p className="quiet text-xs">No distance makes room for all: take them one by one.</p>
      )}
    </section>
  );
}
