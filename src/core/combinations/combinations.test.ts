import { describe, expect, it } from 'vitest';
import type { Group } from '../people';
import { combinationsSchema, proposedCombinations, usualMinutes, withoutPerson, type Combination } from '.';

const one = (id: string, ...personIds: string[]): Combination => ({ id, name: id, personIds, minutes: 2 });
const group = (name: string, ...members: string[]): Group => ({
  id: name,
  name,
  kind: 'family',
  members: members.map((sitterId) => ({ sitterId, role: '' })),
});

describe('combinations', () => {
  it('are refused with what is wrong', () => {
    const wrong = (c: object) => combinationsSchema.safeParse([{ ...one('x', 'a'), ...c }]).error?.issues[0];
    expect(wrong({ minutes: 0 })?.path).toEqual([0, 'minutes']);
    expect(wrong({ personIds: ['a', 'a'] })?.message).toBe('each once');
    expect(wrong({ name: '  ' })?.path).toEqual([0, 'name']);
    expect(combinationsSchema.safeParse([one('x', 'a'), one('x', 'b')]).success).toBe(false);
  });

  it('lose who is gone, and are gone with the last of theirs', () => {
    expect(withoutPerson([one('x', 'a', 'b'), one('y', 'a')], 'a')).toEqual([one('x', 'b')]);
  });

  it('are proposed for all, and for groups of whom two are there, once', () => {
    const groups = [group('Aydals', 'b', 'a', 'z'), group('far', 'z', 'y'), group('same', 'a', 'b')];
    const proposed = proposedCombinations(['a', 'b', 'c'], groups, []);
    expect(proposed.map((p) => [p.name, ...p.personIds])).toEqual([
      [null, 'a', 'b', 'c'],
      ['Aydals', 'a', 'b'],
    ]);
    expect(proposedCombinations(['a', 'b', 'c'], groups, [one('x', 'c', 'b', 'a')])).toHaveLength(1);
  });

  it('take longer with more people', () => {
    expect(usualMinutes(2)).toBe(2.5);
    expect(usualMinutes(12)).toBe(5);
  });
});
