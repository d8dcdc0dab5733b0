'use client';

import { useState } from 'react';
import type { BodyProfile } from '@/core/body';
import type { Standard } from '@/core/brief';
import { cueFor } from '@/core/direct';
import { differenceOf } from '@/core/pose';
import type { Finding } from '@/core/review';
import type { Ground } from '@/core/scene';
import type { SoloShot } from '@/core/shot';
import { studio } from '@/workers/studioClient';
import { usePoseStore } from '@/take/poseStore';
import { changeWords, STUCK_WORDS } from './findingWords';

/** What came of asking for a mend. */
export interface Outcome {
  findingId: string;
  text: string;
  kind: 'mended' | 'stuck' | 'cue';
}

interface MendState {
  /** The finding that is worked on. */
  working: string | null;
  outcome: Outcome | null;
  /** Looks for the smallest change that clears a finding, and makes it, or only says it. */
  mend(finding: Finding, apply: boolean): Promise<void>;
}

/** Mends and their words, asked one at a time in the live worker. */
export function useMend(shot: SoloShot, profile: BodyProfile, standard: Standard, ground: Ground): MendState {
  const [working, setWorking] = useState<string | null>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);

  async function outcomeOf(finding: Finding, apply: boolean): Promise<Outcome | null> {
    const findingId = finding.id;
    const before = shot;
    const { held, take } = usePoseStore.getState();
    const result = await studio('live').mend(profile, before, finding, { standard, ground, held: [...held] });
    if (result.kind === 'stuck') return { findingId, text: STUCK_WORDS[result.why], kind: 'stuck' };
    const words = result.changes.map(changeWords).join('; ');
    if (!apply) {
      const said = differenceOf(before.pose, result.shot.pose).flatMap((c) => cueFor(c)?.text ?? []);
      return { findingId, text: said.join(' ') || `${words}.`, kind: 'cue' };
    }
    if (usePoseStore.getState().take !== take) return null;
    usePoseStore.getState().setShot(result.shot);
    return { findingId, text: `${finding.title}: ${words}.`, kind: 'mended' };
  }

  async function mend(finding: Finding, apply: boolean) {
    setWorking(finding.id);
    setOutcome(null);
    try {
      setOutcome(await outcomeOf(finding, apply));
    } catch (error) {
      setOutcome({ findingId: finding.id, text: (error as Error).message, kind: 'stuck' });
    } finally {
      setWorking(null);
    }
  }

  return { working, outcome, mend };
}
