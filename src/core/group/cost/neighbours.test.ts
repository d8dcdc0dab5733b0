import { describe, expect, it } from 'vitest';
import type { Vec3 } from '../../units';
import type { Place } from '../places/places';
import { betweenOf, trianglesOf } from './neighbours';

/** A place of a row, so far to camera right and to the front, metres. */
const place = (row: number, column: number, xM: number, zM = -row * 0.55): Place => ({
  row,
  column,
  level: 'standing',
  xM,
  zM,
  turnLeftDeg: 0,
  isOwnSeat: false,
});
/** Two rows of three and two, the second in the gaps of the first. */
const FRONT = [place(0, 0, -0.6), place(0, 1, 0), place(0, 2, 0.6)];
const BACK = [place(1, 0, -0.3), place(1, 1, 0.3)];
const LENS: Vec3 = [0, 1.5, 5];
const KEY: Vec3 = [3, 2.4, 3];
const between = (a: Place, b: Place) => betweenOf(a, b, LENS, KEY);

describe('how two places stand to each other', () => {
  it('is beside each other in one row alone, and next to each other', () => {
    expect(between(FRONT[0]!, FRONT[1]!).isBeside).toBe(true);
    expect(between(FRONT[0]!, FRONT[2]!).isBeside).toBe(false);
    expect(between(FRONT[0]!, BACK[0]!).isBeside).toBe(false);
    expect(between(FRONT[0]!, FRONT[1]!).apartM).toBeCloseTo(0.6, 9);
  });

  it('is in one line from the lens where one stands behind the other, whoever is named first', () => {
    const behind = place(1, 0, 0.02);
    for (const [a, b] of [
      [FRONT[1]!, behind],
      [behind, FRONT[1]!],
    ] as const)
      expect(between(a, b).fromLens).toBe(true);
    expect(between(FRONT[0]!, BACK[1]!).fromLens).toBe(false);
  });

  it('goes by where the key stands for its shadow, not by the lens', () => {
    // the key from camera right throws the shadow of the right one over the left one behind
    const right = place(0, 2, 0.6, 0);
    const left = place(1, 0, -0.6, -1.2);
    expect(between(right, left).fromLens).toBe(false);
    expect(betweenOf(right, left, LENS, [2.4, 2.4, 1.8]).fromKey).toBe(true);
    expect(betweenOf(right, left, LENS, [-3, 2.4, 3]).fromKey).toBe(false);
  });

  it('is judged where somebody stands beside the lens, as far from the group as it', () => {
    expect(betweenOf(place(0, 0, 2, 5.2), FRONT[1]!, LENS, KEY).fromLens).toBe(true);
  });
});

describe('triangles of heads', () => {
  it('are two of a row with the one in their gap, three by three, each once', () => {
    const all = [...FRONT, ...BACK];
    const found = trianglesOf(all);
    // 0-1 with the left one behind, 1-2 with the right one, and the two behind with the middle one
    expect(found).toEqual([
      [0, 1, 3],
      [1, 2, 4],
      [1, 3, 4],
    ]);
  });

  it('are none in a single row, and none over a row between', () => {
    expect(trianglesOf(FRONT)).toEqual([]);
    expect(trianglesOf([place(0, 0, -0.3), place(0, 1, 0.3), place(2, 0, 0)])).toEqual([]);
  });
});
