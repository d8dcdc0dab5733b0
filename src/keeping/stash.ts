import { readMemo, writeMemo } from './memo';
import type { Thing } from './unkept';

/** Where edits stand that a page was left with before they were on disk; the page's own memory is gone by then. */
const nameOf = (thing: Thing) => `gilvo.unsaved.${thing}`;

/** Puts edits by, at once: the last moment of a page is too short for the store. */
export function stash(thing: Thing, edits: readonly unknown[]): void {
  if (edits.length > 0) writeMemo(nameOf(thing), JSON.stringify(edits));
}

/** Takes the edits out that an earlier page put by. */
export function takeStash<T>(thing: Thing): T[] {
  const text = readMemo(nameOf(thing));
  writeMemo(nameOf(thing), null);
  try {
    return text === null ? [] : (JSON.parse(text) as T[]);
  } catch {
    return [];
  }
}

/** Whether an earlier page put edits by. */
export function isStashed(thing: Thing): boolean {
  return readMemo(nameOf(thing)) !== null;
}
