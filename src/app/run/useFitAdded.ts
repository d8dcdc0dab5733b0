'use client';

import { useState } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import type { Fitted } from '@/core/library';
import type { Sitter } from '@/core/people';
import type { Pose } from '@/core/pose';
import { groundOf } from '@/core/scene';
import { soloShot, withSolo, type SoloShot } from '@/core/shot';
import type { Sitting, Take } from '@/core/sitting';
import { database, saveTake } from '@/data';
import { doNow } from '@/keeping';
import { studio } from '@/workers/studioClient';

/** A pose that was added, and what was done to it so that it suits the sitter; null where the fit was called off. */
export interface FitOfAdded {
  pose: Pose;
  fitted: Fitted | null;
}

/** A pose that was added to a run for one of its people. */
interface Added {
  take: Take;
  pose: Pose;
  sitter: Sitter;
  /** The picture before it, whose camera it takes over. */
  before: SoloShot;
}

/** One fit after the other: a search that begins stops the one before. */
let queue: Promise<void> = Promise.resolve();

async function fitOf(sitting: Sitting, { take, pose, sitter, before }: Added): Promise<FitOfAdded> {
  const look = lookOf(sitting, take);
  const wishes = { standard: standardIn(look, pose.message), ground: groundOf(sitting.room) };
  const fitted = await studio('backstage').fit(dressedFor(sitter, look), before, pose, wishes);
  if (fitted) {
    const shot = withSolo(take.shot, { ...soloShot(take.shot), ...fitted.shot });
    // where it was changed or removed meanwhile, that stands
    doNow('newPose', () => saveTake(database, take, { ...take, shot }), { refused: () => undefined });
  }
  return { pose, fitted };
}

/** Fits poses that are added to a run, and tells of the last. They are written wherever one is by then. */
export function useFitAdded(sitting: Sitting) {
  const [fitting, setFitting] = useState<Pose | null>(null);
  const [last, setLast] = useState<FitOfAdded | null>(null);
  async function work(added: Added) {
    setFitting(added.pose);
    setLast(null);
    // a pose that could not be fitted stands as it was made: the review tells what is wrong with it
    setLast(await fitOf(sitting, added).catch(() => ({ pose: added.pose, fitted: null })));
    setFitting(null);
  }
  function fit(added: Added) {
    queue = queue.then(() => work(added));
  }
  return { fitting, last, fit };
}
