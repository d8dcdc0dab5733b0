'use client';

import type { Camera } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import {
  DETAILS,
  framed,
  FRAMING_WORDS,
  FRAMINGS,
  namedHeightsM,
  nearestFramings,
  settableHeightM,
  type Framing,
} from '@/core/set';
import { usePoseStore } from '@/take/poseStore';

interface FramingPartProps {
  camera: Camera;
  points: FigurePoints;
  framing: Framing;
  onFraming(framing: Framing): void;
  /** What the review says of where the frame cuts; null where it cuts well. */
  badCut: string | null;
}

const CHOICE =
  'min-h-8 border-b-2 border-transparent px-1.5 aria-pressed:border-accent aria-pressed:font-bold';

/** Framing and lens height by name, for the sitter as posed. */
export function FramingPart({ camera, points, framing, onFraming, badCut }: FramingPartProps) {
  const { setCamera, setCameraNumber } = usePoseStore.getState();
  const { less, more } = badCut === null ? {} : nearestFramings(camera, points);
  const choose = (name: Framing) => {
    onFraming(name);
    const next = framed(camera, points, name);
    if (next) setCamera(next);
  };
  const cannot = framed(camera, points, framing) === null;
  return (
    <section aria-label="Framing and height">
      <div role="group" aria-label="Framing" className="flex flex-wrap gap-x-1">
        {[...FRAMINGS, ...DETAILS].map((name) => (
          <button
            key={name}
            type="button"
            aria-pressed={framing === name}
            className={CHOICE}
            onClick={() => choose(name)}
          >
            {FRAMING_WORDS[name]}
          </button>
        ))}
      </div>
      {badCut !== null && (
        <p role="status" data-testid="bad-cut" className="text-[13px]">
          {badCut}.{' '}
          {(less ?? more) && (
            <>
              <span className="quiet">Nearest good cuts:</span>{' '}
              {[less, more].map(
                (name) =>
                  name && (
                    <button key={name} type="button" className="link-act mr-3" onClick={() => choose(name)}>
                      {FRAMING_WORDS[name]}, {name === less ? 'nearer' : 'farther'}
                    </button>
                  ),
              )}
            </>
          )}
        </p>
      )}
      {cannot && (
        <p role="status" className="text-xs text-error">
          {camera.focalLengthMm} mm takes in {FRAMING_WORDS[framing]} from nowhere within 20 m.
        </p>
      )}
      <div role="group" aria-label="Lens height" className="mt-1 flex flex-wrap gap-x-1">
        {namedHeightsM(points).map(({ words, heightM }) => {
          const held = settableHeightM(heightM);
          return (
            <button
              key={words}
              type="button"
              aria-pressed={Math.abs(camera.heightM - held) < 0.005}
              className={CHOICE}
              onClick={() => setCameraNumber('heightM', held)}
            >
              {words} <span className="quiet text-xs font-normal tabular-nums">{held.toFixed(2)}</span>
            </button>
          );
        })}
      </div>
    </section>
  );
}
