'use client';

import { Redo2, Undo2 } from 'lucide-react';
import { useStore } from 'zustand';
import { mirrorPose, withSideMirrored, type Pose } from '@/core/pose';
import { otherSide, SIDES } from '@/core/units';
import { poseHistory, usePoseStore } from '@/take/poseStore';

/** Undo, redo and the mirror of the whole pose. */
export function History({ pose }: { pose: Pose }) {
  const past = useStore(usePoseStore.temporal, (s) => s.pastStates.length);
  const future = useStore(usePoseStore.temporal, (s) => s.futureStates.length);
  return (
    <div className="flex items-center gap-1 px-1.5">
      <button
        type="button"
        aria-label="Undo"
        title="Undo: Ctrl Z"
        className="p-1.5 disabled:opacity-40"
        disabled={past === 0}
        onClick={() => poseHistory().undo()}
      >
        <Undo2 size={16} aria-hidden />
      </button>
      <button
        type="button"
        aria-label="Redo"
        title="Redo: Ctrl Shift Z"
        className="p-1.5 disabled:opacity-40"
        disabled={future === 0}
        onClick={() => poseHistory().redo()}
      >
        <Redo2 size={16} aria-hidden />
      </button>
      <button
        type="button"
        className="link-act text-xs"
        title="Exchange left and right throughout"
        onClick={() => usePoseStore.getState().setPose(mirrorPose(pose))}
      >
        mirror
      </button>
    </div>
  );
}

/** Makes one side the mirror of the other. */
export function SideCopies({ pose }: { pose: Pose }) {
  return (
    <p className="flex items-center gap-2 text-[13px]">
      <span className="quiet text-xs">like the other side</span>
      {SIDES.map((side) => (
        <button
          key={side}
          type="button"
          className="link-act text-xs"
          title={`Make the ${otherSide(side)} side the mirror of the ${side}`}
          onClick={() => usePoseStore.getState().setPose(withSideMirrored(pose, side))}
        >
          {side}
        </button>
      ))}
    </p>
  );
}
