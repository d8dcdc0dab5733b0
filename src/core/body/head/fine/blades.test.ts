import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../../tests/support/people';
import { bodyFrom } from '../..';
import { add, apart, dot, lengthOf, subtract, tripleAt, type Vec3 } from '../../../units';
import { FACE_MOVE_NAMES } from '../../skin/expression';
import { headModel } from '../headModel';
import { bladesPiece, rootOf, type Hair } from './blades';
import { browHairs } from './browHairs';

const profile = profileOf({ contourShare: 0.7 });
const { lengths, fields } = bodyFrom(profile);
const MODEL = headModel(profile, lengths, fields, 1);
const BROWN = [0.1, 0.06, 0.04] as const;
const hairs = browHairs(profile, lengths, MODEL);
const piece = bladesPiece(hairs, MODEL, [...BROWN]);

describe('a root in the skin', () => {
  it('of one vertex is that vertex, and of two with equal shares lies between them', () => {
    const [a, b] = [40, 41];
    const one = rootOf(MODEL, [[a, 1]]);
    expect(apart(one.root, tripleAt(MODEL.mesh.positions, a))).toBeLessThan(1e-9);
    const two = rootOf(MODEL, [
      [a, 0.5],
      [b, 0.5],
    ]);
    const other = rootOf(MODEL, [[b, 1]]);
    const middle = add(add([0, 0, 0], one.root, 0.5), other.root, 0.5);
    expect(apart(two.root, middle)).toBeLessThan(1e-9);
    expect(lengthOf(two.normal)).toBeCloseTo(1, 9);
  });
});

describe('hairs of a brow', () => {
  it('stand on the skin of the left half, off it by their roots and longer than wide', () => {
    expect(hairs.length).toBeGreaterThan(100);
    for (const { root, tip, across, normal, on } of hairs) {
      expect(root[0]).toBeGreaterThan(0);
      const skin = rootOf(MODEL, on).root;
      expect(dot(subtract(root, skin), normal)).toBeGreaterThan(0);
      expect(apart(root, skin)).toBeLessThan(0.001);
      expect(apart(tip, root)).toBeGreaterThan(4 * lengthOf(across));
    }
  });

  it('are the same each time', () => {
    expect(browHairs(profile, lengths, MODEL)).toEqual(hairs);
  });
});

describe('blades', () => {
  const { positions, normals, triangles } = piece.mesh;

  it('have two faces of three corners each, turned to either side, so that nothing is open', () => {
    expect(positions).toHaveLength(hairs.length * 9);
    expect(triangles).toHaveLength(hairs.length * 6);
    const edges = new Set<string>();
    const all: [number, number][] = [];
    for (let t = 0; t < triangles.length; t += 3) {
      const [a, b, c] = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
      for (const edge of [
        [a, b],
        [b, c],
        [c, a],
      ] as [number, number][]) {
        all.push(edge);
        edges.add(edge.join(' '));
      }
    }
    for (const [a, b] of all) expect(edges.has(`${b} ${a}`)).toBe(true);
  });

  it('run from both sides of the root to the tip, with the normal of the skin', () => {
    hairs.forEach(({ root, tip, normal }: Hair, i) => {
      const [left, right, end] = [0, 1, 2].map((k) => tripleAt(positions, i * 3 + k)) as [Vec3, Vec3, Vec3];
      expect(apart(add(add([0, 0, 0], left, 0.5), right, 0.5), root)).toBeLessThan(1e-6);
      expect(apart(end, tip)).toBeLessThan(1e-6);
      expect(apart(tripleAt(normals, i * 3), normal)).toBeLessThan(1e-6);
    });
  });

  it('go where the skin under their roots goes, in every move of the face', () => {
    for (const move of FACE_MOVE_NAMES)
      for (const i of [0, 30, hairs.length - 1]) {
        const skin = hairs[i]!.on.reduce<Vec3>(
          (sum, [v, share]) => add(sum, tripleAt(MODEL.moves[move], v), share),
          [0, 0, 0],
        );
        for (const k of [0, 1, 2])
          expect(apart(tripleAt(piece.moves![move], i * 3 + k), skin), move).toBeLessThan(1e-6);
      }
  });

  it('are on both sides of the face, of one colour, and carried by the head', () => {
    expect(piece.sides).toEqual(['left', 'right']);
    const at: Vec3 = [0.03, 1.6, 0.1];
    expect(piece.paint(at, at, 0)).toEqual({ part: 'face', colour: [...BROWN] });
    expect([...piece.weigh(at, at).values()]).toEqual([1]);
  });
});
