import { exposureValueOfLux, flashApertureF, flashOffStops, steadyOffStops, type Exposure } from '@/core/set';

/** Closer to right than half of the third of a stop that cameras step by is right, stops. */
export const RIGHT_STOPS = 0.17;

function offWords(stops: number): string {
  if (Math.abs(stops) < RIGHT_STOPS) return 'right';
  return `${Math.abs(stops).toFixed(1)} stops too ${stops > 0 ? 'bright' : 'dark'}`;
}

interface MeteredProps {
  exposure: Exposure;
  apertureF: number;
  /** From the key to the face, metres. */
  keyToFaceM: number;
}

/** What steady light and flash come to with these settings. */
export function Metered({ exposure, apertureF, keyToFaceM }: MeteredProps) {
  const { flash, lux, iso, shutterParts } = exposure;
  const steady = lux === undefined ? null : steadyOffStops(apertureF, exposure, lux);
  const flashed = flash ? flashOffStops(apertureF, iso, flash, keyToFaceM) : null;
  return (
    <>
      {lux !== undefined && steady !== null && (
        <p>
          Steady light: EV {exposureValueOfLux(lux).toFixed(1)} at ISO 100, <b>{offWords(steady)}</b> at f/
          {apertureF}.
        </p>
      )}
      {flash && flashed !== null && (
        <p>
          Flash {keyToFaceM.toFixed(2)} m from the face:{' '}
          <b>f/{flashApertureF(flash, keyToFaceM, iso).toFixed(1)}</b>, {offWords(flashed)} at f/{apertureF}
          {steady !== null && `; the steady light lies ${(flashed - steady).toFixed(1)} stops under it`}.
        </p>
      )}
      {flash && shutterParts > flash.syncParts && (
        <p className="text-error">
          1/{shutterParts} s is faster than this camera’s 1/{flash.syncParts} s with flash: part of the
          picture stays dark.
        </p>
      )}
    </>
  );
}
