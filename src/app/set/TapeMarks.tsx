import { viewOf, type Camera } from '@/core/camera';
import { roomForCameraM } from '@/core/set';
import { radians } from '@/core/units';
import type { Room } from '@/core/scene';
import type { PlanScale } from '../take/PlanView';

interface TapeMarksProps extends PlanScale {
  room: Room;
  camera: Camera;
  /** Where the camera would stand for the framing with this lens, metres from the mark; null where there is no such place. */
  framedFromM: number | null;
}

const TEXT = 6;

/** Lengths as an assistant reads them off the tape, and the arc on which the camera can stand. */
export function TapeMarks({ room, camera, framedFromM, X, Y }: TapeMarksProps) {
  const lens = viewOf(camera).eye;
  const right = room.widthM - room.markToLeftM;
  const tape = (from: [number, number], to: [number, number], words: string, shift: [number, number]) => (
    <g key={words}>
      <line
        x1={X(from[0])}
        y1={Y(from[1])}
        x2={X(to[0])}
        y2={Y(to[1])}
        stroke="currentColor"
        strokeWidth={0.4}
        strokeDasharray="1.5 1.5"
      />
      <text
        x={(X(from[0]) + X(to[0])) / 2 + shift[0]}
        y={(Y(from[1]) + Y(to[1])) / 2 + shift[1]}
        fontSize={TEXT}
        fill="currentColor"
      >
        {words}
      </text>
    </g>
  );
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
      {tape([0, 0], [0, -room.markToBackM], `${room.markToBackM.toFixed(2)} m`, [2, 2])}
      {tape([0, 0], [-room.markToLeftM, 0], `${room.markToLeftM.toFixed(2)} m`, [-6, -2])}
      {tape([lens[0], lens[2]], [right, lens[2]], `${(right - lens[0]).toFixed(2)} m`, [-2, 6])}
    </g>
  );
}
