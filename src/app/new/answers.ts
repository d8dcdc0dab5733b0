import type { Preset } from '@/core/brief';
import { usualRoom, type Room } from '@/core/scene';

/** What the pictures are for: a preset of the message, or nothing yet. */
export type Purpose = Preset | 'later';

/** What was answered of the three questions; all of it has a default. */
export interface Answers {
  personIds: readonly string[];
  purpose: Purpose;
  /** Name of a kept room; null where two lengths are said. */
  roomName: string | null;
  widthM: number;
  depthM: number;
  minutes: number;
}

/** Two lengths of a usual home studio (trade: small rooms are normal), and a usual appointment. */
export const USUAL: Answers = {
  personIds: [],
  purpose: 'relaxed',
  roomName: null,
  widthM: 4,
  depthM: 8,
  minutes: 30,
};

/** The room that was answered; a kept one that is gone is one of the two lengths. */
export function roomOf({ roomName, widthM, depthM }: Answers, kept: readonly Room[]): Room {
  return kept.find((r) => r.name === roomName) ?? usualRoom('Studio', widthM, depthM);
}
