import type { Pose } from '../pose';

/** Lids closed by more show neither white nor where the eyes look. */
const CLOSED = 0.6;

/** Whether the eyes are closed, and meant to be. */
export function eyesAreClosed({ expression }: Pose): boolean {
  return (expression?.lidsClosed ?? 0) > CLOSED;
}
