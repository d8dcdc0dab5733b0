import { viewOf, type Camera } from '@/core/camera';
import type { Room } from '@/core/scene';
import type { PlanScale } from './planScale';

interface TapeProps extends PlanScale {
  /** Both ends on the floor: to camera right and ahead of the mark, metres. */
  from: [xM: number, zM: number];
  to: [xM: number, zM: number];
  /** Where its length is written, from its middle, in the drawing. */
  shift: [number, number];
}

const TEXT = 7;
/** Half the stroke across either end of a tape, in the drawing. */
const TICK = 1.6;

/** A length on the plan as an assistant reads it off the tape. */
export function Tape({ from, to, shift, X, Y }: TapeProps) {
  const lengthM = Math.hypot(to[0] - from[0], to[1] - from[1]);
  const [x1, y1, x2, y2] = [X(from[0]), Y(from[1]), X(to[0]), Y(to[1])];
  const drawnLength = Math.hypot(x2 - x1, y2 - y1);
  const across = [((y1 - y2) / drawnLength) * TICK, ((x2 - x1) / drawnLength) * TICK] as const;
  return (
    <g>
      <g stroke="currentColor" strokeWidth={0.4}>
        <line x1={x1} y1={y1} x2={x2} y2={y2} />
        {lengthM > 0 &&
          [
            [x1, y1],
            [x2, y2],
          ].map(([x, y], i) => (
            <line key={i} x1={x! - across[0]} y1={y! - across[1]} x2={x! + across[0]} y2={y! + across[1]} />
          ))}
      </g>
      <text x={(x1 + x2) / 2 + shift[0]} y={(y1 + y2) / 2 + shift[1]} fontSize={TEXT} fill="currentColor">
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
