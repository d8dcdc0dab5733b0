'use client';

import { useState } from 'react';
import { CAMERA_GOALS, type CameraGoal, type CameraProposal } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { FRAMING_WORDS, lensWords, type Framing, type Lens } from '@/core/set';
import { studio } from '@/workers/studioClient';
import { Choice } from '@/ui/fields/Choice';
import { usePoseStore } from '@/take/poseStore';
import { useSearch } from '../useSearch';

interface CameraGoalPartProps {
  profile: BodyProfile;
  shot: SoloShot;
  room: Room;
  framing: Framing;
  lenses: readonly Lens[];
}

const part = (name: string) => name.replace(':', ' ');
const percent = (share: number) => `${Math.round(share * 100)} %`;

/** What a proposal changes, before and after. */
function rowsOf({ before, after }: CameraProposal): [string, string, string][] {
  const eyes = (deg: number) => `${Math.abs(Math.round(deg))}° ${deg >= 0 ? 'above' : 'below'}`;
  return [
    ['face from the lens', `${before.faceDistanceM.toFixed(1)} m`, `${after.faceDistanceM.toFixed(1)} m`],
    ['lens against the eyes', eyes(before.aboveEyesDeg), eyes(after.aboveEyesDeg)],
    ['legs of the figure', percent(before.legShare), percent(after.legShare)],
    [
      'drawn largest',
      `${part(before.largest.part)} ${before.largest.enlargement.toFixed(2)} ×`,
      `${part(after.largest.part)} ${after.largest.enlargement.toFixed(2)} ×`,
    ],
    ['nose against ears', `+${percent(before.noseAgainstEars)}`, `+${percent(after.noseAgainstEars)}`],
  ];
}

/** Lens, distance and height for what the camera is to do, in this room and from this kit. */
export function CameraGoalPart({ profile, shot, room, framing, lenses }: CameraGoalPartProps) {
  const [goal, setGoal] = useState<CameraGoal>('proportions');
  const [found, setFound] = useState<CameraProposal | null>(null);
  const { busy, told, run } = useSearch();
  const place = async () => {
    const next = await studio('backstage').cameraFor(profile, shot, goal, framing, room, [...lenses]);
    setFound(next);
    if (!next) return `No lens of the kit takes in ${FRAMING_WORDS[framing]} in this room.`;
    usePoseStore.getState().setCamera(next.camera);
    return `${next.camera.focalLengthMm} mm (${lensWords(next.lens)}) from ${next.camera.distanceM.toFixed(2)} m, lens ${next.camera.heightM.toFixed(2)} m high.`;
  };
  return (
    <section aria-label="Camera by goal" className="space-y-2" data-busy={busy}>
      <h2 className="title text-lg">Camera by goal</h2>
      <div className="flex items-end gap-3 text-[13px]">
        <Choice<CameraGoal>
          label="goal"
          value={goal}
          options={Object.keys(CAMERA_GOALS) as CameraGoal[]}
          words={CAMERA_GOALS}
          onChange={setGoal}
        />
        <button type="button" className="btn btn-sm" disabled={busy} onClick={() => run(place)}>
          Place the camera
        </button>
      </div>
      {told && (
        <p role="status" className="text-[13px]">
          {told}
        </p>
      )}
      {found && (
        <table className="w-full text-[13px] tabular-nums">
          <thead>
            <tr className="quiet text-left text-xs">
              <th className="font-normal">what changes</th>
              <th className="font-normal">before</th>
              <th className="font-normal">now</th>
            </tr>
          </thead>
          <tbody>
            {rowsOf(found).map(([words, before, after]) => (
              <tr key={words} className="border-t border-base-300">
                <th className="py-0.5 text-left font-normal">{words}</th>
                <td className="quiet">{before}</td>
                <td>{after}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
