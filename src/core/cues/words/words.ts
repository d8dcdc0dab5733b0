import type { BodyPlaceName, ContactPartName, HandShape } from '../../pose';
import type { CarryPlace, SupportKindName, SupportPlace } from '../../scene';
import type { Side } from '../../units';
import type { CrossId, EyesId, OffPart, PairId, ShownId, StanceId, ThoughtId } from '../rows/ids';
import type { MidlineSentence, PairedSentence, SideSentence } from '../rows/named';
import type { Facing } from '../sentence';
import type { Spoken } from './spoken';

/** A sentence about one side, and about both. */
export interface OneOrBoth {
  one: Spoken;
  both: Spoken;
}

export function oneOrBoth(one: Spoken, both: Spoken): OneOrBoth {
  return { one, both };
}

/** A place as it is said after a part: where it lies on, is near, or goes round. */
export interface PlaceWords {
  on: string;
  near: string;
  round: string;
  /** Where both hands go, each to its own side. */
  both: string;
}

/** Whose place it is: what is said before its name, or between article and name, and what after it. */
export interface Whose {
  your: string;
  theirs: string;
}

/** Where somebody goes, and who is taken up or put down. `{who}` is the other one. */
export interface MarkWords {
  /** Whom one lifts, by where to. */
  lift: Record<CarryPlace, Spoken>;
  putDown: Spoken;
  comeClose: Spoken;
  /** Close enough to touch. */
  comeToTouch: Spoken;
  /** `{steps}` is how far. */
  stepAside: Spoken;
  stepForward: Spoken;
  stepBack: Spoken;
  /** `{amount}` is how far round. */
  turn: Spoken;
  boxUp: Spoken;
  boxDown: Spoken;
  boxAcross: Spoken;
  /** `{count}` of many. */
  steps: { half: string; one: string; many: string };
  amounts: Record<AmountId, string>;
}

/** How far one goes on with something. */
export type AmountId = 'touch' | 'little' | 'goodBit' | 'allTheWay';

/**
 * Everything that is said in one language, as whole sentences. `{side}` is the side that a sentence names, `{other}` the
 * one across, each in the form of `sides` that stands behind a colon; with a capital at the beginning of a sentence.
 */
export interface CueWords {
  /** Left and right in every form that the language asks for; the form without a name stands alone. */
  sides: Record<Side, Readonly<Record<string, string>>>;
  /** Words that run together, in the order in which they do: what is written, and what is said. */
  melts: readonly (readonly [RegExp, string])[];
  amounts: Record<MidlineSentence | SideSentence, Spoken>;
  paired: Record<PairedSentence, OneOrBoth>;
  shown: Record<ShownId, Spoken>;
  /**
   * `{object}` is what carries, with its article; `{ground}` the level on which one sits; `{on}` on what one lies;
   * `{facing}` where the body is turned.
   */
  stance: Record<StanceId, Spoken>;
  objects: Record<SupportKindName | 'floor', string>;
  /** On what one kneels or lies, where that is no floor. */
  onObject: string;
  /** Who sits on the arm of `{object}` has no seat to be deep in. */
  onArm: Spoken;
  facing: Record<Facing, string>;
  cross: Record<CrossId, Spoken>;
  pairs: Record<PairId, Spoken>;
  shapes: Record<HandShape, OneOrBoth>;
  armHangs: Spoken;
  off: Record<OffPart, Spoken>;
  shakeOut: Spoken;
  eyes: Record<EyesId, Spoken>;
  faces: Record<ThoughtId, Spoken>;
  /** A part as the first words of a sentence, of one side and of both. */
  parts: Record<ContactPartName, OneOrBoth>;
  /** `{your}` and `{theirs}` become whose it is; a form behind a colon is that of the side in it. */
  places: Record<BodyPlaceName, PlaceWords>;
  supports: Record<SupportPlace | 'floor', PlaceWords>;
  /** A hand that carries a little behind one who sits. */
  handBehind: OneOrBoth;
  /** One's own, one's own across, somebody else's, and one side of somebody else's; `{side}` is the place's own. */
  whose: Record<'own' | 'across' | 'theirs' | 'theirSide', Whose>;
  marks: MarkWords;
}
