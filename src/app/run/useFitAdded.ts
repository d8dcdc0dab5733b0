'use client';

import { useState } from 'react';
import { dressedFor, lookOf, standardIn } from '@/core/brief';
import type { Fitted } from '@/core/library';
import type { Sitter } from '@/core/people';
import type { Pose } from '@/core/pose';
import { groundOf } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import type { Sitting, Take } from '@/core/sitting';
import { studio } from '@/workers/studioClient';

/** A pose that was added, and what was done to it so that it suits the sitter; null where the fit was called off. */
export interface FitOfAdded {
  pose: Pose;
  fitted: Fitted | null;
}

/** A pose for one of the people of a run. */
interface ToFit {
  pose: Pose;
  sitter: Sitter;
  /** In which look, of what picture, whose camera it takes over. */
  take: Take;
  before: SoloShot;
}

/** What becomes of a fit; null where it was called off, or failed. */
type Write = (fitted: Fitted | null) => void;

/** One fit after the other: a search that begins stops the one before. */
let queue: Promise<void> = Promise.resolve();

function fitOf(sitting: Sitting, { take, pose, sitter, before }: ToFit): Promise<Fitted | null> {
  const look = lookOf(sitting, take);
  const wishes = { standard: standardIn(look, pose.message), ground: groundOf(sitting.room) };
  return studio('backstage').fit(dressedFor(sitter, look), before, pose, wishes);
}

/** Fits poses that come into a run, and tells of the last. They are written wherever one is by then. */
export function useFitAdded(sitting: Sitting) {
  const [fitting, setFitting] = useState<Pose | null>(null);
  const [last, setLast] = useState<FitOfAdded | null>(null);
  async function work(asked: ToFit, write: Write) {
    setFitting(asked.pose);
    setLast(null);
    // a pose that could not be fitted stands as it was made: the review tells what is wrong with it
    const fitted = await fitOf(sitting, asked).catch(() => null);
    write(fitted);
    setLast({ pose: asked.pose, fitted });
    setFitting(null);
  }
  function fit(asked: ToFit, write: Write) {
    queue = queue.then(() => work(asked, write));
  }
  return { fitting, last, fit };
}
