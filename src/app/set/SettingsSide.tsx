'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { CameraControls } from '@/take/controls/CameraControls';
import { Marks } from '@/take/Marks';
import { PeopleOfTake } from '@/take/people/PeopleOfTake';
import { ChangedElsewhere } from '@/take/ChangedElsewhere';
import { savedWords, useAutosave } from '@/take/useAutosave';
import { GroupSettings } from './group/GroupSettings';
import { SourcesPart } from './light/SourcesPart';
import { RoomPart } from './room/RoomPart';
import { SunPart } from './room/SunPart';
import { PARTS, type Part, type SetAtWork } from './useSetAtWork';

/** What each part of the set is set by. */
const SETTINGS: Record<Part, (set: SetAtWork) => ReactNode> = {
  camera: ({ shot }) => <CameraControls shot={shot} />,
  light: ({ shot, room, points, time }) => (
    <SourcesPart shot={shot} room={room} points={points} time={time} />
  ),
  group: ({ group }) => <GroupSettings group={group} />,
  room: ({ room, time, camera, failed, changeRoom }) => (
    <>
      <RoomPart room={room} failed={failed} onChange={changeRoom} />
      <SunPart room={room} time={time} cameraArcDeg={camera.arcDeg} onChange={changeRoom} />
    </>
  ),
};

function PartsBar({ part, setPart, group }: Pick<SetAtWork, 'part' | 'setPart' | 'group'>) {
  return (
    <div role="group" aria-label="Settings of the set" className="rule-b mb-2 flex gap-1">
      {PARTS.filter((name) => name !== 'group' || group.isGroup).map((name) => (
        <button
          key={name}
          type="button"
          aria-pressed={part === name}
          className="border-b-3 border-transparent px-2.5 py-1.5 aria-pressed:border-accent aria-pressed:font-bold"
          onClick={() => setPart(name)}
        >
          {name}
        </button>
      ))}
    </div>
  );
}

/** The settings of the open part, whether they are kept, and the numbers an assistant sets up by. */
export function SettingsSide({ set }: { set: SetAtWork }) {
  const saved = useAutosave();
  return (
    <div className="min-w-0">
      <PartsBar {...set} />
      <div className="space-y-2.5">{SETTINGS[set.part](set)}</div>
      <p role="status" className={saved.kind === 'failed' ? 'mt-2 text-xs text-error' : 'quiet mt-2 text-xs'}>
        {savedWords(saved)}
      </p>
      <PeopleOfTake whole={set.whole} take={set.take} />
      <ChangedElsewhere take={set.take} />
      <p className="mt-2">
        <Link className="link-act" href={`/sheet?sitting=${set.sitting.id}&for=set`}>
          Set sheet
        </Link>
      </p>
      <div className="mt-3">
        <Marks shot={set.shot} />
      </div>
    </div>
  );
}
