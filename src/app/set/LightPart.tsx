'use client';

import { useCallback, useMemo } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Shot } from '@/core/picture';
import { groundOf, type Room } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import { usePoseStore } from '../take/poseStore';
import { ExposurePart } from './ExposurePart';
import { FaceOfLight } from './FaceOfLight';
import { LightGoalPart } from './LightGoalPart';
import { LightReadings } from './LightReadings';
import { useNewest } from '../take/useNewest';

interface LightPartProps {
  profile: BodyProfile;
  shot: Shot;
  room: Room;
}

/** What the light does to this sitter, and light by goal. */
export function LightPart({ profile, shot, room }: LightPartProps) {
  const dragging = usePoseStore((s) => s.dragging);
  const ground = useMemo(() => groundOf(room), [room]);
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
        <FaceOfLight profile={profile} shot={shot} ground={ground} dragging={dragging} />
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
      {value && <ExposurePart shot={shot} keyToFaceM={value.keyToFaceM} />}
    </div>
  );
}
