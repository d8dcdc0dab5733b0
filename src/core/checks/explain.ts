import type { z } from 'zod';

/** A message tells field, value and range in no more letters than this. */
export const MESSAGE_LETTERS = 300;
/** Letters of one name, of one path and of one value that a message shows. */
const NAME_LETTERS = 40;
const PATH_LETTERS = 110;
const VALUE_LETTERS = 60;
/** Unknown fields that are named; the others are counted. */
const NAMED_KEYS = 3;

type Issue = z.core.$ZodIssue;

/** A text cut to a length; what is cut is marked. */
export function cut(text: string, letters: number): string {
  return text.length > letters ? `${text.slice(0, letters - 3)}...` : text;
}

/** A value of unknown size as a message shows it: cut before it is written out, never after. */
export function shown(value: unknown): string {
  if (value === undefined) return 'missing';
  if (typeof value === 'string') return JSON.stringify(cut(value, VALUE_LETTERS - 4));
  if (Array.isArray(value)) return `a list of ${value.length}`;
  return typeof value === 'object' && value !== null ? 'an object' : cut(String(value), VALUE_LETTERS);
}

/** A path as it is written in the file: `takes[3].shot.camera`. */
function pathWords(path: readonly PropertyKey[]): string {
  const words = path.map((p, i) =>
    typeof p === 'number' ? `[${p}]` : `${i === 0 ? '' : '.'}${cut(String(p), NAME_LETTERS)}`,
  );
  return cut(words.join(''), PATH_LETTERS);
}

/** What a value is counted in, by what it is. */
const COUNTED: Record<string, string> = {
  string: ' letters',
  array: ' entries',
  set: ' entries',
};

/** What a value has to be, by the schema's name for it. */
const KINDS: Record<string, string> = {
  array: 'a list',
  object: 'an object',
  record: 'an object',
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'true or false',
};

const FORMATS: Record<string, string> = {
  datetime: 'a moment such as 2026-12-05T10:00:00Z',
  regex: 'text of the agreed form',
};

/** The words of an issue by its code; what has none of its own says the schema's own words. */
const WORDS: { [C in Issue['code']]?: (issue: Extract<Issue, { code: C }>) => string } = {
  invalid_type: ({ expected }) => `give ${KINDS[expected] ?? expected}`,
  too_big: ({ maximum, origin, inclusive }) =>
    `give ${inclusive === false ? 'less than' : 'at most'} ${maximum}${COUNTED[origin] ?? ''}`,
  too_small: ({ minimum, origin, inclusive }) =>
    `give ${inclusive === false ? 'more than' : 'at least'} ${minimum}${COUNTED[origin] ?? ''}`,
  invalid_format: ({ format }) => `give ${FORMATS[format] ?? `a ${format}`}`,
  invalid_value: ({ values }) =>
    values.length === 1
      ? `give ${shown(values[0])}`
      : `give one of ${cut(values.map((v) => shown(v)).join(', '), 120)}`,
  invalid_union: () => 'give one of the agreed forms',
  invalid_key: () => 'its name is not a known one',
  unrecognized_keys: ({ keys }) => {
    const named = keys.slice(0, NAMED_KEYS).map((k) => `"${cut(k, NAME_LETTERS)}"`);
    const more = keys.length - named.length;
    return `unknown ${keys.length === 1 ? 'field' : 'fields'} ${named.join(', ')}${more > 0 ? ` and ${more} more` : ''}`;
  },
};

/** A problem as path, value and what would be right, in at most 300 letters. */
function explainIssue(issue: Issue, raw: unknown): string {
  const path = pathWords(issue.path) || 'the file';
  let value: unknown = raw;
  for (const p of issue.path) value = (value as Record<PropertyKey, unknown> | null | undefined)?.[p];
  const is = issue.code === 'unrecognized_keys' ? '' : ` is ${shown(value)}`;
  const words = (WORDS[issue.code] as ((i: Issue) => string) | undefined)?.(issue) ?? issue.message;
  return cut(`${path}${is}: ${words}`, MESSAGE_LETTERS);
}

/** First problem of a failed parse. */
export function explain(error: z.ZodError, raw: unknown): string {
  return explainIssue(error.issues[0]!, raw);
}

/** Every problem of a failed parse. */
export function explainAll(error: z.ZodError, raw: unknown): string[] {
  return error.issues.map((issue) => explainIssue(issue, raw));
}
