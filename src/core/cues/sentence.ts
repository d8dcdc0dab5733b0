import type { Contact, ContactPart, Pose, Station } from '../pose';
import type { Side } from '../units';
import type { SentenceId } from './rows/ids';

/** Where something is sent: to the lens, or to the photographer's hand, which shows any direction. */
export type Facing = 'me' | 'hand';

/** What one sentence decides of a pose. */
export interface Told {
  settings?: Pose['settings'];
  contacts?: readonly Contact[];
  /** Arms that are let hang. */
  hangs?: readonly Side[];
  /** What is taken from where it lies, arms apart. */
  lifts?: ContactPart;
  /** What is said of the body as a whole; a key that is there and undefined is taken away. */
  whole?: { [Key in 'support' | 'objects' | 'on' | 'legs' | 'crossed']?: Pose[Key] | undefined };
  hands?: Partial<Pose['hands']>;
  gaze?: Pose['gaze'];
  expression?: Pose['expression'];
}

/** One thing that a photographer says, and what a sitter does after it. */
export interface Sentence {
  id: SentenceId;
  station: Station;
  /** The sitter's own side that it names; null for both, or for none. */
  side: Side | null;
  /** What it decides, by name: two sentences that share one exclude each other. */
  keys: readonly string[];
  tells: Told;
  /** Without it the picture is not right, however little it moves. */
  isDue: boolean;
  /** What is laid where, in sentences that name it. */
  contact?: Contact;
  /** Where it turns the body to, in sentences that can name it. */
  facing?: Facing;
  /** The pose's own words, in a sentence that acts a whole movement. */
  ownWords?: Pick<Pose, 'words' | 'wordsIn'>;
}
