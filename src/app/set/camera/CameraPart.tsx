'use client';

import type { FigurePoints } from '@/core/figure';
import { roomForCameraM } from '@/core/set';
import type { SetAtWork } from '../useSetAtWork';
import { CameraGoalPart } from './CameraGoalPart';
import { FitsTable } from './FitsTable';
import { FormatsPart } from './FormatsPart';
import { FramingPart } from './FramingPart';
import { HoldPart } from './HoldPart';
import { KitPart } from './KitPart';
import { SharpTable } from './SharpTable';
import { SmallPicture } from './SmallPicture';

interface PosedProps {
  set: SetAtWork;
  points: FigurePoints;
}

/** Framing, the uses' formats, and the camera in the hand. */
function Framed({ set, points }: PosedProps) {
  const { camera, room, framing, setFraming, badCut, uses } = set;
  return (
    <>
      <FramingPart camera={camera} points={points} framing={framing} onFraming={setFraming} badCut={badCut} />
      <FormatsPart uses={uses} camera={camera} points={points} roomM={roomForCameraM(room, camera.arcDeg)} />
      <HoldPart camera={camera} points={points} faces={set.faces.map((f) => f.at)} />
    </>
  );
}

/** Which lens fits, the camera by goal, what is sharp, and the kit. */
function Lenses({ set, points }: PosedProps) {
  const { profile, shot, room, camera, ground, framing, lenses } = set;
  return (
    <div className="mt-3 space-y-4">
      <FitsTable room={room} camera={camera} points={points} framing={framing} lenses={lenses} />
      <CameraGoalPart profile={profile} shot={shot} room={room} framing={framing} lenses={lenses} />
      <SharpTable camera={camera} points={points} backgroundM={ground.backgroundM} />
      <KitPart lenses={lenses} />
    </div>
  );
}

/** What the lens takes in from where it stands. */
export function CameraPart({ set }: { set: SetAtWork }) {
  const { points } = set;
  return (
    <>
      <div className="flex gap-4">
        <SmallPicture set={set} />
        <div className="min-w-0 flex-1 space-y-2">{points && <Framed set={set} points={points} />}</div>
      </div>
      {points ? (
        <Lenses set={set} points={points} />
      ) : (
        <p role="status" className="quiet mt-4">
          Building the sitter
        </p>
      )}
    </>
  );
}
