'use client';

import { useEffect, useRef, useState } from 'react';
import { HANDLES, type Handle } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { project, viewOf, type View } from '@/core/camera';
import type { ReachablePlace } from '@/core/figure';
import type { Shot } from '@/core/picture';
import { targetWords, withContact, type ContactTarget, type Pose } from '@/core/pose';
import type { Side, Vec3 } from '@/core/units';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { usePoseStore } from '@/take/poseStore';
import { followPointer } from '@/ui/followPointer';

/** A hand is laid on a place that it is let go this near to, pixels. */
const SNAP_PX = 20;
/** Each press of an arrow key moves a handle this far, metres. */
const KEY_M = 0.02;

const ARROWS: Record<string, [right: number, up: number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

function words(handle: Handle): string {
  return handle.replace(':', ' ');
}

function handSide(handle: Handle): Side | null {
  return handle.endsWith(':hand') ? (handle.split(':')[0] as Side) : null;
}

/** A way in the picture as a way in the set. */
function inSet(view: View, rightM: number, upM: number): Vec3 {
  return [0, 1, 2].map((c) => view.right[c]! * rightM + view.up[c]! * upM) as Vec3;
}

interface HandlesProps {
  profile: BodyProfile;
  shot: Shot;
  report: ShotReport;
}

/**
 * Hands, feet, hips, chin and eyes to take hold of in the picture, by pointer or by the arrow keys. A hand that comes
 * near a place of the body or of a support lies on it.
 */
export function Handles({ profile, shot, report }: HandlesProps) {
  const host = useRef<HTMLDivElement>(null);
  const [hint, setHint] = useState<string | null>(null);
  const asked = useRef<{ pose: Pose; handle: Handle; by: Vec3 } | null>(null);
  const running = useRef(false);
  /** The place that the dragged hand lies on: it outranks a way that is still being worked out. */
  const snapped = useRef<ContactTarget | null>(null);
  const { setPose, setDragging } = usePoseStore.getState();
  const view = viewOf(shot.camera);

  useEffect(() => () => setDragging(false), [setDragging]);

  /** Hands the newest way to the solver; while one is on its way, only the last is kept. */
  async function ask(pose: Pose, handle: Handle, by: Vec3) {
    asked.current = { pose, handle, by };
    if (running.current) return;
    running.current = true;
    try {
      while (asked.current) {
        const next = asked.current;
        asked.current = null;
        const moved = await studio('backstage').drag(profile, next.pose, view.eye, next.handle, next.by);
        if (snapped.current === null) setPose(moved);
      }
    } catch (error) {
      // one refusal is told and does not lock the handles
      setHint((error as Error).message);
    } finally {
      running.current = false;
    }
  }

  function grab(handle: Handle, event: React.PointerEvent) {
    event.preventDefault();
    (event.currentTarget as HTMLElement).focus();
    const box = host.current!.getBoundingClientRect();
    const from = { x: event.clientX, y: event.clientY };
    const pose = shot.pose;
    const { depthM } = project(view, report.handles[handle]);
    const side = handSide(handle);
    let places: ReachablePlace[] = [];
    if (side)
      void studio('backstage')
        .places(profile, pose, view.eye, side)
        .then((found) => (places = found));
    snapped.current = null;
    setDragging(true);
    const move = (e: PointerEvent) => {
      const near = nearest(places, view, box, e.clientX, e.clientY);
      if (side && near) {
        if (near.to === snapped.current) return;
        snapped.current = near.to;
        asked.current = null;
        setHint(`${words(handle)} on the ${targetWords(near.to, side)}`);
        setPose(withContact(withContact(pose, side, null), side, near.to));
        return;
      }
      snapped.current = null;
      setHint(words(handle));
      const right = ((e.clientX - from.x) / box.width) * 2 * view.tanHalfWidth * depthM;
      const up = (-(e.clientY - from.y) / box.height) * 2 * view.tanHalfHeight * depthM;
      void ask(pose, handle, inSet(view, right, up));
    };
    followPointer(move, () => {
      setDragging(false);
      setHint(null);
    });
  }

  function onKey(handle: Handle, event: React.KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    event.stopPropagation();
    snapped.current = null;
    const pose = usePoseStore.getState().take!.shot.pose;
    void ask(pose, handle, inSet(view, arrow[0] * KEY_M, arrow[1] * KEY_M));
  }

  return (
    <div ref={host} className="pointer-events-none absolute inset-0" role="group" aria-label="Take hold">
      {HANDLES.map((handle) => {
        const { x, y } = project(view, report.handles[handle]);
        if (Math.abs(x) > 1 || Math.abs(y) > 1) return null;
        return (
          <button
            key={handle}
            type="button"
            aria-label={`Move the ${words(handle)}: arrow keys`}
            title={words(handle)}
            data-handle={handle}
            className="pointer-events-auto absolute h-6 w-6 -translate-x-1/2 -translate-y-1/2 cursor-grab touch-none rounded-full border-2 border-[#1b1712] bg-[#e3c264]/70 focus-visible:outline-3 focus-visible:outline-[#f2e7cd]"
            style={{ left: `${(x + 1) * 50}%`, top: `${(1 - y) * 50}%` }}
            onPointerDown={(e) => grab(handle, e)}
            onKeyDown={(e) => onKey(handle, e)}
          />
        );
      })}
      {hint && (
        <p
          role="status"
          className="absolute top-10 left-2 bg-[#1b1712]/85 px-2 py-0.5 text-xs text-[#f2e7cd]"
        >
          {hint}
        </p>
      )}
    </div>
  );
}

/** The place that faces the lens nearest to the pointer, within the reach of a snap. */
function nearest(
  places: readonly ReachablePlace[],
  view: View,
  box: DOMRect,
  clientX: number,
  clientY: number,
): ReachablePlace | null {
  let best: ReachablePlace | null = null;
  let bestPx = SNAP_PX;
  for (const place of places) {
    const { x, y } = project(view, place.point);
    const towards = [0, 1, 2].reduce((s, c) => s + (view.eye[c]! - place.point[c]!) * place.normal[c]!, 0);
    if (towards < 0) continue;
    const px = Math.hypot(
      box.left + ((x + 1) / 2) * box.width - clientX,
      box.top + ((1 - y) / 2) * box.height - clientY,
    );
    if (px < bestPx) {
      bestPx = px;
      best = place;
    }
  }
  return best;
}
