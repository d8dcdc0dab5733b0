import type { Conflict } from '@/core/changes';
import type { Sitter } from '@/core/people';
import type { KeepState } from '@/keeping';

/** Each field of a record as the form calls it. */
const FIELD_WORDS: Record<keyof Sitter, string> = {
  id: 'record',
  name: 'name',
  addressAs: 'addressed as',
  pronouns: 'pronouns',
  language: 'language',
  email: 'e-mail',
  phone: 'telephone',
  needs: 'needs',
  units: 'units',
  profile: 'body and motion',
  motionWords: 'what else limits them',
  betterSide: 'better side',
  wishes: 'wishes',
  dislikes: 'dislikes',
  boundaries: 'boundaries',
  stopWord: 'word to stop',
  consents: 'agreements',
  guardian: 'guardian',
  wardrobe: 'wardrobe',
  note: 'notes',
  privateNote: 'private notes',
  tags: 'tags',
  archived: 'archive',
  binnedAt: 'bin',
};

/** Fields of other records in which a person can be named. */
const OTHER_WORDS: Record<string, string> = {
  comes: 'who comes along',
  title: 'title',
  place: 'place',
  looks: 'looks',
  members: 'members',
  room: 'room',
  pose: 'pose',
};

/** A field of a record in words, by its name. */
export function fieldWords(field: string): string {
  return (FIELD_WORDS as Record<string, string>)[field] ?? OTHER_WORDS[field] ?? field;
}

function valueWords(value: unknown): string {
  if (value === undefined || value === '') return 'nothing';
  if (typeof value === 'string') return `“${value}”`;
  return typeof value === 'object' ? 'something else' : String(value);
}

/** What was changed of a record here and elsewhere, with both values where they are short. */
export function recordConflictWords({ path, mine, theirs }: Conflict): string {
  const field = path[0] as keyof Sitter | undefined;
  const words = field ? FIELD_WORDS[field] : 'the record';
  return `${words}: ${valueWords(theirs)} there, ${valueWords(mine)} here`;
}

/** How far what was typed is on disk. */
export function keptWords(isWrong: boolean, state: KeepState): string {
  if (isWrong) return 'Not kept: something is out of range';
  // why is said above every place
  if (state.kind === 'failed') return 'Not kept';
  return state.kind === 'saving' ? 'Keeping' : 'Kept';
}
