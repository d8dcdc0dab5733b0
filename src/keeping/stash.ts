/** Where edits stand that a page was left with before they were on disk; the page's own memory is gone by then. */
const keyOf = (thing: string) => `gilvo.unsaved.${thing}`;

/** Puts edits by, at once: the last moment of a page is too short for the store. */
export function stash(thing: string, edits: readonly unknown[]): void {
  if (edits.length === 0) return;
  try {
    localStorage.setItem(keyOf(thing), JSON.stringify(edits));
  } catch {
    // without room for it the edit is lost with the page, as it was told
  }
}

/** Takes the edits out that an earlier page put by. */
export function takeStash<T>(thing: string): T[] {
  try {
    const text = localStorage.getItem(keyOf(thing));
    localStorage.removeItem(keyOf(thing));
    return text === null ? [] : (JSON.parse(text) as T[]);
  } catch {
    return [];
  }
}

/** Whether an earlier page put edits by. */
export function isStashed(thing: string): boolean {
  try {
    return localStorage.getItem(keyOf(thing)) !== null;
  } catch {
    return false;
  }
}
