import type { Sitter } from './sitter';

export const SITTER_ORDERS = { name: 'name', stature: 'stature', age: 'age' } as const;
export type SitterOrder = keyof typeof SITTER_ORDERS;

/** What of a list of people is wanted. */
export interface SitterQuery {
  text: string;
  tag: string | null;
  shown: 'current' | 'archived' | 'binned';
  order: SitterOrder;
  descending: boolean;
}

/** Text without case and accents, so that "Åse" is found by "ase". */
export function plainText(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLocaleLowerCase('en')
    .replace(/ø/g, 'o')
    .replace(/æ/g, 'ae')
    .replace(/ß/g, 'ss');
}

function searched(sitter: Sitter): string {
  return plainText(
    [sitter.name, sitter.addressAs, sitter.email, sitter.phone, sitter.note, ...sitter.tags].join('\n'),
  );
}

const collator = new Intl.Collator('en', { sensitivity: 'base', numeric: true });

const COMPARE: Record<SitterOrder, (a: Sitter, b: Sitter) => number> = {
  name: (a, b) => collator.compare(a.name, b.name),
  stature: (a, b) => a.profile.statureM - b.profile.statureM,
  age: (a, b) => a.profile.ageYears - b.profile.ageYears,
};

/** People in whose name, contact, notes or tags every word of the text occurs, in the wanted order; names break ties. */
export function findSitters(sitters: readonly Sitter[], query: SitterQuery): Sitter[] {
  const parts = plainText(query.text).split(/\s+/).filter(Boolean);
  const found = sitters.filter((s) => {
    const place = s.binnedAt ? 'binned' : s.archived ? 'archived' : 'current';
    if (place !== query.shown || (query.tag !== null && !s.tags.includes(query.tag))) return false;
    if (parts.length === 0) return true;
    const text = searched(s);
    return parts.every((p) => text.includes(p));
  });
  const direction = query.descending ? -1 : 1;
  return found.sort(
    (a, b) => direction * COMPARE[query.order](a, b) || COMPARE.name(a, b) || (a.id < b.id ? -1 : 1),
  );
}

/** Every tag in use with how often it is used, in alphabetical order. */
export function tagsOf(sitters: readonly Sitter[]): [tag: string, count: number][] {
  const counts = new Map<string, number>();
  for (const { tags, binnedAt } of sitters)
    if (!binnedAt) for (const tag of tags) counts.set(tag, (counts.get(tag) ?? 0) + 1);
  return [...counts].sort((a, b) => collator.compare(a[0], b[0]));
}
