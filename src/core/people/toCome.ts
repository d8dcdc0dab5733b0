import type { Group, Sitter } from './sitter';

/** One person, or a whole group, that can still come into a sitting. */
export interface ToCome {
  kind: 'group' | 'person';
  id: string;
  name: string;
  /** Who would come. */
  personIds: string[];
}

/**
 * Who can still come into a sitting: groups of which at least two are not in it yet, and everybody one by one; nobody
 * who is in the bin, and nobody for whom there is no room.
 * @param most so many people a sitting can have.
 */
export function peopleToCome(
  there: readonly string[],
  people: readonly Sitter[],
  groups: readonly Group[],
  most: number,
): ToCome[] {
  const free = new Set(people.filter((p) => !p.binnedAt && !there.includes(p.id)).map((p) => p.id));
  const ofGroup = (group: Group) => group.members.map((m) => m.sitterId).filter((id) => free.has(id));
  const whole = groups.map((group): ToCome => ({
    kind: 'group',
    id: group.id,
    name: group.name,
    personIds: ofGroup(group),
  }));
  const each = people
    .filter((p) => free.has(p.id))
    .map(({ id, name }): ToCome => ({ kind: 'person', id, name, personIds: [id] }));
  return [...whole.filter((c) => c.personIds.length > 1), ...each].filter(
    (c) => there.length + c.personIds.length <= most,
  );
}
