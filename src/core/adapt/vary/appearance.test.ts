import { describe, expect, it } from 'vitest';
import { partIndex } from '../../body';
import type { Sight } from '../../picture';
import { appearanceOf, unlikeShare } from './appearance';

const [F, C, H] = [partIndex('face'), partIndex('chest'), partIndex('left:hand')];

/** A picture of labels, row by row. */
function looking(rows: readonly (readonly number[])[]) {
  const picture = { width: rows[0]!.length, height: rows.length, label: Uint8Array.from(rows.flat()) };
  return appearanceOf({ picture } as Sight);
}

const standing = looking([
  [0, F, 0, 0],
  [0, C, H, 0],
  [0, C, 0, 0],
]);

describe('how unlike two pictures look', () => {
  it('is nothing for one and the same, also a step aside', () => {
    const aside = looking([
      [0, 0, F, 0],
      [0, 0, C, H],
      [0, 0, C, 0],
    ]);
    expect(unlikeShare(standing, standing)).toBe(0);
    expect(unlikeShare(standing, aside)).toBe(0);
    expect(unlikeShare(aside, standing)).toBe(0);
  });

  it('is the share of the figure, in either picture, that shows something else', () => {
    const handUp = looking([
      [0, F, H, 0],
      [0, C, 0, 0],
      [0, C, 0, 0],
    ]);
    // five places in all: the hand's old one and its new one differ
    expect(unlikeShare(standing, handUp)).toBeCloseTo(2 / 5);
    expect(unlikeShare(handUp, standing)).toBeCloseTo(2 / 5);
  });

  it('counts what falls off the edge as gone: it is on no other side of the picture', () => {
    const handOut = looking([
      [0, F, H, 0],
      [0, C, 0, 0],
    ]);
    // the place of the hand would be the first one of the next row, where there is one
    const atEdge = looking([
      [0, 0, 0, F],
      [H, 0, 0, C],
    ]);
    expect(unlikeShare(handOut, atEdge)).toBeCloseTo(1 / 3);
  });

  it('is nothing where nobody is seen', () => {
    const nobody = looking([[0, 0, 0, 0]]);
    expect(unlikeShare(nobody, nobody)).toBe(0);
  });
});
