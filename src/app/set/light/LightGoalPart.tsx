'use client';

import { useState } from 'react';
import type { BodyProfile } from '@/core/body';
import { SOUGHT_PATTERNS, type LightGoal } from '@/core/adapt';
import { canBeMoved } from '@/core/light';
import { FACE_PATTERNS, type FacePattern } from '@/core/picture';
import type { SoloShot } from '@/core/shot';
import type { Room } from '@/core/scene';
import { studio } from '@/workers/studioClient';
import { Choice } from '@/ui/fields/Choice';
import { usePoseStore } from '@/take/poseStore';
import { useSearch } from '../useSearch';

const RATIOS = ['1', '2', '3', '4'] as const;
const RATIO_WORDS = { '1': '1 stop, 2:1', '2': '2 stops, 4:1', '3': '3 stops, 8:1', '4': '4 stops, 16:1' };
const FACING_WORDS = { short: 'short, the narrow side lit', broad: 'broad, the wide side lit' };

interface LightGoalPartProps {
  profile: BodyProfile;
  shot: SoloShot;
  room: Room;
}

/** Places the key for what the light is to do, in this room. */
export function LightGoalPart({ profile, shot, room }: LightGoalPartProps) {
  const [pattern, setPattern] = useState<FacePattern>('loop');
  const [facing, setFacing] = useState<LightGoal['facing']>('short');
  const [ratio, setRatio] = useState<(typeof RATIOS)[number]>('2');
  const { busy, told, run } = useSearch();
  const place = async () => {
    if (!canBeMoved(shot.light)) return 'This key stands where it stands: choose a lamp that can be moved.';
    const goal: LightGoal = { pattern, facing, ratioStops: Number(ratio) };
    const found = await studio('backstage').lightFor(profile, shot, goal, room);
    if (!found)
      return `No place ${shot.light.distanceM.toFixed(1)} m away in this room draws ${FACE_PATTERNS[pattern]}: turn the sitter, or bring the key nearer.`;
    usePoseStore.getState().setLight(found.light);
    const { arcDeg, heightM, distanceM } = found.light;
    return `Key ${Math.abs(arcDeg)}° camera ${arcDeg >= 0 ? 'right' : 'left'}, ${heightM.toFixed(2)} m high, ${distanceM.toFixed(2)} m from the mark. It holds in ${found.holdsOf8} of 8 places round it.`;
  };
  return (
    <section aria-label="Light by goal" className="space-y-2" data-busy={busy}>
      <h2 className="title text-lg">Light by goal</h2>
      <div className="grid gap-2 sm:grid-cols-3 text-[13px]">
        <Choice<FacePattern>
          label="pattern"
          value={pattern}
          options={SOUGHT_PATTERNS}
          words={FACE_PATTERNS}
          onChange={setPattern}
        />
        <Choice<LightGoal['facing']>
          label="side"
          value={facing}
          options={['short', 'broad'] as const}
          words={FACING_WORDS}
          onChange={setFacing}
        />
        <Choice<(typeof RATIOS)[number]>
          label="ratio"
          value={ratio}
          options={RATIOS}
          words={RATIO_WORDS}
          onChange={setRatio}
        />
      </div>
      <button type="button" className="btn btn-sm" disabled={busy} onClick={() => run(place)}>
        Place the key
      </button>
      {told && (
        <p role="status" className="text-[13px]">
          {told}
        </p>
      )}
    </section>
  );
}
