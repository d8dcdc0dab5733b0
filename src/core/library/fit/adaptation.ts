import type { MendChange } from '../../adapt';
import type { RecordLimit } from '../../pose';
import type { Finding } from '../../review';
import type { Support } from '../../scene';
import type { Framing } from '../../set';

/** Why another pose takes the place of one: a limit of the record, a strain on this sitter, or a fault that is left. */
export type InsteadWhy = RecordLimit | 'strain' | 'fault';

/** What was done to a pose so that it suits a sitter, each with its reason. */
export type Adaptation =
  | { kind: 'instead'; name: string; because: InsteadWhy }
  /** The sitter's own wheelchair, at its own height. */
  | { kind: 'ownSeat'; seatHeightM: number }
  /** A lower seat, since the lower leg is so much shorter than the pose assumes. */
  | { kind: 'lowerSeat'; seat: Support['kind']; fromM: number; toM: number; shorterPercent: number }
  /** The camera anew, so that it takes in as much of this figure as it did of the last one. */
  | { kind: 'framed'; framing: Framing }
  /** The key anew, so that it stands to this face as it stood to the last one. */
  | { kind: 'lit'; heightM: number }
  /** What the review asked for. */
  | { kind: 'mended'; mended: readonly Finding[]; changes: readonly MendChange[] };
