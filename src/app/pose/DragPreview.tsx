'use client';

import { useEffect, useRef } from 'react';
import type { PictureBytes } from '@/workers/studio.worker';

/** The measuring picture, developed, in place of the drawn one while that would lag behind the hand. */
export function DragPreview({ picture }: { picture: PictureBytes }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const count = useRef(0);
  useEffect(() => {
    const target = canvas.current!;
    target.width = picture.width;
    target.height = picture.height;
    target.getContext('2d')!.putImageData(new ImageData(picture.bytes, picture.width, picture.height), 0, 0);
    target.dataset.pictures = String(++count.current);
  }, [picture]);
  return (
    <canvas
      ref={canvas}
      data-testid="drag-preview"
      role="img"
      aria-label="The sitter through the lens, while it moves"
      className="absolute inset-0 h-full w-full"
    />
  );
}
