import { describe, expect, it } from 'vitest';
import { randomFrom } from '../units';
import { callOrder, callsOf, orderCost, type Combination } from '.';

const combination = (id: string, personIds: string, minutes = 2): Combination => ({
  id,
  name: id,
  personIds: [...personIds],
  minutes,
});
const ids = (order: readonly Combination[]) => order.map((c) => c.id).join(' ');
const nobodysAge = () => undefined;

function permutations<T>(of: readonly T[]): T[][] {
  return of.length < 2
    ? [[...of]]
    : of.flatMap((one, i) => permutations(of.toSpliced(i, 1)).map((rest) => [one, ...rest]));
}

/** A family of nine letters, a and b old, h and i small, in so many combinations. */
function drawn(count: number, seed: number): Combination[] {
  const next = randomFrom(seed);
  return Array.from({ length: count }, (_, i) => {
    const who = [...'abcdefghi'].filter(() => next() < 0.45).join('') || 'a';
    return combination(`c${i}`, who, 1 + Math.floor(next() * 4));
  });
}
const AGES: Record<string, number> = { a: 78, b: 74, h: 5, i: 3 };
const ageOf = (id: string) => AGES[id] ?? 40;

describe('an order of combinations', () => {
  it.each([1, 2, 3, 4, 5, 6])('is the cheapest of all permutations: draw %i', (seed) => {
    const drawnOnes = drawn(6, seed);
    const best = Math.min(...permutations(drawnOnes).map((order) => orderCost(order, ageOf)));
    expect(orderCost(callOrder(drawnOnes, ageOf), ageOf)).toBeCloseTo(best, 9);
  });

  it('beyond the table is within two per cent of it', () => {
    // a fourteenth that nobody has to come for costs its minutes alone: the table's order with it is a bound
    const many = drawn(13, 7);
    const exact = orderCost(callOrder(many, nobodysAge), nobodysAge);
    const more = [...many, { ...many[0]!, id: 'again' }];
    const found = callOrder(more, nobodysAge);
    expect(found).toHaveLength(14);
    expect(orderCost(found, nobodysAge)).toBeLessThanOrEqual(exact * 1.02);
  });

  it('lets people come one after the other, not in and out', () => {
    const order = callOrder(
      [
        combination('all', 'abcd'),
        combination('one', 'a'),
        combination('three', 'abc'),
        combination('two', 'ab'),
      ],
      nobodysAge,
    );
    expect(['one two three all', 'all three two one']).toContain(ids(order));
    expect(callsOf(order).flatMap((c) => c.come)).toHaveLength(4);
  });

  it('takes small children and elders first where it costs no more', () => {
    const both = [combination('grown', 'cd'), combination('child', 'ih'), combination('old', 'ab')];
    expect(ids(callOrder(both, ageOf)).split(' ')[2]).toBe('grown');
    expect(ids(callOrder(both, nobodysAge))).toBe('grown child old');
  });

  it('does not send a whole crew out and in for one minute of waiting', () => {
    const order = callOrder(
      [
        combination('crew', 'cdefg', 1),
        combination('crew and child', 'cdefgi', 1),
        combination('crew again', 'cdefg', 1),
      ],
      ageOf,
    );
    expect(
      callsOf(order)
        .flatMap((c) => c.come)
        .filter((id) => id !== 'i'),
    ).toHaveLength(5);
  });

  it('of one or none is itself, and the same for the same input', () => {
    expect(callOrder([], ageOf)).toEqual([]);
    const many = drawn(16, 3);
    expect(ids(callOrder(many, ageOf))).toBe(ids(callOrder(many, ageOf)));
    expect(new Set(callOrder(many, ageOf)).size).toBe(16);
  });
});

describe('what is called', () => {
  const [first, second, third] = callsOf([
    combination('one', 'ab', 3),
    combination('two', 'bc', 2),
    combination('three', 'ad', 4),
    combination('four', 'bd', 1),
  ]) as [
    ReturnType<typeof callsOf>[number],
    ReturnType<typeof callsOf>[number],
    ReturnType<typeof callsOf>[number],
  ];

  it('tells who comes, stays, waits for a later one, is done, and stands ready', () => {
    expect(first).toMatchObject({ come: ['a', 'b'], stay: [], wait: [], done: [], ready: ['c'] });
    expect(second).toMatchObject({ come: ['c'], stay: ['b'], wait: [], done: [], ready: ['a', 'd'] });
    expect(third).toMatchObject({ come: ['a', 'd'], stay: [], wait: [], done: ['c'], ready: ['b'] });
    const [begin] = callsOf([combination('one', 'a'), combination('two', 'b'), combination('three', 'c')]);
    expect(begin!.ready).toEqual(['b']);
    const waits = callsOf(['ab', 'b', 'bc', 'a'].map((who) => combination(who, who)));
    expect(waits.map((c) => c.wait.join(''))).toEqual(['', 'a', '', '']);
  });

  it('counts the minutes of all who come and go', () => {
    const ends = [first, second, third].map((c) => Math.round(c.endMin * 10) / 10);
    expect([first.startMin, ...ends]).toEqual([0, 4, 6.7, 12.1]);
  });
});
