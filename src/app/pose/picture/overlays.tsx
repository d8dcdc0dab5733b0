'use client';

import { useCallback, useMemo } from 'react';
import type { BodyProfile } from '@/core/body';
import { project, viewOf } from '@/core/camera';
import type { SoloShot } from '@/core/shot';
import { PART_COLOURS } from '@/drawing/partColours';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { useNewest } from '@/ui/pictures/useNewest';

/** The measuring picture's labels in part colours. */
export function MeasuredPicture({ profile, shot }: { profile: BodyProfile; shot: SoloShot }) {
  const ask = useCallback(() => studio('live').labels(profile, shot, 2), [profile, shot]);
  const { value } = useNewest(ask);
  const picture = useMemo(() => {
    if (!value) return null;
    const { width, height, labels } = value;
    const bytes = new Uint8ClampedArray(width * height * 4);
    labels.forEach((label, i) => bytes.set([...PART_COLOURS[label]!, 255], i * 4));
    return { width, height, bytes };
  }, [value]);
  return (
    <PaintedPicture
      picture={picture}
      label="Measured parts"
      testId="measured"
      className="absolute inset-0 h-full w-full [image-rendering:pixelated]"
    />
  );
}

/** How much larger than its share each near part is drawn, over the part. */
export function SizeLabels({ report }: { report: ShotReport }) {
  const notable = report.enlargements.filter((e) => Math.abs(e.enlargement - 1) > 0.04);
  return notable.map((e) => (
    <span
      key={e.part}
      className="absolute -translate-x-1/2 -translate-y-1/2 bg-[#1b1712]/85 px-1.5 py-0.5 text-xs whitespace-nowrap text-[#f2e7cd]"
      style={{ left: `${Math.min(86, Math.max(14, e.x * 100))}%`, top: `${e.y * 100}%` }}
    >
      {e.part.replace(':', ' ')} × {e.enlargement.toFixed(2)}
    </span>
  ));
}

/** What is sharp and what is soft, over the picture. */
export function SharpMarks({ shot, report }: { shot: SoloShot; report: ShotReport }) {
  const view = viewOf(shot.camera);
  const { points, feet, numbers } = report;
  const marks = [
    ['left eye', points.eyes.left],
    ['right eye', points.eyes.right],
    ['left shoulder', points.shoulders.left],
    ['right shoulder', points.shoulders.right],
    ['left hip', points.hips.left],
    ['right hip', points.hips.right],
    ['left toe', feet.left.toe],
    ['right toe', feet.right.toe],
  ] as const;
  return marks.map(([name, p]) => {
    const { x, y, depthM } = project(view, p);
    if (Math.abs(x) > 1 || Math.abs(y) > 1) return null;
    const sharp = depthM >= numbers.sharpNearM && depthM <= numbers.sharpFarM;
    return (
      <span
        key={name}
        title={`${name}: ${sharp ? 'sharp' : 'soft'}`}
        className={`absolute h-4 w-4 -translate-x-1/2 -translate-y-1/2 border-2 ${sharp ? 'border-[#e3c264]' : 'rounded-full border-dashed border-[#f2e7cd]'}`}
        style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
      />
    );
  });
}
