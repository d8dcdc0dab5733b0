'use client';

import { viewOf } from '@/core/camera';
import { isSky, sourceCentre } from '@/core/light';
import type { Shot } from '@/core/picture';
import type { Room } from '@/core/scene';
import { PlanView } from '../take/PlanView';
import { Tape } from '../take/Tape';

interface SetPlanProps {
  shot: Shot;
  room: Room;
}

/** Plan of one set-up, to scale, with the lengths that mark, camera and key are taped by; stands by their numbers. */
export function SetPlan({ shot, room }: SetPlanProps) {
  const lens = viewOf(shot.camera).eye;
  const key = sourceCentre(shot.light);
  const right = room.widthM - room.markToLeftM;
  const isKeyStanding = !(shot.light.kind && isSky(shot.light.kind)) && shot.light.facesDeg === undefined;
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
            <Tape {...scale} from={[0, 0]} to={[0, -room.markToBackM]} shift={[2, 2]} />
            <Tape {...scale} from={[0, 0]} to={[-room.markToLeftM, 0]} shift={[-6, -2]} />
            <Tape {...scale} from={[lens[0], lens[2]]} to={[right, lens[2]]} shift={[-2, 6]} />
            {isKeyStanding && (
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
