'use client';

import { useCallback } from 'react';
import type { BodyProfile } from '@/core/body';
import type { FigurePoints } from '@/core/figure';
import type { SoloShot } from '@/core/shot';
import type { Ground, Room } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import { usePoseStore } from '@/take/poseStore';
import { ExposurePart } from './ExposurePart';
import { FacesOfPicture, type NamedFace } from './FacesOfPicture';
import { FacesPart } from './FacesPart';
import { FaceOfLight } from './FaceOfLight';
import { LightGoalPart } from './LightGoalPart';
import { LightReadings } from './LightReadings';
import { BackgroundPart } from './BackgroundPart';
import { MeterPart, type HeldMeter } from './MeterPart';
import { useNewest } from '@/ui/pictures/useNewest';

interface LightPartProps {
  profile: BodyProfile;
  shot: SoloShot;
  room: Room;
  ground: Ground;
  /** The sitter as posed; null until that is known. */
  points: FigurePoints | null;
  /** All faces of a picture of several; one who is alone has a row imagined. */
  faces: readonly NamedFace[];
  meter: HeldMeter | null;
  onMeter(meter: HeldMeter | null): void;
}

/** What the light does to this sitter, and light by goal. */
export function LightPart(props: LightPartProps) {
  const { profile, shot, room, ground, points, faces, meter, onMeter } = props;
  const dragging = usePoseStore((s) => s.dragging);
  const ask = useCallback(() => studio('live').light(profile, shot, ground), [profile, shot, ground]);
  const { value, refused, busy } = useNewest(ask);
  const askBody = useCallback(
    () => studio('backstage').bodyLight(profile, shot, ground),
    [profile, shot, ground],
  );
  // a picture of the whole body is taken when nothing is being dragged
  const body = useNewest(dragging ? null : askBody);
  return (
    <div className="space-y-4" data-testid="light-part" data-busy={busy || body.busy}>
      <div className="flex flex-col gap-4 sm:flex-row">
        <FaceOfLight profile={profile} shot={shot} face={points?.nose} ground={ground} dragging={dragging} />
        <div className="min-w-0 flex-1">
          {refused && (
            <p role="alert" className="mb-2 text-error">
              {refused}
            </p>
          )}
          {value ? (
            <LightReadings light={shot.light} reading={value} body={body.value} />
          ) : (
            <p role="status" className="quiet">
              Reading the light on the face
            </p>
          )}
        </div>
      </div>
      <LightGoalPart profile={profile} shot={shot} room={room} />
      {value && points && (
        <BackgroundPart
          profile={profile}
          shot={shot}
          ground={ground}
          points={points}
          backgroundStops={value.backgroundStops}
        />
      )}
      {faces.length > 1 && <FacesOfPicture shot={shot} room={room} faces={faces} />}
      {points && faces.length < 2 && <FacesPart shot={shot} room={room} points={points} />}
      {value && points && (
        <MeterPart
          profile={profile}
          shot={shot}
          room={room}
          ground={ground}
          points={points}
          keyToFaceM={value.keyToFaceM}
          meter={meter}
          onMeter={onMeter}
        />
      )}
      {value && <ExposurePart shot={shot} keyToFaceM={value.keyToFaceM} />}
    </div>
  );
}
