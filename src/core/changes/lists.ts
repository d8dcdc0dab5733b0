/** A list by the keys of what stands in it, in its order. */
export type Keyed = ReadonlyMap<string, unknown>;

/** What tells things in a list apart, where they have it. */
const ID_FIELDS = ['id', 'findingId', 'sitterId', 'role'] as const;

/** What tells a thing in a list apart from the others. */
export function keyOf(item: unknown): string | undefined {
  if (typeof item === 'string') return item;
  if (typeof item !== 'object' || item === null) return undefined;
  const field = ID_FIELDS.find((f) => typeof (item as Record<string, unknown>)[f] === 'string');
  return field && (item as Record<string, string>)[field];
}

function keyed(list: unknown): Keyed | undefined {
  if (!Array.isArray(list)) return undefined;
  const map = new Map<string, unknown>();
  for (const item of list) {
    const key = keyOf(item);
    if (key === undefined || map.has(key)) return undefined;
    map.set(key, item);
  }
  return map;
}

/** Lists by their keys; undefined where one of them is none, or something in it has no key of its own. */
export function keysOf(
  base: unknown,
  mine: unknown,
  theirs: unknown,
): readonly [Keyed, Keyed, Keyed] | undefined {
  const [a, b, c] = [keyed(base), keyed(mine), keyed(theirs)];
  return a && b && c ? [a, b, c] : undefined;
}

/** The own order where it was changed, else the other's; what only the other has follows what it followed there. */
function orderOf([base, mine, theirs]: readonly [Keyed, Keyed, Keyed]): string[] {
  const common = (of: Keyed) => [...of.keys()].filter((k) => base.has(k) && mine.has(k) && theirs.has(k));
  const isMine = common(mine).join('\n') !== common(base).join('\n');
  const [lead, other] = isMine ? [mine, theirs] : [theirs, mine];
  const order = [...lead.keys()];
  const followed = [...other.keys()];
  followed.forEach((key, i) => {
    if (lead.has(key)) return;
    const before = followed[i - 1];
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, key);
  });
  return order;
}

/** Joins two changes of a list, thing by thing. */
export function mergeLists(
  lists: readonly [Keyed, Keyed, Keyed],
  inside: (key: string, base: unknown, mine: unknown, theirs: unknown) => unknown,
): unknown[] {
  const [base, mine, theirs] = lists;
  return orderOf(lists)
    .map((key) => inside(key, base.get(key), mine.get(key), theirs.get(key)))
    .filter((value) => value !== undefined);
}
