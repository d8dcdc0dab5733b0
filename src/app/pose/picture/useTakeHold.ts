'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Handle } from '@/core/adapt';
import type { BodyProfile } from '@/core/body';
import { project, viewOf } from '@/core/camera';
import type { ReachablePlace } from '@/core/figure';
import type { SoloShot } from '@/core/shot';
import { targetWords, withContact, type ContactTarget } from '@/core/pose';
import type { Vec3 } from '@/core/units';
import { studio } from '@/workers/studioClient';
import type { ShotReport } from '@/workers/shotReport';
import { chosenShot, usePoseStore } from '@/take/poseStore';
import { followPointer } from '@/ui/place/followPointer';
import { ARROWS, handSide, inSet, KEY_M, nearest } from './handleWays';

export function handleWords(handle: Handle): string {
  return handle.replace(':', ' ');
}

/** A way that a handle is to go, from a pose. */
interface Asked {
  shot: SoloShot;
  handle: Handle;
  by: Vec3;
}

/** Hands the newest way to the solver; while one is on its way, only the last is kept. */
function useSolver(profile: BodyProfile, onRefused: (words: string) => void) {
  const asked = useRef<Asked | null>(null);
  const running = useRef(false);
  /** The place that the dragged hand lies on: it outranks a way that is still being worked out. */
  const snapped = useRef<ContactTarget | null>(null);

  async function solveAll() {
    for (let next = asked.current; next; next = asked.current) {
      asked.current = null;
      const moved = await studio('backstage').drag(profile, next.shot, next.handle, next.by);
      if (snapped.current === null) usePoseStore.getState().setPose(moved);
    }
  }

  async function ask(next: Asked) {
    snapped.current = null;
    asked.current = next;
    if (running.current) return;
    running.current = true;
    try {
      await solveAll();
    } catch (error) {
      // one refusal is told and does not lock the handles
      onRefused((error as Error).message);
    } finally {
      running.current = false;
    }
  }

  /** Lays a hand on a place; false where it lies there already. */
  function snap(to: ContactTarget): boolean {
    if (to === snapped.current) return false;
    snapped.current = to;
    asked.current = null;
    return true;
  }
  return { ask, snap };
}

/** The places that a hand can be laid on; none for what is no hand. */
async function placesFor(profile: BodyProfile, shot: SoloShot, handle: Handle): Promise<ReachablePlace[]> {
  const side = handSide(handle);
  return side ? studio('backstage').places(profile, shot, side) : [];
}

/** What taking hold of a handle does, by pointer and by the arrow keys, and what it says meanwhile. */
export function useTakeHold(
  host: RefObject<HTMLDivElement | null>,
  { profile, shot, report }: { profile: BodyProfile; shot: SoloShot; report: ShotReport },
) {
  const [hint, setHint] = useState<string | null>(null);
  const { setPose, setDragging } = usePoseStore.getState();
  const view = viewOf(shot.camera);
  const { ask, snap } = useSolver(profile, setHint);
  /** How often something was taken hold of: what comes back for an earlier time is no longer asked for. */
  const grabs = useRef(0);
  useEffect(
    () => () => {
      grabs.current++;
      setDragging(false);
    },
    [setDragging],
  );

  function grab(handle: Handle, event: React.PointerEvent) {
    event.preventDefault();
    (event.currentTarget as HTMLElement).focus();
    const box = host.current!.getBoundingClientRect();
    const from = { x: event.clientX, y: event.clientY };
    const { pose } = shot;
    const { depthM } = project(view, report.handles[handle]);
    const side = handSide(handle);
    const grabbed = ++grabs.current;
    let places: ReachablePlace[] = [];
    let last: PointerEvent | null = null;
    setDragging(true);
    const lay = ({ to }: ReachablePlace) => {
      if (!side || !snap(to)) return;
      setHint(`${handleWords(handle)} on the ${targetWords(to, side)}`);
      setPose(withContact(withContact(pose, side, null), side, to));
    };
    const move = (e: PointerEvent) => {
      last = e;
      const near = nearest(places, view, box, e.clientX, e.clientY);
      if (near) return lay(near);
      setHint(handleWords(handle));
      const right = ((e.clientX - from.x) / box.width) * 2 * view.tanHalfWidth * depthM;
      const up = (-(e.clientY - from.y) / box.height) * 2 * view.tanHalfHeight * depthM;
      void ask({ shot, handle, by: inSet(view, right, up) });
    };
    const known = placesFor(profile, shot, handle).then(
      (found) => {
        places = found;
        if (last && grabs.current === grabbed) move(last);
      },
      (error: Error) => setHint(error.message),
    );
    // a hand that is let go before the places are known still lies where it was let go
    followPointer(move, () => {
      void known.then(() => {
        if (grabs.current !== grabbed) return;
        setDragging(false);
        setHint(null);
      });
    });
  }

  function press(handle: Handle, event: React.KeyboardEvent) {
    const arrow = ARROWS[event.key];
    if (!arrow) return;
    event.preventDefault();
    event.stopPropagation();
    // keys may come faster than pictures: each goes on from what the last one said
    void ask({
      shot: { ...chosenShot(usePoseStore.getState())!, among: shot.among },
      handle,
      by: inSet(view, arrow[0] * KEY_M, arrow[1] * KEY_M),
    });
  }
  return { view, hint, grab, press };
}
