import { keyOf } from './lists';

/** A record with another value at a place of it, named by keys and by the ids of what stands in lists. */
export function withValue<T>(record: T, path: readonly string[], value: unknown): T {
  const [key, ...rest] = path;
  if (key === undefined) return value as T;
  if (Array.isArray(record)) return inList(record, key, rest, value) as T;
  const fields = record as Record<string, unknown>;
  const inner = withValue(fields[key], rest, value);
  if (inner !== undefined) return { ...fields, [key]: inner } as T;
  const { [key]: _, ...others } = fields;
  return others as T;
}

function inList(list: readonly unknown[], key: string, rest: readonly string[], value: unknown): unknown[] {
  if (!list.some((item) => keyOf(item) === key)) return value === undefined ? [...list] : [...list, value];
  return list
    .map((item) => (keyOf(item) === key ? withValue(item, rest, value) : item))
    .filter((item) => item !== undefined);
}
