import { z } from 'zod';

/** What was said in earlier files that is remembered of one record. */
const MOST_REMEMBERED = 20;

/** What records said whenever they were in a file, as names of their content, by table and key; the latest last. */
export const lineageSchema = z.record(
  z.string().max(140),
  z.array(z.string().regex(/^[0-9a-f]{16}$/)).max(MOST_REMEMBERED),
);
export type Lineage = z.infer<typeof lineageSchema>;

/** What is remembered of a record after it was in one more file. */
export function remembered(before: readonly string[], content: string): string[] {
  return [...before.filter((c) => c !== content), content].slice(-MOST_REMEMBERED);
}

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
