import { SCALE_NAMES } from '../brief';
import type { Message } from '../pose';

/** How far a message is from the one that is wanted, 0 to 1; 0 where none is. */
export function offMessage(message: Message, wanted: Message | null): number {
  if (!wanted) return 0;
  const sum = SCALE_NAMES.reduce((s, scale) => s + (message[scale] - wanted[scale]) ** 2, 0);
  return Math.sqrt(sum / SCALE_NAMES.length) / 2;
}
