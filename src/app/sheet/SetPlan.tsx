'use client';

import { canBeMoved, sourceCentre } from '@/core/light';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { PlanView } from '@/take/plan/PlanView';
import { RoomTapes, Tape } from '@/take/plan/Tape';

interface SetPlanProps {
  shot: SoloShot;
  room: Room;
}

/** Plan of one set-up, to scale, with the lengths that mark, camera and key are taped by; stands by their numbers. */
export function SetPlan({ shot, room }: SetPlanProps) {
  const key = sourceCentre(shot.light);
  const right = room.widthM - room.markToLeftM;
  return (
    <div
      className="pointer-events-none mb-2 [&_figcaption]:hidden w-[78mm] max-w-full sm:float-right sm:ml-4"
      data-testid="set-plan"
    >
      <PlanView
        shot={shot}
        room={room}
        report={null}
        textSize={8}
        className="max-h-[112mm]"
        overlay={(scale) => (
          <g>
            <RoomTapes {...scale} room={room} camera={shot.camera} />
            {canBeMoved(shot.light) && (
              <Tape
                {...scale}
                from={[key[0], key[2]]}
                to={[key[0] >= 0 ? right : -room.markToLeftM, key[2]]}
                shift={[-6, -2]}
              />
            )}
            {(shot.light.others ?? []).map((source, i) => {
              const [x, , z] = sourceCentre(source);
              return (
                <text
                  key={source.id}
                  x={scale.X(x) + 6}
                  y={scale.Y(z) - 4}
                  fontSize={9}
                  fontWeight={700}
                  fill="currentColor"
                >
                  {i + 2}
                </text>
              );
            })}
          </g>
        )}
      />
    </div>
  );
}
