'use client';

import {
  isSky,
  KEY_NUMBERS,
  KEY_RANGES,
  SOURCE_RANGES,
  USUAL_ALTITUDE_DEG,
  type KeyNumber,
  type Light,
} from '@/core/light';
import type { SoloShot } from '@/core/shot';
import { NumberSlider } from '@/ui/fields/NumberSlider';
import { usePoseStore } from '../poseStore';

/** What shines from the sky has a bearing and a height, and no stand. */
const SKY_NUMBERS: readonly KeyNumber[] = ['arcDeg', 'ambientShare'];

function KeyNumberSlider({ light, name }: { light: Light; name: KeyNumber }) {
  const { setLightNumber, setDragging } = usePoseStore.getState();
  const { words, min, max, step, unit } = KEY_RANGES[name];
  const isShare = name === 'ambientShare';
  return (
    <NumberSlider
      label={words}
      {...{ min, max, step }}
      value={light[name]}
      unit={isShare ? '%' : unit}
      shown={isShare ? 100 : 1}
      onChange={(v) => setLightNumber(name, v)}
      onDrag={setDragging}
    />
  );
}

/** Everything that the key of a picture is set by. */
export function LightControls({ shot: { light } }: { shot: SoloShot }) {
  const { setLight, setDragging } = usePoseStore.getState();
  const { altitudeDeg } = SOURCE_RANGES;
  return (
    <>
      {(isSky(light.kind) ? SKY_NUMBERS : KEY_NUMBERS).map((name) => (
        <KeyNumberSlider key={name} light={light} name={name} />
      ))}
      {isSky(light.kind) && (
        <NumberSlider
          label={altitudeDeg.words}
          {...altitudeDeg}
          value={light.altitudeDeg ?? USUAL_ALTITUDE_DEG}
          onChange={(v) => setLight({ ...light, altitudeDeg: v })}
          onDrag={setDragging}
        />
      )}
    </>
  );
}
