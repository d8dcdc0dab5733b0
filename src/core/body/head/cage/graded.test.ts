import { describe, expect, it } from 'vitest';
import { CUBE } from '../../../../../tests/support/cube';
import { graded } from './graded';
import { levelOf, FINENESSES } from './levels';
import { subdivided, type Polygons } from './subdivision';

/** Directed edges that no other polygon runs along the other way. */
function openEdges(polygons: Polygons): [number, number][] {
  const edges = polygons.flatMap((corners) =>
    corners.map((a, i): [number, number] => [a, corners[(i + 1) % corners.length]!]),
  );
  const known = new Set(edges.map(([a, b]) => `${a} ${b}`));
  return edges.filter(([a, b]) => !known.has(`${b} ${a}`));
}

/** Rims that open edges close to. */
function rims(edges: readonly [number, number][]): number {
  const after = new Map(edges);
  let count = 0;
  for (const start of after.keys()) {
    if (!after.has(start)) continue;
    count++;
    for (let at: number | undefined = start; at !== undefined;) {
      const next = after.get(at);
      after.delete(at);
      at = next;
    }
  }
  return count;
}

describe('a mesh of which some faces are finer', () => {
  const step = subdivided(CUBE, 8);
  const top = graded(step, CUBE.length, (f) => f === 1);

  it('subdivides these alone, and gives their neighbours the corners that they share', () => {
    expect(top.polygons.map((corners) => corners.length).sort()).toEqual([4, 4, 4, 4, 4, 5, 5, 5, 5]);
    expect(top.within.filter((f) => f === 1)).toHaveLength(4);
    // 8 corners, the middles of four edges and that of the face
    expect(top.kept).toHaveLength(13);
  });

  it('does not gape, whichever faces are finer', () => {
    expect(openEdges(CUBE)).toHaveLength(0);
    for (let which = 0; which < 2 ** CUBE.length; which++)
      expect(openEdges(graded(step, CUBE.length, (f) => ((which >> f) & 1) === 1).polygons)).toHaveLength(0);
  });

  it('begins a face with a corner that it shares, so that no triangle of a fan is flat', () => {
    const middles = new Set(top.kept.flatMap((v, i) => (v >= 8 && v < 20 ? [i] : [])));
    for (const corners of top.polygons.filter((c) => c.length > 4))
      expect(middles.has(corners[0]!)).toBe(true);
  });

  it('keeps nothing that no face uses', () => {
    const used = new Set(top.polygons.flat());
    expect([...used].sort((a, b) => a - b)).toEqual(top.kept.map((_, i) => i));
  });
});

describe('the skin of the head', () => {
  it('is open at both eyes and below the neck, at every fineness, and nowhere else', () => {
    for (const fineness of FINENESSES) expect(rims(openEdges(levelOf(fineness).polygons))).toBe(3);
  });

  it('is finer in the face than on the skull', () => {
    const share = (fineness: 0 | 1) => {
      const { regions } = levelOf(fineness);
      return regions.filter((region) => region === 'skull').length / regions.length;
    };
    expect(share(1)).toBeLessThan(share(0) / 2);
  });
});
