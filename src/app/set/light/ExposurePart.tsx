'use client';

import { exposureOffStops, USUAL_EXPOSURE, waysToBeRight, type Exposure } from '@/core/set';
import type { SoloShot } from '@/core/shot';
import { usePoseStore } from '@/take/poseStore';
import { ExposureFields } from './ExposureFields';
import { Metered, RIGHT_STOPS } from './Metered';

interface ExposurePartProps {
  shot: SoloShot;
  /** From the key to the face, metres. */
  keyToFaceM: number;
}

/** Shows every picture of the sitter as aperture, shutter and ISO give it. */
function ShowSo() {
  const isShown = usePoseStore((s) => s.shownExposure === 'as set');
  const { setShownExposure } = usePoseStore.getState();
  return (
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
  );
}

interface WaysProps {
  ways: ReturnType<typeof waysToBeRight>;
  exposure: Exposure;
  onChange(part: Partial<Exposure>): void;
}

/** One number each that would make the exposure right. */
function Ways({ ways, exposure, onChange }: WaysProps) {
  const { setCameraNumber } = usePoseStore.getState();
  const { apertureF, shutterParts, iso } = ways;
  const offered: [words: string, take: () => void][] = [
    [`f/${apertureF}`, () => setCameraNumber('apertureF', apertureF)],
    // the shutter changes nothing of what a flash gives
    ...(exposure.flash
      ? []
      : ([[`1/${shutterParts} s`, () => onChange({ shutterParts })]] as [string, () => void][])),
    [`ISO ${iso}`, () => onChange({ iso })],
  ];
  return (
    <p className="flex flex-wrap gap-x-4">
      <span className="quiet">Right with</span>
      {offered.map(([words, take]) => (
        <button key={words} type="button" className="link-act" onClick={take}>
          {words}
        </button>
      ))}
    </p>
  );
}

/** Aperture, shutter and sensitivity against what the meter or the flash gives. */
export function ExposurePart({ shot, keyToFaceM }: ExposurePartProps) {
  const { setExposure } = usePoseStore.getState();
  const exposure = shot.exposure ?? USUAL_EXPOSURE;
  const { apertureF } = shot.camera;
  const change = (part: Partial<Exposure>) => setExposure({ ...exposure, ...part });
  const off = exposureOffStops(apertureF, exposure, keyToFaceM);
  const isRight = off === null || Math.abs(off) < RIGHT_STOPS;
  return (
    <section aria-label="Exposure" className="space-y-2 text-[13px]">
      <h2 className="title text-lg">Exposure</h2>
      <ExposureFields exposure={exposure} onChange={change} onSet={setExposure} />
      <div role="status">
        <Metered exposure={exposure} apertureF={apertureF} keyToFaceM={keyToFaceM} />
        {off === null ? (
          <p className="quiet">Type what the meter says, or the flash’s guide number.</p>
        ) : (
          <ShowSo />
        )}
      </div>
      {!isRight && (
        <Ways ways={waysToBeRight(apertureF, exposure, off)} exposure={exposure} onChange={change} />
      )}
    </section>
  );
}
