'use client';

import { Pause, Play } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { BodyProfile } from '@/core/body';
import { useFigurePicture } from './useFigurePicture';

const STEP_DEG = 15;
const TURN_EVERY_MS = 220;
const FIRST_ARC_DEG = -30;

/** The arc that the figure is seen from, and whether it turns by itself. */
function useTurning() {
  const [arcDeg, setArcDeg] = useState(FIRST_ARC_DEG);
  const [turning, setTurning] = useState(false);
  useEffect(() => {
    if (!turning) return;
    const timer = setInterval(() => setArcDeg((a) => ((a + STEP_DEG + 180) % 360) - 180), TURN_EVERY_MS);
    return () => clearInterval(timer);
  }, [turning]);
  const turnTo = (deg: number) => {
    setTurning(false);
    setArcDeg(deg);
  };
  return { arcDeg, turning, setTurning, turnTo };
}

/** The sitter's figure, to be turned by hand, by keys or by itself; it follows the measures as they change. */
export function Turntable({ profile }: { profile: BodyProfile }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { arcDeg, turning, setTurning, turnTo } = useTurning();
  const [isFace, setFace] = useState(false);
  const state = useFigurePicture(canvas, profile, { arcDeg, isFace });
  return (
    <figure>
      <canvas
        ref={canvas}
        role="img"
        aria-label={isFace ? 'The sitter’s face' : 'The sitter’s figure'}
        data-state={state}
        data-testid="turntable"
        className="mx-auto block aspect-[2/3] w-full max-w-[260px] bg-base-300"
      />
      <figcaption className="mt-1 flex items-center gap-2">
        <button
          type="button"
          className="p-1.5"
          aria-pressed={turning}
          aria-label={turning ? 'Stop turning' : 'Let it turn'}
          onClick={() => setTurning((t) => !t)}
        >
          {turning ? <Pause size={16} aria-hidden /> : <Play size={16} aria-hidden />}
        </button>
        <input
          type="range"
          className="mark-slider"
          aria-label="Seen from"
          aria-valuetext={`${arcDeg}°`}
          min={-180}
          max={180}
          step={5}
          value={arcDeg}
          onChange={(e) => turnTo(Number(e.target.value))}
        />
        <button type="button" className="link-act shrink-0" onClick={() => setFace(!isFace)}>
          {isFace ? 'Whole' : 'Face'}
        </button>
      </figcaption>
    </figure>
  );
}
