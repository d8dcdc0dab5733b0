import type { Spoken } from '../../cues';
import type { Tone } from '../../people';
import type { Station } from '../../pose';

/** What is said beside the directions, in one language. */
export interface Asides {
  /** How it feels where it is right, by what is set: for whom it is new. */
  feels: Readonly<Record<Station, Spoken>>;
  /** What a pose begins with, by tone: each time another. */
  opens: Readonly<Record<Tone, readonly Spoken[]>>;
}
