/** How a record of a file stands to the one that is here. */
export const STANDINGS = [
  /** It is not here, and was not before. */
  'new',
  /** It says the same. */
  'same',
  /** What is here was in the file's past: the file has gone on. */
  'newerThere',
  /** What the file says was here once: this browser has gone on. */
  'newerHere',
  /** Both have gone on, or nobody can say. */
  'both',
  /** It was here once, and was taken away. */
  'removedHere',
] as const;
export type Standing = (typeof STANDINGS)[number];

/** Whether a record of a file is taken where nobody says otherwise. */
export const TAKEN_BY_ITSELF: Record<Standing, boolean> = {
  new: true,
  same: false,
  newerThere: true,
  newerHere: false,
  both: false,
  removedHere: false,
};

/** What is known of a record here and in a file: what it says, and what it has said in files before. */
export interface Known {
  content: string;
  past: readonly string[];
}

/** How a record of a file stands to the one here, which may be there no more (null content) or never have been. */
export function standingOf(
  here: { content: string | null; past: readonly string[] },
  there: Known,
): Standing {
  if (here.content === null) return here.past.includes(there.content) ? 'removedHere' : 'new';
  if (here.content === there.content) return 'same';
  if (there.past.includes(here.content)) return 'newerThere';
  return here.past.includes(there.content) ? 'newerHere' : 'both';
}
