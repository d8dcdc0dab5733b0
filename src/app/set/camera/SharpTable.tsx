'use client';

import type { Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import { backgroundBlurThousandths, nearEye, sharpnessOf } from '@/core/set';

interface SharpTableProps {
  camera: Camera;
  points: FigurePoints;
  /** From the mark to what is behind the sitter, metres. */
  backgroundM: number;
}

/** Towards the lens or away from it. */
function off(m: number): string {
  const cm = Math.round(Math.abs(m) * 100);
  return cm === 0 ? 'in focus' : `${cm} cm ${m < 0 ? 'in front' : 'behind'}`;
}

interface SharpRow {
  words: string;
  off: string;
  /** Thousandths of the picture's height; null where it is not in the picture. */
  blur: number | null;
  state: string;
}

/** How sharp each place is with the near eye in focus, the most blurred first. */
export function SharpTable({ camera, points, backgroundM }: SharpTableProps) {
  const eye = nearEye(camera, points);
  const rows: SharpRow[] = sharpnessOf(camera, points).map((place) => ({
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
            <span className="text-right">{row.blur === null ? '–' : row.blur.toFixed(1)}</span>
            <span className={row.state === 'sharp' ? 'text-right font-bold' : 'quiet text-right'}>
              {row.state}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
