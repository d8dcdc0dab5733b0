'use client';

import { format } from 'date-fns';
import { viewOf } from '@/core/camera';
import type { FigurePoints } from '@/core/figure';
import {
  keyAt,
  keyOfKind,
  keyThrough,
  openingLight,
  placeFromWords,
  placeInWords,
  SOURCE_RANGES,
  type Light,
} from '@/core/light';
import type { SoloShot } from '@/core/shot';
import { openingsOf, sunAt, type Room, type Site } from '@/core/scene';
import { KeptField } from '@/ui/fields/KeptField';
import { usePoseStore } from '@/take/poseStore';

interface SunAsItStandsProps {
  light: Light;
  site: Site | undefined;
  time: Date;
}

/** The sun as it stands when the sitting begins, or why there is none. */
export function SunAsItStands({ light, site, time }: SunAsItStandsProps) {
  if (!site) return <p className="quiet text-xs">Say where the set is under room, and the sun is found.</p>;
  const sun = sunAt(site, time);
  if (sun.altitudeDeg < SOURCE_RANGES.altitudeDeg.min)
    return (
      <p role="status" className="text-xs text-error">
        The sun is below the horizon at {format(time, 'HH:mm')} ({sun.altitudeDeg.toFixed(1)}°): there is no
        light from it.
      </p>
    );
  return (
    <button
      type="button"
      className="link-act"
      onClick={() =>
        usePoseStore.getState().setLight({
          ...light,
          arcDeg: Math.round(sun.arcDeg),
          altitudeDeg: Math.round(sun.altitudeDeg * 2) / 2,
        })
      }
    >
      As the sun stands at {format(time, 'HH:mm')}
    </button>
  );
}

const FREE = 'free';

/** Which opening of the room the key is, or that it stands free. */
export function OpeningChoice({ light, room }: { light: Light; room: Room }) {
  const { setLight } = usePoseStore.getState();
  const openings = openingsOf(room).map((opening) => ({ opening, placed: openingLight(opening) }));
  const current = openings.findIndex(
    ({ placed }) =>
      placed && Object.entries(placed).every(([name, value]) => light[name as 'kind'] === value),
  );
  return (
    <label className="block min-w-0">
      <span className="block leading-tight">Which</span>
      <select
        className="mt-1 h-8 w-full border border-base-300 bg-base-100 px-2"
        value={current < 0 ? FREE : String(current)}
        onChange={(e) => {
          const placed = openings[Number(e.target.value)]?.placed;
          setLight(placed ? keyThrough(light, placed) : keyOfKind(light, 'window'));
        }}
      >
        <option value={FREE}>as set here</option>
        {openings.map(({ opening, placed }, i) => (
          <option key={i} value={i} disabled={!placed}>
            {opening.words || `opening ${i + 1}`}
            {!placed && ', out of range'}
          </option>
        ))}
      </select>
    </label>
  );
}

interface KeyInWordsProps {
  shot: SoloShot;
  points: FigurePoints;
  room: Room;
}

/** Where the key stands in a sentence that can be written anew. */
export function KeyInWords({ shot, points, room }: KeyInWordsProps) {
  const { light, camera } = shot;
  const lens = viewOf(camera).eye;
  const placed = (text: string) => keyAt(light, placeFromWords(text), points, lens, room);
  return (
    <KeptField
      label="key in words"
      rows={2}
      value={placeInWords(light, points, lens)}
      problem={(text) => {
        try {
          placed(text);
          return null;
        } catch (error) {
          return (error as Error).message;
        }
      }}
      onKeep={(text) => usePoseStore.getState().setLight(placed(text))}
    />
  );
}
