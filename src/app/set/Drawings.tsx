'use client';

import { viewOf } from '@/core/camera';
import { PlanView } from '@/take/plan/PlanView';
import type { PlanScale } from '@/take/plan/planScale';
import { SideView } from '@/take/side/SideView';
import { MeterMark } from './light/MeterMark';
import { heldMeter } from './light/MeterPart';
import { SunMarks } from './room/SunPart';
import { TapeMarks } from './TapeMarks';
import type { SetAtWork } from './useSetAtWork';

const WORDS = 6.5;

interface OverPlanProps {
  set: SetAtWork;
  scale: PlanScale;
}

/** Sun, meter and tapes, drawn over the plan. */
function OverPlan({ set, scale }: OverPlanProps) {
  const { room, time, camera, meter, setMeter, points, ground, part, framedFromM } = set;
  return (
    <>
      {room.site && (
        <SunMarks {...scale} site={room.site} time={time} radiusM={Math.min(room.widthM, room.depthM) / 2} />
      )}
      {meter && points && part === 'light' && (
        <MeterMark
          {...scale}
          at={heldMeter(meter, points, viewOf(camera).eye, ground).at}
          onMove={(at) => setMeter({ ...meter, at })}
        />
      )}
      <TapeMarks {...scale} room={room} camera={camera} framedFromM={framedFromM} />
    </>
  );
}

/** The set from above and from the side. */
export function Drawings({ set }: { set: SetAtWork }) {
  const { shot, room, report } = set;
  return (
    <div className="min-w-0">
      <PlanView
        shot={shot}
        room={room}
        report={report}
        textSize={WORDS}
        className="max-h-[430px]"
        overlay={(scale) => <OverPlan set={set} scale={scale} />}
      />
      <SideView shot={shot} report={report} textSize={WORDS} />
    </div>
  );
}
