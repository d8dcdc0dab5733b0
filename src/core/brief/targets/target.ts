import type { Message, Station } from '../../pose';

/** From where on a scale of the message something is not judged, or up to where. */
export interface Unjudged {
  from?: number;
  upTo?: number;
}

/** One figure of the picture and the range that a message wants of it. */
export interface Target {
  station: Station | 'camera' | 'light';
  words: string;
  unit: string;
  /** Wanted range when all four scales stand in the middle. */
  low: number;
  high: number;
  /** How far inside the range a value comes before a finding that stands is let go: a slider does not make it flicker. */
  deadBand: number;
  /** What one step to the end of a scale adds to the lower and to the upper end. */
  per?: Partial<Record<keyof Message, readonly [low: number, high: number]>>;
  /** Where the message makes it a thing that may be: the whole range is wanted. */
  unjudged?: Partial<Record<keyof Message, Unjudged>>;
  /** Neither end may leave these. */
  min: number;
  max: number;
  /** Why the message moves it, or why it does not. */
  reason: string;
}

/** Rows of the table of one station. */
export type TargetRows = Readonly<Record<string, Target>>;
