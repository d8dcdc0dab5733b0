'use client';

import { useEffect, useRef } from 'react';
import type { PictureBytes } from '@/workers/shotReport';

interface PaintedPictureProps {
  /** Null until there is one. */
  picture: PictureBytes | null;
  label: string;
  testId?: string;
  className: string;
  /** Hears once when it comes into sight, or near it. */
  onSeen?(): void;
}

/** How far from what is in sight a picture is near it. */
const NEAR = '200px';

/** A picture from a worker on a canvas of its own pixels. */
export function PaintedPicture({ picture, label, testId, className, onSeen }: PaintedPictureProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (!onSeen) return;
    const sight = new IntersectionObserver(
      (entries) => {
        if (!entries.some((e) => e.isIntersecting)) return;
        sight.disconnect();
        onSeen();
      },
      { rootMargin: NEAR },
    );
    sight.observe(canvas.current!);
    return () => sight.disconnect();
  }, [onSeen]);
  const count = useRef(0);
  useEffect(() => {
    const target = canvas.current;
    if (!picture || !target) return;
    target.width = picture.width;
    target.height = picture.height;
    const image = new ImageData(picture.bytes, picture.width, picture.height);
    target.getContext('2d', { alpha: false })!.putImageData(image, 0, 0);
    target.dataset.pictures = String(++count.current);
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      data-testid={testId}
      data-state={picture ? 'drawn' : 'waiting'}
      role="img"
      aria-label={label}
      className={className}
    />
  );
}
