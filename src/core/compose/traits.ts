import { CARRIED, contactSide, handRegion, isLying, type Pose } from '../pose';
import type { Framing } from '../set';
import { SIDES } from '../units';

/** A pose of a run as it is to be taken. */
export interface Planned {
  pose: Pose;
  framing: Framing;
}

/** A pose counts as moving from here on (own estimate). */
const MOVING = 0.3;

function hands(pose: Pose): string {
  const busy = SIDES.filter((side) =>
    pose.contacts.some((c) => contactSide(c) === side && handRegion(c) !== null),
  );
  return ['none', 'one', 'both'][busy.length]!;
}

/** How high a body is carried, and how gladly it is asked for: the floor is for those who are at ease (common practice). */
const HEIGHTS = { standing: 0, seated: 0, low: 0.6, lying: 1.2 } as const;
type Height = keyof typeof HEIGHTS;

function heightOf({ support }: Pose): Height {
  const { on } = CARRIED[support];
  if (isLying(support) || support === 'allFours') return 'lying';
  return on === 'feet' ? 'standing' : on === 'seat' ? 'seated' : 'low';
}

/** What it asks of a sitter to be carried so, in the measure of the traits. */
export function askedByHeight(pose: Pose): number {
  return HEIGHTS[heightOf(pose)];
}

/** Whether somebody lies, or is on hands and knees. */
export function isLow(pose: Pose): boolean {
  return heightOf(pose) === 'lying';
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
  hands: { weight: 0.6, of: ({ pose }) => hands(pose) },
  gaze: { weight: 0.5, of: ({ pose }) => (pose.gaze.kind === 'lens' ? 'lens' : 'away') },
  motion: { weight: 0.4, of: ({ pose }) => (pose.message.movement >= MOVING ? 'moving' : 'still') },
} as const satisfies Record<string, { weight: number; of(planned: Planned): string }>;
export type TraitId = keyof typeof TRAITS;
