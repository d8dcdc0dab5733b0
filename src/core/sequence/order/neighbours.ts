/** Places of an order that are other than before, from the first to the last of them. */
export interface Change {
  first: number;
  last: number;
  /** Places with another stop ahead of them than before; where a whole stretch is turned round, its ends alone. */
  joints: readonly number[];
}

/** The longest run of stops that is moved as one (Or 1976: three). */
const LONGEST_MOVED = 3;

/** Writes an order's places from one to another into a scratch, the first place from another and so on round. */
function rotate(
  order: readonly number[],
  scratch: number[],
  first: number,
  last: number,
  by: number,
): Change {
  const length = last - first + 1;
  for (let i = 0; i < length; i++) scratch[first + i] = order[first + ((i + by) % length)]!;
  return { first, last, joints: [first, last + 1 - by, last + 1] };
}

function restore(order: readonly number[], scratch: number[], first: number, last: number): void {
  for (let i = first; i <= last; i++) scratch[i] = order[i]!;
}

/** A few stops in a row put farther back or ahead: the same as a stretch that is turned like a wheel. */
function* moved(order: readonly number[], scratch: number[]): Generator<Change> {
  const n = order.length;
  for (let length = 1; length <= LONGEST_MOVED; length++)
    for (let first = 0; first < n; first++)
      for (let last = first + length; last < n; last++) {
        yield rotate(order, scratch, first, last, length);
        const back = last - first + 1 - length;
        // two stretches of which both are that short are exchanged either way
        if (back > LONGEST_MOVED) yield rotate(order, scratch, first, last, back);
        restore(order, scratch, first, last);
      }
}

/** Two stops exchanged. */
function* exchanged(order: readonly number[], scratch: number[]): Generator<Change> {
  for (let first = 0; first < order.length; first++)
    for (let last = first + 2; last < order.length; last++) {
      [scratch[first], scratch[last]] = [order[last]!, order[first]!];
      yield { first, last, joints: [first, first + 1, last, last + 1] };
      restore(order, scratch, first, last);
    }
}

/** A stretch turned round. */
function* turned(order: readonly number[], scratch: number[]): Generator<Change> {
  for (let first = 0; first < order.length; first++)
    for (let last = first + 2; last < order.length; last++) {
      for (let i = first; i <= last; i++) scratch[i] = order[first + last - i]!;
      yield { first, last, joints: [first, last + 1] };
      restore(order, scratch, first, last);
    }
}

/**
 * The neighbours of an order, one after the other written into a scratch that holds the order itself between them: a few
 * stops moved, two exchanged, a stretch turned round.
 */
export function* neighbours(order: readonly number[], scratch: number[]): Generator<Change> {
  yield* moved(order, scratch);
  yield* exchanged(order, scratch);
  yield* turned(order, scratch);
}
