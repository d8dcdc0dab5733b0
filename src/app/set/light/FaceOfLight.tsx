'use client';

import { useCallback, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import { shownStops } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { PaintedPicture } from '@/ui/pictures/PaintedPicture';
import { StopsScale } from '@/ui/pictures/StopsScale';
import { studio } from '@/workers/studioClient';
import type { Vec3 } from '@/core/units';
import { usePoseStore } from '@/take/poseStore';
import { useNewest } from '@/ui/pictures/useNewest';

interface FaceOfLightProps {
  profile: BodyProfile;
  shot: SoloShot;
  /** Where the key is aimed, metres, once it is known. */
  face: Vec3 | undefined;
  ground: Ground;
  dragging: boolean;
}

/** Side of the picture, pixels; smaller while something is dragged. */
const SETTLED_PX = 300;
const DRAGGED_PX = 150;
/** Twice as many as are shown: its edges are smooth, and it is sharp on a dense screen. */
const FINE_PX = 600;

/** The face through the lens under this light, as it comes out or as steps of exposure. */
export function FaceOfLight({ profile, shot, face, ground, dragging }: FaceOfLightProps) {
  const [as, setAs] = useState<'picture' | 'stops'>('picture');
  const shown = usePoseStore((s) => s.shownExposure);
  const exposureStops = shownStops(shown, shot, face);
  const sizePx = dragging ? DRAGGED_PX : SETTLED_PX;
  const asked = useCallback(
    (px: number, isFine: boolean) =>
      studio('backstage').face(profile, shot, ground, { as, exposureStops, sizePx: px, isFine }),
    [profile, shot, ground, as, exposureStops],
  );
  const ask = useCallback(() => asked(sizePx, false), [asked, sizePx]);
  const askFine = useCallback(() => asked(FINE_PX, true), [asked]);
  const coarse = useNewest(ask);
  // what rests is looked at closely
  const fine = useNewest(dragging || coarse.busy ? null : askFine);
  const isFine = !dragging && !coarse.busy && !fine.busy && fine.value !== null;
  return (
    <figure className="w-full max-w-[300px] shrink-0" data-testid="face-of-light" data-busy={!isFine}>
      <PaintedPicture
        picture={isFine ? fine.value : coarse.value}
        label={as === 'picture' ? 'The face under this light' : 'Steps of exposure on the face'}
        className="aspect-square w-full bg-base-300"
      />
      <figcaption className="mt-1 flex items-center gap-1 text-[13px]">
        <span role="group" aria-label="The face shown as" className="flex gap-1">
          {(['picture', 'stops'] as const).map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={as === name}
              className="min-h-8 border-b-2 border-transparent px-1.5 aria-pressed:border-accent aria-pressed:font-bold"
              onClick={() => setAs(name)}
            >
              {name}
            </button>
          ))}
        </span>
      </figcaption>
      {as === 'stops' && <StopsScale className="mt-1" />}
      <div className="mt-1 pr-2">
        <NumberSlider
          label="exposure"
          value={exposureStops}
          min={-3}
          max={3}
          step={0.3}
          unit="stops"
          neutral={0}
          onChange={usePoseStore.getState().setShownExposure}
        />
      </div>
    </figure>
  );
}
