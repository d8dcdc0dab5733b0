'use client';

import type { Sitter } from '@/core/people';
import type { WholeSitting } from '@/data';
import type { Take } from '@/core/sitting';
import { TakePlace } from '@/take/TakePlace';
import { CameraPart } from './camera/CameraPart';
import { Drawings } from './Drawings';
import { LightPart } from './light/LightPart';
import { SettingsSide } from './SettingsSide';
import { useSetAtWork } from './useSetAtWork';

interface SetRoomProps {
  whole: WholeSitting;
  take: Take;
  sitter: Sitter;
}

function SetRoom({ whole, take, sitter }: SetRoomProps) {
  const set = useSetAtWork(whole, take, sitter);
  const { profile, shot, room, ground, points, meter, setMeter } = set;
  return (
    <main
      className="mx-auto grid w-full max-w-[1480px] flex-1 gap-5 px-4 py-3 md:grid-cols-2 lg:grid-cols-[236px_360px_1fr]"
      data-testid="set"
      data-busy={set.busy}
      data-recomputes={set.recomputes}
    >
      <h1 className="sr-only">Set: {shot.pose.name}</h1>
      <SettingsSide set={set} />
      <Drawings set={set} />
      <div className="min-w-0 md:col-span-2 lg:col-span-1">
        {set.refused && (
          <p role="alert" className="mb-2 text-error">
            {set.refused}
          </p>
        )}
        {set.part === 'light' ? (
          <LightPart {...{ profile, shot, room, ground, points, meter }} onMeter={setMeter} />
        ) : (
          <CameraPart set={set} />
        )}
      </div>
    </main>
  );
}

/** The set: the room, where camera and light stand in it, which lens fits, and what is sharp. */
export function SetPlace() {
  return (
    <TakePlace path="/set" className="flex min-h-place flex-col">
      {(whole, take, sitter) => <SetRoom whole={whole} take={take} sitter={sitter} />}
    </TakePlace>
  );
}
