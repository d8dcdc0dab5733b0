import { handsOf } from '../library';
import { heightOf, isMoving, type HeightId, type Pose } from '../pose';
import type { Framing } from '../set';

/** A pose of a run as it is to be taken. */
export interface Planned {
  pose: Pose;
  framing: Framing;
}

/** How gladly it is asked to be carried so, in the measure of the traits: the floor is for who is at ease (common practice). */
const ASKED: Record<HeightId, number> = { standing: 0, seated: 0, low: 0.6, lying: 1.2 };

/** What the height of a pose asks of a sitter. */
export function askedByHeight(pose: Pose): number {
  return ASKED[heightOf(pose)];
}

/**
 * What the pictures of a session are to differ in, and how much each counts (common practice: supports and framings
 * first, then hands, where the eyes go, stillness).
 */
export const TRAITS = {
  pose: { weight: 1.5, of: ({ pose }) => pose.name },
  height: { weight: 1, of: ({ pose }) => heightOf(pose) },
  support: { weight: 0.8, of: ({ pose }) => pose.objects?.[0]?.kind ?? pose.support },
  framing: { weight: 1, of: ({ framing }) => framing },
  hands: { weight: 0.6, of: ({ pose }) => handsOf(pose) },
  gaze: { weight: 0.5, of: ({ pose }) => (pose.gaze.kind === 'lens' ? 'lens' : 'away') },
  motion: { weight: 0.4, of: ({ pose }) => (isMoving(pose) ? 'moving' : 'still') },
} as const satisfies Record<string, { weight: number; of(planned: Planned): string }>;
export type TraitId = keyof typeof TRAITS;
