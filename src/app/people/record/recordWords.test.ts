import { describe, expect, it } from 'vitest';
import { keptWords, recordConflictWords } from './recordWords';

describe('what was changed of a record in two tabs', () => {
  it.each([
    [['stopWord'], 'stop', 'hold water', 'word to stop: “hold water” there, “stop” here'],
    [['archived'], true, false, 'archive: false there, true here'],
    [['guardian'], undefined, { name: 'Helga' }, 'guardian: something else there, nothing here'],
    [['profile', 'massKg'], 60, 62, 'body and motion: 62 there, 60 here'],
    [[], {}, {}, 'the record: something else there, something else here'],
  ])('%j is told with both values', (path, mine, theirs, words) => {
    expect(recordConflictWords({ path, mine, theirs })).toBe(words);
  });
});

it('kept is said when it is on disk, and not before', () => {
  expect(keptWords(false, { kind: 'saved' })).toBe('Kept');
  expect(keptWords(false, { kind: 'saving' })).toBe('Keeping');
  expect(keptWords(true, { kind: 'saved' })).toContain('out of range');
  const refusal = { kind: 'store', fault: 'full' } as const;
  expect(keptWords(false, { kind: 'failed', refusal })).toBe('Not kept');
});
