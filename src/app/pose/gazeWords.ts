import type { Gaze } from '@/core/pose';

/** Where the eyes look. */
export const GAZE_WORDS: Record<Gaze['kind'], string> = {
  lens: 'at the lens',
  offLens: 'just off the lens',
  ahead: 'where the nose points',
  down: 'down',
  hand: 'at a hand',
  point: 'at a point',
  person: 'at somebody',
};
