import type { ZodType } from 'zod';

/** Faults that are mended one after another before a record is given up. */
const MOST_FAULTS = 200;

type Path = readonly PropertyKey[];
type Bag = Record<PropertyKey, unknown>;

export interface Repaired<T> {
  record: T;
  /** Where something was put right, as paths into the record. */
  changed: Path[];
}

const isBag = (value: unknown): value is Bag => typeof value === 'object' && value !== null;

function valueAt(value: unknown, path: Path): unknown {
  return path.reduce<unknown>((at, key) => (isBag(at) ? at[key] : undefined), value);
}

function removeAt(value: unknown, path: Path): void {
  const holder = valueAt(value, path.slice(0, -1));
  const key = path.at(-1)!;
  if (Array.isArray(holder)) holder.splice(Number(key), 1);
  else if (isBag(holder)) delete holder[key];
}

/** Puts what a sound record says into the place, or takes away what stands there where it says nothing. */
function putRight(record: unknown, path: Path, like: unknown): void {
  const sound = valueAt(like, path);
  const holder = valueAt(record, path.slice(0, -1));
  if (sound === undefined || !isBag(holder)) removeAt(record, path);
  else holder[path.at(-1)!] = structuredClone(sound);
}

/**
 * Puts right what a schema refuses of a record: a wrong value gives way to that of a sound record of the kind, an
 * unknown field is taken away, and so is an entry of a list that cannot be sound.
 * @param like a sound record of the kind, as far as it says anything.
 * @returns the sound record and where it was changed; null where it cannot be put right.
 */
export function repaired<T>(schema: ZodType<T>, broken: unknown, like: unknown): Repaired<T> | null {
  const record: unknown = structuredClone(broken);
  const changed: Path[] = [];
  const tried = new Map<string, number>();
  if (!isBag(record)) return null;
  for (let i = 0; i < MOST_FAULTS; i++) {
    const parsed = schema.safeParse(record);
    if (parsed.success) return { record: parsed.data, changed };
    const issue = parsed.error.issues[0]!;
    const keys = issue.code === 'unrecognized_keys' ? issue.keys : null;
    if (keys) for (const key of keys) removeAt(record, [...issue.path, key]);
    else {
      // what stays wrong in its place is mended one step further up
      const times = tried.get(issue.path.join('/')) ?? 0;
      tried.set(issue.path.join('/'), times + 1);
      const path = issue.path.slice(0, issue.path.length - times);
      if (path.length === 0) return null;
      putRight(record, path, like);
    }
    changed.push(keys ? [...issue.path, keys[0]!] : issue.path);
  }
  return null;
}
