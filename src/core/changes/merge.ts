import isSame from 'fast-deep-equal';
import { mergeLists, keysOf } from './lists';

/** A field that was changed in two places at once, by its keys and by the ids of what stands in lists. */
export interface Conflict {
  path: readonly string[];
  mine: unknown;
  theirs: unknown;
}

/** Two changes of one thing as one, with what could not be had together: there the own change stands. */
export interface Merged<T> {
  value: T;
  conflicts: Conflict[];
}

type Fields = Readonly<Record<string, unknown>>;

function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Things of different kinds have different fields: they are taken whole. */
function isOfOneKind(...all: Fields[]): boolean {
  return all.every((fields) => fields.kind === all[0]!.kind);
}

/**
 * Joins what was changed in two places since both had the same: field by field, in lists thing by thing. A list of
 * things is one whose things have ids; a list of words is a set in an order; other lists are taken whole.
 * @param base what both had.
 */
export function merge<T>(base: T, mine: T, theirs: T): Merged<T> {
  const conflicts: Conflict[] = [];
  const value = join([], base, mine, theirs, conflicts) as T;
  return { value, conflicts };
}

/** Brings a change to something else that has gone on from the same: what was changed there stays. */
export function rebased<T>(state: T, before: T, after: T): T {
  return merge(before, state, after).value;
}

function join(
  path: readonly string[],
  base: unknown,
  mine: unknown,
  theirs: unknown,
  conflicts: Conflict[],
): unknown {
  if (isSame(mine, theirs) || isSame(base, theirs)) return mine;
  if (isSame(base, mine)) return theirs;
  const inside = (key: string, ...of: [unknown, unknown, unknown]) => join([...path, key], ...of, conflicts);
  if (isFields(base) && isFields(mine) && isFields(theirs) && isOfOneKind(base, mine, theirs))
    return mergeFields(base, mine, theirs, inside);
  const keys = keysOf(base, mine, theirs);
  if (keys) return mergeLists(keys, inside);
  conflicts.push({ path, mine, theirs });
  // a thing that one side took away and the other changed stays: nothing is lost by it
  return mine === undefined ? theirs : mine;
}

function mergeFields(
  base: Fields,
  mine: Fields,
  theirs: Fields,
  inside: (key: string, base: unknown, mine: unknown, theirs: unknown) => unknown,
): Fields {
  const out: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const value = inside(key, base[key], mine[key], theirs[key]);
    if (value !== undefined) out[key] = value;
  }
  return out;
}
