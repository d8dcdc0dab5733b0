import { z } from 'zod';
import { contentHash } from '../checks';

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

/** What is remembered of a record that is written in a newer form: where its old form was in a file, the new one was. */
export function carriedOn(past: readonly string[], before: unknown, after: unknown): string[] {
  return past.includes(contentHash(before)) ? remembered(past, contentHash(after)) : [...past];
}
