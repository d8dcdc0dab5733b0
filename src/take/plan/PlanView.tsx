'use client';

import { useId, useRef, type ReactNode } from 'react';
import { CAMERA_RANGES } from '@/core/camera';
import { KEY_RANGES } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { degrees } from '@/core/units';
import type { ShotReport } from '@/workers/shotReport';
import { CAMERA_ID, dragOnDrawing, DRAWING_WIDTH, steppedWithin, type TakeHold } from '../dragOnDrawing';
import { usePoseStore } from '../poseStore';
import { CameraOnPlan, RaysOnPlan } from './CameraOnPlan';
import { DistancesOnPlan } from './DistancesOnPlan';
import { LightsOnPlan } from './LightsOnPlan';
import { OnFloor } from './OnFloor';
import { planOf, type PlanScale } from './planScale';
import { RoomOnPlan } from './RoomOnPlan';

interface PlanProps {
  shot: SoloShot;
  room: Room;
  report: ShotReport | null;
  /** Height of the words in the drawing; it is 200 wide. */
  textSize?: number;
  className?: string;
  /** More to draw over the floor, given what turns metres of the set into the drawing. */
  overlay?(scale: PlanScale): ReactNode;
}

/** A hand drags finer than the arrow keys step. */
const ARC_STEP_DEG = 1;
const CAMERA_STEP_M = 0.05;

/** Puts camera or source where the pointer is, to camera right and ahead of the mark, metres. */
function placeAt(id: string, xM: number, zM: number): void {
  const { take, setCamera, moveSource } = usePoseStore.getState();
  const { arcDeg, distanceM } =
    id === CAMERA_ID
      ? { ...CAMERA_RANGES, distanceM: { ...CAMERA_RANGES.distanceM, step: CAMERA_STEP_M } }
      : KEY_RANGES;
  const place = {
    arcDeg: steppedWithin(degrees(Math.atan2(xM, zM)), { ...arcDeg, step: ARC_STEP_DEG }),
    distanceM: steppedWithin(Math.hypot(xM, zM), distanceM),
  };
  if (id === CAMERA_ID) setCamera({ ...take!.shot.camera, ...place });
  else moveSource(id, place);
}

/** Floor plan with tape marks: the camera and the lights can be dragged round the sitter's mark. */
export function PlanView({
  shot,
  room,
  report,
  textSize = 10,
  className = 'max-h-[250px]',
  overlay,
}: PlanProps) {
  const svg = useRef<SVGSVGElement>(null);
  const clipId = useId();
  const plan = planOf(room, textSize);
  const takeHold: TakeHold = (id) => (event) =>
    dragOnDrawing(event, svg, id, (x, y) => {
      const { xM, zM } = plan.toSetM(x, y);
      placeAt(id, xM, zM);
    });
  return (
    <figure className="shrink-0">
      <figcaption className="quiet text-xs">plan</figcaption>
      <svg
        ref={svg}
        viewBox={`0 0 ${DRAWING_WIDTH} ${plan.height}`}
        className={`${className} w-full touch-none`}
        role="group"
        aria-label="Floor plan"
      >
        <RoomOnPlan plan={plan} clipId={clipId} />
        <RaysOnPlan plan={plan} shot={shot} clipId={clipId} />
        {overlay?.(plan)}
        <OnFloor plan={plan} shot={shot} report={report} />
        <LightsOnPlan plan={plan} light={shot.light} takeHold={takeHold} />
        <CameraOnPlan plan={plan} shot={shot} takeHold={takeHold} />
        <DistancesOnPlan plan={plan} shot={shot} />
      </svg>
    </figure>
  );
}
