'use client';

import { format } from 'date-fns';
import { Camera as CameraIcon } from 'lucide-react';
import { useState } from 'react';
import type { BodyProfile } from '@/core/body';
import { fullFrameEquivalentMm, SENSOR_FORMATS } from '@/core/camera';
import { withExif } from '@/core/formats';
import type { SoloShot } from '@/core/shot';
import type { Ground } from '@/core/scene';
import { USUAL_EXPOSURE } from '@/core/set';
import { download } from '@/ui/place/download';
import { studio } from '@/workers/studioClient';

interface FramePartProps {
  profile: BodyProfile;
  shot: SoloShot;
  ground: Ground;
  faceDistanceM: number;
}

/** Pixels of the frame against those of the measuring picture. */
const SCALE = 5;
const QUALITY = 0.92;

function jpegOf(canvas: HTMLCanvasElement): Promise<Uint8Array> {
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) =>
        blob
          ? void blob.arrayBuffer().then((buffer) => resolve(new Uint8Array(buffer)))
          : reject(new Error('the browser made no JPEG of this frame')),
      'image/jpeg',
      QUALITY,
    ),
  );
}

/** A stand-in for a tethered camera: what it sees from here as a JPEG that tells how it was taken. */
export function FramePart({ profile, shot, ground, faceDistanceM }: FramePartProps) {
  const [state, setState] = useState<'idle' | 'taking' | string>('idle');
  const take = async () => {
    setState('taking');
    try {
      const { width, height, bytes } = await studio('backstage').picture(profile, shot, SCALE, ground);
      const canvas = document.createElement('canvas');
      canvas.width = width;
      canvas.height = height;
      canvas.getContext('2d')!.putImageData(new ImageData(bytes, width, height), 0, 0);
      const { camera, pose, exposure = USUAL_EXPOSURE } = shot;
      const takenAt = new Date();
      const jpeg = withExif(await jpegOf(canvas), {
        description: pose.name,
        takenAt,
        focalLengthMm: camera.focalLengthMm,
        focalLengthIn35mm: fullFrameEquivalentMm(SENSOR_FORMATS[camera.sensor], camera.focalLengthMm),
        apertureF: camera.apertureF,
        shutterS: 1 / exposure.shutterParts,
        iso: exposure.iso,
        subjectDistanceM: faceDistanceM,
      });
      const name = pose.name.toLowerCase().replace(/[^\p{L}\d]+/gu, '-');
      download(`${name}-${format(takenAt, 'yyyyMMdd-HHmmss')}.jpg`, jpeg, 'image/jpeg');
      setState('idle');
    } catch (error) {
      setState((error as Error).message);
    }
  };
  return (
    <div className="mt-1">
      <button
        type="button"
        className="link-act flex items-center gap-1.5"
        disabled={state === 'taking'}
        onClick={() => void take()}
      >
        <CameraIcon size={15} aria-hidden /> Take a frame
      </button>
      {state !== 'idle' && state !== 'taking' && (
        <p role="alert" className="text-xs text-error">
          {state}
        </p>
      )}
    </div>
  );
}
