import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../tests/support/people';
import { EMPTY_SITTER, peopleToCome, type Group, type Sitter } from '.';

const sitter = (id: string, binnedAt?: string): Sitter => ({
  ...EMPTY_SITTER,
  id,
  name: id.toUpperCase(),
  addressAs: id,
  profile: profileOf(),
  ...(binnedAt && { binnedAt }),
});
const PEOPLE = [sitter('a'), sitter('b'), sitter('c'), sitter('gone', '2026-01-01T00:00:00.000Z')];
const group = (id: string, ...members: string[]): Group => ({
  id,
  name: id,
  kind: 'family',
  members: members.map((sitterId) => ({ sitterId, role: '' })),
});
const keys = (...said: Parameters<typeof peopleToCome>) => peopleToCome(...said).map((c) => c.id);

describe('who can still come into a sitting', () => {
  it('is everybody who is not there, and groups of which at least two are not', () => {
    const groups = [group('crew', 'a', 'b', 'c', 'gone', 'unknown'), group('pair', 'a', 'b')];
    expect(peopleToCome(['a'], PEOPLE, groups, 40)).toEqual([
      { kind: 'group', id: 'crew', name: 'crew', personIds: ['b', 'c'] },
      { kind: 'person', id: 'b', name: 'B', personIds: ['b'] },
      { kind: 'person', id: 'c', name: 'C', personIds: ['c'] },
    ]);
  });

  it('is nobody for whom there is no room', () => {
    expect(keys(['a'], PEOPLE, [group('crew', 'b', 'c')], 2)).toEqual(['b', 'c']);
    expect(keys(['a'], PEOPLE, [], 1)).toEqual([]);
  });
});
