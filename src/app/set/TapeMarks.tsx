import type { Camera } from '@/core/camera';
import { roomForCameraM } from '@/core/set';
import { radians } from '@/core/units';
import type { Room } from '@/core/scene';
import type { PlanScale } from '@/take/plan/planScale';
import { RoomTapes } from '@/take/plan/Tape';

interface TapeMarksProps extends PlanScale {
  room: Room;
  camera: Camera;
  /** Where the camera would stand for the framing with this lens, metres from the mark; null where there is no such place. */
  framedFromM: number | null;
}

/** Lengths as an assistant reads them off the tape, and the arc on which the camera can stand. */
export function TapeMarks({ room, camera, framedFromM, ...scaled }: TapeMarksProps) {
  const { X, Y } = scaled;
  const steps = Array.from({ length: 73 }, (_, i) => -180 + i * 5);
  const stands = framedFromM === null ? [] : steps.filter((deg) => roomForCameraM(room, deg) >= framedFromM);
  return (
    <g>
      {stands.map((deg) => (
        <circle
          key={deg}
          cx={X(Math.sin(radians(deg)) * framedFromM!)}
          cy={Y(Math.cos(radians(deg)) * framedFromM!)}
          r={1}
          fill="var(--color-secondary)"
        />
      ))}
      <RoomTapes {...scaled} room={room} camera={camera} />
    </g>
  );
}
