'use client';

import { useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { FigurePoints } from '@/core/figure';
import { lightWithBackground } from '@/core/light';
import { backgroundAsDrawn, CLIPPED_STOPS, SILHOUETTE_APART_STOPS } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { usePoseStore } from '@/take/poseStore';
import { signedStops } from '@/ui/pictures/signedStops';

/** On the background against the face for a burnt-out one, stops (common practice). */
const HIGH_KEY_STOPS = 2;

interface BackgroundPartProps {
  profile: BodyProfile;
  shot: SoloShot;
  ground: Ground;
  points: FigurePoints;
  /** Light on the background against the face, stops. */
  backgroundStops: number;
}

function toneWords(stops: number): string {
  if (stops >= CLIPPED_STOPS) return 'burnt out';
  if (stops <= -4) return 'black';
  return `${signedStops(stops)} stops from the middle`;
}

/** How background and skin come out, and the ways to a burnt-out background and to a silhouette. */
export function BackgroundPart({ profile, shot, ground, points, backgroundStops }: BackgroundPartProps) {
  const { setLight, setCameraNumber } = usePoseStore.getState();
  const [told, setTold] = useState<string | null>(null);
  const { background, skin, silhouette } = backgroundAsDrawn(
    shot.light,
    points.nose,
    ground,
    profile.tones.skin,
    shot.camera.apertureF,
  );
  const highKey = () => {
    const light = lightWithBackground(shot.light, points.nose, ground.backgroundM, HIGH_KEY_STOPS);
    if (!light) {
      setTold(
        'No power in range of a lamp does it: bring a lamp nearer to the background, or the key away from it.',
      );
      return;
    }
    setLight(light);
    const lamp = light.others!.find((s) => s.aim === 'background')!;
    setTold(
      `The lamp on the background stands at ${signedStops(lamp.powerStops ?? 0)} stops against the key.`,
    );
  };
  return (
    <section aria-label="Background" className="space-y-1.5 text-[13px]">
      <h2 className="title text-lg">Background</h2>
      <p>
        It receives {signedStops(backgroundStops)} stops against the face and comes out{' '}
        <b>{toneWords(background)}</b>, the lit skin {toneWords(skin)}.
      </p>
      <p className="flex flex-wrap gap-x-4">
        <button type="button" className="link-act" onClick={highKey}>
          Burn it out: {HIGH_KEY_STOPS} stops over the face
        </button>
        {silhouette ? (
          <button
            type="button"
            className="link-act"
            onClick={() => {
              setCameraNumber('apertureF', silhouette.apertureF);
              setTold(
                `At f/${silhouette.apertureF} the background comes out a third of a stop over the middle and the lit skin ${toneWords(skin + silhouette.brighterStops)}; what is turned from the key goes darker.`,
              );
            }}
          >
            Near-silhouette: expose {Math.abs(silhouette.brighterStops).toFixed(1)} stops{' '}
            {silhouette.brighterStops < 0 ? 'less' : 'more'}, f/{silhouette.apertureF}
          </button>
        ) : (
          <span className="quiet">
            A silhouette asks for a background {SILHOUETTE_APART_STOPS} stops brighter than the skin.
          </span>
        )}
      </p>
      {told && <p role="status">{told}</p>}
    </section>
  );
}
