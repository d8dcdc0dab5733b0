/** What stands where the name of an erased person stood. */
const NOBODY = 'a person who was erased';

type Bag = Record<string, unknown>;
const isBag = (value: unknown): value is Bag => typeof value === 'object' && value !== null;
const names = (text: string, name: string) => text.toLowerCase().includes(name.trim().toLowerCase());

/** Fields of a record in whose words a name stands, each once; what is not words is not looked at. */
export function fieldsNaming(record: object, name: string): string[] {
  const has = (value: unknown): boolean => {
    if (typeof value === 'string') return names(value, name);
    return isBag(value) && Object.values(value).some(has);
  };
  return Object.keys(record).filter((field) => has((record as Bag)[field]));
}

/** The same words without a name, whatever letters it was written in. */
function withoutNameIn(text: string, name: string): string {
  const lower = text.toLowerCase();
  const wanted = name.trim().toLowerCase();
  const at = lower.indexOf(wanted);
  if (at < 0) return text;
  return text.slice(0, at) + NOBODY + withoutNameIn(text.slice(at + wanted.length), name);
}

function cleaned(value: unknown, name: string): unknown {
  if (typeof value === 'string') return withoutNameIn(value, name);
  if (Array.isArray(value)) return value.map((entry) => cleaned(entry, name));
  if (!isBag(value)) return value;
  return Object.fromEntries(Object.entries(value).map(([key, v]) => [key, cleaned(v, name)]));
}

/** A record without a name in its words. A guardian of that name is a guardian no more: another has to be named. */
export function withoutName<T extends object>(record: T, name: string): T {
  const { guardian, ...rest } = record as Bag;
  const isGuardian = isBag(guardian) && names(String(guardian.name), name);
  return cleaned(guardian === undefined || isGuardian ? rest : record, name) as T;
}
