'use client';

import type { BodyProfile, BodySurface } from '@/core/body';
import { Newest } from '@/core/units';
import { drawnSurface } from '@/workers/keptFirst';
import { studio } from '@/workers/studioClient';
import type { OnPiece } from '@/workers/studio/bodies';

/** A surface that is drawn: the one that is measured, or the fine one. */
export type DrawnDetail = 'measured' | 'drawn';

interface DetailRow {
  /** So many are kept by the page: fine ones are some seven megabytes each. */
  most: number;
  ask(profile: BodyProfile, onPiece?: OnPiece): Promise<BodySurface>;
}

const DETAILS: Record<DrawnDetail, DetailRow> = {
  measured: { most: 12, ask: (profile) => studio('live').measuredSurface(profile) },
  drawn: { most: 4, ask: drawnSurface },
};

const atHand: Record<DrawnDetail, Newest<BodySurface>> = { measured: new Newest(), drawn: new Newest() };

/**
 * A surface of a sitter. Those that were asked for last stay with the page: whoever is taken into the hand, everybody of
 * the picture is there at once. `onPiece` hears of it where it has to be built.
 */
export function surfaceOfSitter(
  detail: DrawnDetail,
  profile: BodyProfile,
  onPiece?: OnPiece,
): Promise<BodySurface> {
  const { most, ask } = DETAILS[detail];
  return atHand[detail].get(JSON.stringify(profile), most, () => ask(profile, onPiece));
}
