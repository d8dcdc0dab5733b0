import { viewOf, type Camera } from '@/core/camera';
import type { Room } from '@/core/scene';
import type { PlanScale } from './PlanView';

interface TapeProps extends PlanScale {
  /** Both ends on the floor: to camera right and ahead of the mark, metres. */
  from: [xM: number, zM: number];
  to: [xM: number, zM: number];
  /** Where its length is written, from its middle, in the drawing. */
  shift: [number, number];
}

const TEXT = 7;

/** A length on the plan as an assistant reads it off the tape. */
export function Tape({ from, to, shift, X, Y }: TapeProps) {
  const lengthM = Math.hypot(to[0] - from[0], to[1] - from[1]);
  return (
    <g>
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
        {lengthM.toFixed(2)} m
      </text>
    </g>
  );
}

interface RoomTapesProps extends PlanScale {
  room: Room;
  camera: Camera;
}

/** The mark from two walls, and the camera from the right one. */
export function RoomTapes({ room, camera, ...scaled }: RoomTapesProps) {
  const lens = viewOf(camera).eye;
  const right = room.widthM - room.markToLeftM;
  return (
    <>
      <Tape {...scaled} from={[0, 0]} to={[0, -room.markToBackM]} shift={[2, 2]} />
      <Tape {...scaled} from={[0, 0]} to={[-room.markToLeftM, 0]} shift={[-6, -2]} />
      <Tape {...scaled} from={[lens[0], lens[2]]} to={[right, lens[2]]} shift={[-2, 6]} />
    </>
  );
}
