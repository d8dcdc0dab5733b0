import type { Group } from '../people';
import { MOST_COMBINATIONS, type Combination } from './combination';

/** What a picture takes once everybody stands: the more people, the longer, minutes (from memory). */
const BASE_MINUTES = 2;
const MINUTES_A_HEAD = 0.25;

/** How long a picture of so many takes, to the half minute. */
export function usualMinutes(people: number): number {
  return Math.round((BASE_MINUTES + people * MINUTES_A_HEAD) * 2) / 2;
}

/** A combination that nobody has said yet; names come from the records. */
export type Proposed = Omit<Combination, 'id' | 'name'> & { name: string | null };

const keyOf = (ids: readonly string[]) => [...ids].sort().join(' ');

/**
 * Combinations that the records suggest: everybody, without a name, and each group of which at least two are in the
 * sitting. None that is listed already.
 */
export function proposedCombinations(
  personIds: readonly string[],
  groups: readonly Group[],
  listed: readonly Combination[],
): Proposed[] {
  const known = new Set(listed.map((c) => keyOf(c.personIds)));
  const proposed: Proposed[] = [];
  const propose = (ids: readonly string[], name: string | null) => {
    const inOrder = personIds.filter((id) => ids.includes(id));
    if (inOrder.length < 2 || known.has(keyOf(inOrder))) return;
    known.add(keyOf(inOrder));
    proposed.push({ personIds: inOrder, name, minutes: usualMinutes(inOrder.length) });
  };
  propose(personIds, null);
  for (const group of groups)
    propose(
      group.members.map((m) => m.sitterId),
      group.name,
    );
  return proposed.slice(0, MOST_COMBINATIONS - listed.length);
}
