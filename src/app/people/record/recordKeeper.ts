import type { Sitter } from '@/core/people';
import { database, savePerson } from '@/data';
import { createKeeper } from '@/keeping';

type Follow = (before: Sitter, now: Sitter) => void;

/** The forms that are open, by person, to hear what stands in the store after a write. */
const forms = new Map<string, Follow>();

/** The one keeper of this page's records of people: it outlives the form in which something was typed. */
export const recordKeeper = createKeeper<Sitter>({
  thing: 'person',
  write: (base, sitter) => savePerson(database, base, sitter),
  onWritten: (sent, record) => forms.get(record.id)?.(sent, record),
});

/** Has a form hear what is written of its person. Returns how it stops. */
export function followWrites(sitterId: string, follow: Follow): () => void {
  forms.set(sitterId, follow);
  return () => {
    if (forms.get(sitterId) === follow) forms.delete(sitterId);
  };
}
