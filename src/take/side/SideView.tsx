'use client';

import { useRef } from 'react';
import { CAMERA_RANGES } from '@/core/camera';
import { KEY_RANGES } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import type { ShotReport } from '@/workers/shotReport';
import { CAMERA_ID, dragOnDrawing, DRAWING_WIDTH, steppedWithin, type TakeHold } from '../dragOnDrawing';
import { usePoseStore } from '../poseStore';
import { CameraFromSide } from './CameraFromSide';
import { LightsFromSide } from './LightsFromSide';
import { ELEVATION_HEIGHT, elevationOf } from './elevation';
import { FrameFromSide, SitterFromSide } from './SitterFromSide';

interface SideViewProps {
  shot: SoloShot;
  report: ShotReport | null;
  /** Height of the words in the drawing; it is 200 wide. */
  textSize?: number;
}

/** A hand drags finer than the arrow keys step. */
const HEIGHT_STEP_M = 0.01;

/** Puts camera or source at a height over the floor, metres. */
function putAtHeight(id: string, heightM: number): void {
  const { setCameraNumber, moveSource } = usePoseStore.getState();
  const range = (id === CAMERA_ID ? CAMERA_RANGES : KEY_RANGES).heightM;
  const stepped = steppedWithin(heightM, { ...range, step: HEIGHT_STEP_M });
  if (id === CAMERA_ID) setCameraNumber('heightM', stepped);
  else moveSource(id, { heightM: stepped });
}

/**
 * The set from the side of the lens axis: lens height and what the frame takes in, and how high the lights stand.
 * Camera and lights drag up and down.
 */
export function SideView({ shot, report, textSize = 10 }: SideViewProps) {
  const svg = useRef<SVGSVGElement>(null);
  const elevation = elevationOf(shot, report, textSize);
  const takeHold: TakeHold = (id) => (event) =>
    dragOnDrawing(event, svg, id, (_, y) => putAtHeight(id, elevation.toHeightM(y)));
  return (
    <figure>
      <figcaption className="quiet text-xs">side</figcaption>
      <svg
        ref={svg}
        viewBox={`0 0 ${DRAWING_WIDTH} ${ELEVATION_HEIGHT}`}
        className="w-full touch-none"
        role="group"
        aria-label="Side view"
      >
        <SitterFromSide elevation={elevation} />
        <FrameFromSide elevation={elevation} camera={shot.camera} />
        <LightsFromSide elevation={elevation} light={shot.light} takeHold={takeHold} />
        <CameraFromSide elevation={elevation} camera={shot.camera} takeHold={takeHold} />
      </svg>
    </figure>
  );
}
