import type { z } from 'zod';

/**
 * A check for lists whose entries are told apart by a field: none may be there twice.
 * @param field the field, such as `id`.
 */
export function eachOnce<T>(field: keyof T & string) {
  return (list: readonly T[], context: z.core.$RefinementCtx): void => {
    const seen = new Set<unknown>();
    for (const [i, entry] of list.entries()) {
      if (seen.has(entry[field]))
        context.addIssue({ code: 'custom', path: [i, field], message: 'it is there twice' });
      seen.add(entry[field]);
    }
  };
}
