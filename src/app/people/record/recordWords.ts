import type { Conflict } from '@/core/changes';
import type { KeepState } from '@/keeping';
import { fieldWords } from '@/ui/store/fieldWords';

function valueWords(value: unknown): string {
  if (value === undefined || value === '') return 'nothing';
  if (typeof value === 'string') return `“${value}”`;
  return typeof value === 'object' ? 'something else' : String(value);
}

/** What was changed of a record here and elsewhere, with both values where they are short. */
export function recordConflictWords({ path, mine, theirs }: Conflict): string {
  const words = path[0] === undefined ? 'the record' : fieldWords(path[0]);
  return `${words}: ${valueWords(theirs)} there, ${valueWords(mine)} here`;
}

/** How far what was typed is on disk. */
export function keptWords(isWrong: boolean, state: KeepState): string {
  if (isWrong) return 'Not kept: something is out of range';
  // why is said above every place
  if (state.kind === 'failed') return 'Not kept';
  return state.kind === 'saving' ? 'Keeping' : 'Kept';
}
