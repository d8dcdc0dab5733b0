'use client';

import {
  EXPOSURE_RANGES,
  exposureOffStops,
  exposureValueOfLux,
  flashApertureF,
  flashOffStops,
  ISOS,
  SHUTTER_PARTS,
  steadyOffStops,
  USUAL_EXPOSURE,
  waysToBeRight,
  type Exposure,
} from '@/core/set';
import type { Shot } from '@/core/picture';
import { NumberField } from '@/ui/NumberField';
import { usePoseStore } from '@/take/poseStore';

interface ExposurePartProps {
  shot: Shot;
  /** From the key to the face, metres. */
  keyToFaceM: number;
}

const SELECT = 'mt-1 h-8 w-full border border-base-300 bg-base-100 px-2';
const USUAL_FLASH = { guideNumberM: 40, flashParts: 1, syncParts: 200 };

function offWords(stops: number): string {
  if (Math.abs(stops) < 0.17) return 'right';
  return `${Math.abs(stops).toFixed(1)} stops too ${stops > 0 ? 'bright' : 'dark'}`;
}

/** Aperture, shutter and sensitivity against what the meter or the flash gives. */
export function ExposurePart({ shot, keyToFaceM }: ExposurePartProps) {
  const { setCameraNumber, setExposure, setShownExposure } = usePoseStore.getState();
  const isShown = usePoseStore((s) => s.shownExposure === 'as set');
  const exposure = shot.exposure ?? USUAL_EXPOSURE;
  const { apertureF } = shot.camera;
  const { flash, lux } = exposure;
  const change = (part: Partial<Exposure>) => setExposure({ ...exposure, ...part });
  const without = (name: 'lux' | 'flash') => {
    const { [name]: _, ...rest } = exposure;
    setExposure(rest);
  };
  const steady = lux === undefined ? null : steadyOffStops(apertureF, exposure, lux);
  const flashed = flash ? flashOffStops(apertureF, exposure.iso, flash, keyToFaceM) : null;
  const off = exposureOffStops(apertureF, exposure, keyToFaceM);
  const ways = off === null || Math.abs(off) < 0.17 ? null : waysToBeRight(apertureF, exposure, off);
  const isTooFast = flash !== undefined && exposure.shutterParts > flash.syncParts;
  return (
    <section aria-label="Exposure" className="space-y-2 text-[13px]">
      <h2 className="title text-lg">Exposure</h2>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <label>
          <span className="quiet block text-xs">shutter</span>
          <select
            className={SELECT}
            value={exposure.shutterParts}
            onChange={(e) => change({ shutterParts: Number(e.target.value) })}
          >
            {SHUTTER_PARTS.map((part) => (
              <option key={part} value={part}>
                1/{part} s
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="quiet block text-xs">ISO</span>
          <select
            className={SELECT}
            value={exposure.iso}
            onChange={(e) => change({ iso: Number(e.target.value) })}
          >
            {ISOS.map((iso) => (
              <option key={iso} value={iso}>
                {iso}
              </option>
            ))}
          </select>
        </label>
        <NumberField
          label="steady light, lx"
          value={lux}
          {...EXPOSURE_RANGES.lux}
          onChange={(value) => (value === undefined ? without('lux') : change({ lux: value }))}
        />
        <NumberField
          label="flash, guide number, m"
          value={flash?.guideNumberM}
          {...EXPOSURE_RANGES.guideNumberM}
          onChange={(value) =>
            value === undefined
              ? without('flash')
              : change({ flash: { ...(flash ?? USUAL_FLASH), guideNumberM: value } })
          }
        />
        {flash && (
          <>
            <NumberField
              label="flash at one part of"
              value={flash.flashParts}
              {...EXPOSURE_RANGES.flashParts}
              onChange={(value) => change({ flash: { ...flash, flashParts: value ?? 1 } })}
            />
            <NumberField
              label="fastest with flash, 1/s"
              value={flash.syncParts}
              {...EXPOSURE_RANGES.syncParts}
              onChange={(value) => change({ flash: { ...flash, syncParts: value ?? USUAL_FLASH.syncParts } })}
            />
          </>
        )}
      </div>
      <div role="status">
        {lux !== undefined && (
          <p>
            Steady light: EV {exposureValueOfLux(lux).toFixed(1)} at ISO 100, <b>{offWords(steady!)}</b> at f/
            {apertureF}.
          </p>
        )}
        {flash && (
          <p>
            Flash {keyToFaceM.toFixed(2)} m from the face:{' '}
            <b>f/{flashApertureF(flash, keyToFaceM, exposure.iso).toFixed(1)}</b>, {offWords(flashed!)} at f/
            {apertureF}
            {steady !== null && `; the steady light lies ${(flashed! - steady).toFixed(1)} stops under it`}.
          </p>
        )}
        {isTooFast && (
          <p className="text-error">
            1/{exposure.shutterParts} s is faster than this camera’s 1/{flash.syncParts} s with flash: part of
            the picture stays dark.
          </p>
        )}
        {off !== null && (
          <p>
            <button
              type="button"
              className="link-act aria-pressed:underline"
              aria-pressed={isShown}
              title="Shows the face here, and the sitter in Pose, as aperture, shutter and ISO give them"
              onClick={() => setShownExposure(isShown ? 0 : 'as set')}
            >
              Show pictures so
            </button>
          </p>
        )}
        {off === null && <p className="quiet">Type what the meter says, or the flash’s guide number.</p>}
      </div>
      {ways && (
        <p className="flex flex-wrap gap-x-4">
          <span className="quiet">Right with</span>
          <button
            type="button"
            className="link-act"
            onClick={() => setCameraNumber('apertureF', ways.apertureF)}
          >
            f/{ways.apertureF}
          </button>
          {flash === undefined && (
            <button
              type="button"
              className="link-act"
              onClick={() => change({ shutterParts: ways.shutterParts })}
            >
              1/{ways.shutterParts} s
            </button>
          )}
          <button type="button" className="link-act" onClick={() => change({ iso: ways.iso })}>
            ISO {ways.iso}
          </button>
        </p>
      )}
    </section>
  );
}
