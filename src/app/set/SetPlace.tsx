'use client';

import type { ReactNode } from 'react';
import { TakePlace, type TakeAtWork } from '@/take/TakePlace';
import { CameraPart } from './camera/CameraPart';
import { Drawings } from './Drawings';
import { LightPart } from './light/LightPart';
import { SettingsSide } from './SettingsSide';
import { GroupPicture } from './group/GroupPicture';
import { GroupPart } from './group/GroupPart';
import { useSetAtWork, type Part, type SetAtWork } from './useSetAtWork';

const camera = (set: SetAtWork) => <CameraPart set={set} />;

/** What is shown beside the settings of each part. */
const SHOWN: Record<Part, (set: SetAtWork) => ReactNode> = {
  camera,
  light: ({ profile, shot, room, ground, points, faces, meter, setMeter }) => (
    <LightPart {...{ profile, shot, room, ground, points, faces, meter }} onMeter={setMeter} />
  ),
  room: camera,
  group: (set) => <GroupPart group={set.group} picture={<GroupPicture {...set} />} />,
};

function SetRoom({ whole, take, sitter }: TakeAtWork) {
  const set = useSetAtWork(whole, take, sitter);
  return (
    <main
      className="mx-auto grid w-full max-w-[1480px] flex-1 gap-5 px-4 py-3 md:grid-cols-2 lg:grid-cols-[236px_360px_1fr]"
      data-testid="set"
      data-busy={set.busy}
      data-recomputes={set.recomputes}
    >
      <h1 className="sr-only">Set: {set.shot.pose.name}</h1>
      <SettingsSide set={set} />
      <Drawings set={set} />
      <div className="min-w-0 md:col-span-2 lg:col-span-1">
        {set.refused && (
          <p role="alert" className="mb-2 text-error">
            {set.refused}
          </p>
        )}
        {SHOWN[set.part](set)}
      </div>
    </main>
  );
}

/** The set: the room, where camera and light stand in it, which lens fits, and what is sharp. */
export function SetPlace() {
  return (
    <TakePlace path="/set" className="flex min-h-place flex-col">
      {(atWork) => <SetRoom {...atWork} />}
    </TakePlace>
  );
}
