'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';
import { bodyProfileSchema, type BodyProfile } from '@/core/body';
import { studio } from '@/workers/studioClient';

/** From where a figure is seen, and whether whole or its face. */
export interface SeenFrom {
  arcDeg: number;
  isFace: boolean;
}

/** A picture that is wanted: the profile as JSON, and how it is seen. */
interface Wanted {
  key: string;
  from: SeenFrom;
}

/** How finely the figure on the canvas is drawn. */
type Drawn = 'waiting' | 'rough' | 'drawn';

/** A picture of a body, or null where it cannot be drawn. */
async function pictured({ key, from }: Wanted, coarse: boolean) {
  const said = bodyProfileSchema.safeParse(JSON.parse(key));
  if (!said.success) return null;
  return studio('backstage')
    .figure(said.data, from, coarse)
    .catch(() => null);
}

function paint(
  target: HTMLCanvasElement,
  { width, height, bytes }: NonNullable<Awaited<ReturnType<typeof pictured>>>,
): void {
  target.width = width;
  target.height = height;
  target.getContext('2d')!.putImageData(new ImageData(bytes, width, height), 0, 0);
}

/**
 * Draws the figure on the canvas, one picture at a time, and of those that wait only the newest: a rough figure at
 * once, the fine one after it. A body that cannot be drawn leaves the last picture.
 */
export function useFigurePicture(
  canvas: RefObject<HTMLCanvasElement | null>,
  profile: BodyProfile,
  { arcDeg, isFace }: SeenFrom,
): Drawn {
  const [state, setState] = useState<Drawn>('waiting');
  const wanted = useRef<Wanted | null>(null);
  const running = useRef(false);
  const key = JSON.stringify(profile);

  useEffect(() => {
    const drawNext = async (next: Wanted): Promise<void> => {
      const shown = canvas.current?.dataset;
      const coarse = shown?.profile !== next.key && shown?.roughProfile !== next.key;
      const picture = await pictured(next, coarse);
      const target = canvas.current;
      if (!picture || !target) return;
      paint(target, picture);
      target.dataset[coarse ? 'roughProfile' : 'profile'] = next.key;
      if (!coarse) target.dataset.arcDeg = String(next.from.arcDeg);
      if (coarse) wanted.current ??= next;
      setState(coarse ? 'rough' : 'drawn');
    };
    const drawAll = async () => {
      running.current = true;
      for (let next = wanted.current; next; next = wanted.current) {
        wanted.current = null;
        await drawNext(next);
      }
      running.current = false;
    };
    wanted.current = { key, from: { arcDeg, isFace } };
    if (!running.current) void drawAll();
  }, [canvas, key, arcDeg, isFace]);
  return state;
}
