import type { Carried, CROSSING_NAMES, Gaze, HandShape } from '../../pose';
import type { MidlineSentence, PairedSentence, SideSentence } from './named';

/** How deep one sits, in the words of a sentence. */
export type Depth = 'edge' | 'forward' | 'middle' | 'deep';

/** Ways of being carried whose first sentence says more than that. */
type ToldWithMore = 'sit' | 'astride' | 'perch' | 'floor' | 'reclineLeft' | 'reclineRight';

/** On to what carries the body. */
export type StanceId =
  | `sit:${Depth}`
  | `astride:${Depth}`
  | 'perch'
  | `floor:${'kneesUp' | 'oneKneeUp' | 'folded' | 'crossed' | 'other'}`
  | 'kneel:one'
  | 'onSide'
  | `stance:${Exclude<Carried, ToldWithMore>}`;

/** How legs are crossed, and uncrossed. */
export type CrossId = `cross:${(typeof CROSSING_NAMES)[number]}` | 'uncross';

/** What the photographer's hand, or the photographer's own body, shows. */
export type ShownId =
  | 'bodyToHand'
  | 'bodyToMe'
  | 'shouldersToHand'
  | 'shouldersToMe'
  | 'shouldersOverHips'
  | 'leanToHand'
  | 'alongToHand'
  | 'noseToHand'
  | 'noseToMe'
  | 'armAsMine'
  | 'elbowToHand'
  | 'kneeToHand';

/** Two hands or two arms that are told in one sentence. */
export type PairId = 'foldArms' | 'handsBehind' | 'handsTogether' | 'bothLaid' | 'bothHang';

/** Parts besides the arms that lie on something, and are taken off it again. */
export type OffPart = 'shoulder' | 'foot' | 'back' | 'temple' | 'cheek' | 'forehead' | 'lips';

/** Thoughts that draw an expression. */
export type ThoughtId = `face:${'rest' | 'glad' | 'laugh' | 'matters' | 'closed'}`;
export type EyesId = `eyes:${Gaze['kind']}`;

/** Everything that can be said. */
export type SentenceId =
  | StanceId
  | CrossId
  | MidlineSentence
  | SideSentence
  | PairedSentence
  | ShownId
  | PairId
  | `shape:${HandShape}`
  | `off:${OffPart}`
  | 'laid'
  | 'armHangs'
  | 'shakeOut'
  | 'acted'
  | EyesId
  | ThoughtId;
