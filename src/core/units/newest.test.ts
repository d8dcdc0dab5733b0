import { describe, expect, it } from 'vitest';
import { Newest } from './newest';

/** Answers with how often a key was made. */
function counting() {
  const made = new Map<string, number>();
  const make = (key: string) => () => {
    made.set(key, (made.get(key) ?? 0) + 1);
    return Promise.resolve(`${key}${made.get(key)}`);
  };
  return { made, make };
}

describe('what was asked for last', () => {
  it('is made once, and lets the oldest go', async () => {
    const kept = new Newest<string>();
    const { made, make } = counting();
    for (const key of ['a', 'b', 'a', 'c', 'a', 'b']) await kept.get(key, 2, make(key));
    // b was the oldest when c came, a was asked for in between
    expect(Object.fromEntries(made)).toEqual({ a: 1, b: 2, c: 1 });
  });

  it('is the same promise for two who ask while it is made', () => {
    const kept = new Newest<string>();
    const { made, make } = counting();
    expect(kept.get('a', 1, make('a'))).toBe(kept.get('a', 1, make('a')));
    expect(made.get('a')).toBe(1);
  });

  it('is asked for anew where it could not be had', async () => {
    const kept = new Newest<string>();
    await expect(kept.get('a', 2, () => Promise.reject(new Error('gone')))).rejects.toThrow('gone');
    expect(await kept.get('a', 2, () => Promise.resolve('here'))).toBe('here');
  });

  it('does not lose what came in the place of one that failed late', async () => {
    const kept = new Newest<string>();
    let fail: (error: Error) => void = () => undefined;
    const late = kept.get('a', 1, () => new Promise((_, reject) => (fail = reject)));
    await kept.get('b', 1, () => Promise.resolve('b'));
    const again = kept.get('a', 1, () => Promise.resolve('again'));
    fail(new Error('late'));
    await expect(late).rejects.toThrow('late');
    expect(kept.get('a', 1, () => Promise.resolve('a third'))).toBe(again);
  });
});
