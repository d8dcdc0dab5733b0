import type { Call } from '@/core/combinations';
import { allInOneLine } from './namesOf';

/** What is said of each part of a call, before the names. */
const PARTS = {
  come: 'come in',
  stay: 'stay',
  wait: 'wait beside the set',
  done: 'may go',
  ready: 'stand ready at the edge',
} as const satisfies Partial<Record<keyof Call, string>>;
type Part = keyof typeof PARTS;

/** Who comes, stays, waits where, may go and stands ready; nothing of parts that are nobody’s. */
export function callWords(
  call: Call,
  nameOf: (personId: string) => string,
): { part: Part; words: string; names: string }[] {
  return (Object.keys(PARTS) as Part[])
    .filter((part) => call[part].length > 0)
    .map((part) => ({ part, words: PARTS[part], names: allInOneLine(call[part].map(nameOf)) }));
}

/** From when to when a call goes, minutes from the beginning. */
export function callTime({ startMin, endMin }: Call): string {
  return `${Math.round(startMin)} to ${Math.round(endMin)} min`;
}
