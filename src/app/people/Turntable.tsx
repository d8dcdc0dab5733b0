'use client';

import { Pause, Play } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { bodyProfileSchema, type BodyProfile } from '@/core/body';
import { studio } from '@/workers/studioClient';

const STEP_DEG = 15;
const TURN_EVERY_MS = 220;

interface TurntableProps {
  profile: BodyProfile;
}

/** The sitter's figure, to be turned by hand, by keys or by itself; it follows the measures as they change. */
export function Turntable({ profile }: TurntableProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [arcDeg, setArcDeg] = useState(-30);
  const [turning, setTurning] = useState(false);
  const [state, setState] = useState<'waiting' | 'rough' | 'drawn'>('waiting');
  const wanted = useRef<{ key: string; arcDeg: number } | null>(null);
  const running = useRef(false);
  const key = JSON.stringify(profile);

  useEffect(() => {
    wanted.current = { key, arcDeg };
    if (running.current) return;
    running.current = true;
    void (async () => {
      let shown = '';
      // one picture at a time, and of those that wait only the newest: a rough figure at once, the fine one after it
      while (wanted.current) {
        const next: { key: string; arcDeg: number } = wanted.current;
        wanted.current = null;
        const said = bodyProfileSchema.safeParse(JSON.parse(next.key));
        if (!said.success) continue;
        const coarse = canvas.current?.dataset.profile !== next.key && shown !== next.key;
        const picture = await studio('backstage')
          .figure(said.data, next.arcDeg, coarse)
          .catch(() => null);
        // a body that cannot be drawn leaves the last picture
        if (!picture) continue;
        const { width, height, bytes } = picture;
        const target = canvas.current;
        if (!target) break;
        target.width = width;
        target.height = height;
        target.getContext('2d')!.putImageData(new ImageData(bytes, width, height), 0, 0);
        shown = next.key;
        if (coarse) wanted.current ??= next;
        else {
          target.dataset.arcDeg = String(next.arcDeg);
          target.dataset.profile = next.key;
        }
        setState(coarse ? 'rough' : 'drawn');
      }
      running.current = false;
    })();
  }, [key, arcDeg]);

  useEffect(() => {
    if (!turning) return;
    const timer = setInterval(() => setArcDeg((a) => ((a + STEP_DEG + 180) % 360) - 180), TURN_EVERY_MS);
    return () => clearInterval(timer);
  }, [turning]);

  return (
    <figure>
      <canvas
        ref={canvas}
        role="img"
        aria-label="The sitter’s figure"
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
          onChange={(e) => {
            setTurning(false);
            setArcDeg(Number(e.target.value));
          }}
        />
      </figcaption>
    </figure>
  );
}
