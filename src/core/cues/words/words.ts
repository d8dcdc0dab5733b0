import type { BodyPlaceName, ContactPartName, HandShape } from '../../pose';
import type { SupportKindName, SupportPlace } from '../../scene';
import type { CrossId, EyesId, OffPart, PairId, ShownId, StanceId, ThoughtId } from '../rows/ids';
import type { MidlineSentence, PairedSentence, SideSentence } from '../rows/named';
import type { Facing } from '../sentence';

/** A sentence about one side, and about both. */
export interface OneOrBoth {
  one: string;
  both: string;
}

/** A place as it is said after a part: where it lies on, is near, or goes round. */
export interface PlaceWords {
  on: string;
  near: string;
  round: string;
  /** Where both hands go, each to its own side. */
  both: string;
}

/**
 * Everything that is said in one language, as whole sentences. `{side}` is the side that a sentence names, `{other}` the
 * one across, in the form that the language asks for.
 */
export interface CueWords {
  amounts: Record<MidlineSentence | SideSentence, string>;
  paired: Record<PairedSentence, OneOrBoth>;
  shown: Record<ShownId, string>;
  /**
   * `{object}` is what carries, with its article; `{ground}` the level on which one sits; `{on}` on what one lies;
   * `{facing}` where the body is turned.
   */
  stance: Record<StanceId, string>;
  objects: Record<SupportKindName | 'floor', string>;
  /** On what one kneels or lies, where that is no floor. */
  onObject: string;
  /** Who sits on the arm of `{object}` has no seat to be deep in. */
  onArm: string;
  facing: Record<Facing, string>;
  cross: Record<CrossId, string>;
  pairs: Record<PairId, string>;
  shapes: Record<HandShape, OneOrBoth>;
  armHangs: string;
  off: Record<OffPart, string>;
  shakeOut: string;
  eyes: Record<EyesId, string>;
  faces: Record<ThoughtId, string>;
  /** A part as the first words of a sentence, of one side and of both. */
  parts: Record<ContactPartName, OneOrBoth>;
  places: Record<BodyPlaceName, PlaceWords>;
  supports: Record<SupportPlace | 'floor', PlaceWords>;
  /** A hand that carries a little behind one who sits. */
  handBehind: OneOrBoth;
  /** Whose place it is, before a place: one's own, one's own across, somebody else's. */
  whose: { own: string; across: string; theirs: string; theirSide: string };
}
