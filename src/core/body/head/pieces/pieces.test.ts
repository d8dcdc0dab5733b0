import { describe, expect, it } from 'vitest';
import { profileOf } from '../../../../../tests/support/people';
import { bodyFrom, type BodyProfile } from '../..';
import { tripleAt } from '../../../units';
import { bindToHead } from '../../bones/skeleton';
import type { Piece } from '../../pieces/piece';
import { FACE_MOVE_NAMES } from '../../skin/expression';
import { earPiece } from './earPiece';
import { eyePieces } from './eyePieces';
import { headModel } from '../headModel';
import { teethPieces } from './teethPiece';

function headOf(said: Partial<BodyProfile> = {}) {
  const profile = profileOf(said);
  const { lengths, fields } = bodyFrom(profile);
  return { profile, lengths, model: headModel(profile, lengths, fields, 1) };
}
const HEAD = headOf();
const SKIN = [0.4, 0.3, 0.2] as const;
const earOf = ({ profile, lengths, model }: ReturnType<typeof headOf>) =>
  earPiece(lengths, model, SKIN, profile.contourShare, 18);

/** Edges of a piece that no other triangle runs along the other way. */
function openEdges({ mesh: { triangles } }: Piece): number {
  const known = new Set<string>();
  const sides = (t: number) => {
    const [a, b, c] = tripleAt(triangles, t);
    return [`${a} ${b}`, `${b} ${c}`, `${c} ${a}`];
  };
  const all = Array.from({ length: triangles.length / 3 }, (_, t) => sides(t)).flat();
  for (const side of all) known.add(side);
  return all.filter((side) => !known.has(side.split(' ').reverse().join(' '))).length;
}
/** Places of a piece, head coordinates. */
function placesOf({ mesh, place }: Piece, { lengths }: ReturnType<typeof headOf>) {
  return Array.from({ length: mesh.positions.length / 3 }, (_, v) =>
    bindToHead(lengths, place(tripleAt(mesh.positions, v))),
  );
}
const reach = (values: readonly number[]) => Math.max(...values) - Math.min(...values);

describe('what stands on the skin of a head', () => {
  const teeth = teethPieces(HEAD.lengths, HEAD.model);
  const all: [string, Piece][] = [
    ['upper teeth', teeth[0]!],
    ['lower teeth', teeth[1]!],
    ['ear', earOf(HEAD)],
    ['eye', eyePieces(HEAD.profile, HEAD.lengths, 12, 18)[0]!],
  ];

  it.each(all)('%s is closed, of unit normals, and worn on both sides', (_, piece) => {
    expect(openEdges(piece)).toBe(0);
    expect(piece.sides).toEqual(['left', 'right']);
    for (let v = 0; v < piece.mesh.normals.length / 3; v++)
      expect(Math.hypot(...tripleAt(piece.mesh.normals, v))).toBeCloseTo(1, 3);
  });

  it('the lower teeth go down with the jaw, and the upper ones stay', () => {
    const downOf = ({ moves }: Piece) => Math.min(...(moves!.jawLowered as Float32Array));
    expect(downOf(teeth[0]!)).toBeCloseTo(0);
    expect(downOf(teeth[1]!)).toBeLessThan(-0.004);
    for (const move of FACE_MOVE_NAMES.filter((name) => name !== 'jawLowered'))
      for (const piece of teeth) expect(Math.max(...piece.moves![move].map(Math.abs))).toBe(0);
  });

  it('the teeth lie behind the lips and between nose and chin', () => {
    for (const [, y, z] of teeth.flatMap((piece) => placesOf(piece, HEAD))) {
      expect(y).toBeGreaterThan(0.1);
      expect(y).toBeLessThan(0.3);
      expect(z).toBeLessThan(0.45);
    }
  });

  it('an ear is higher than wide, stands off the head, and lies behind the middle of the face', () => {
    const places = placesOf(earOf(HEAD), HEAD);
    const [across, high, deep] = [0, 1, 2].map((c) => reach(places.map((p) => p[c]!))) as [
      number,
      number,
      number,
    ];
    expect(high).toBeGreaterThan(1.5 * deep);
    expect(across).toBeGreaterThan(0.05);
    for (const [x, , z] of places) {
      expect(x).toBeGreaterThan(0.2);
      expect(z).toBeLessThan(0.1);
    }
  });

  it('an old ear is longer, and a soft contour keeps it nearer to the head', () => {
    const highOf = (head: ReturnType<typeof headOf>) => reach(placesOf(earOf(head), head).map((p) => p[1]));
    expect(highOf(headOf({ ageYears: 85 }))).toBeGreaterThan(1.03 * highOf(HEAD));
    const wideOf = (contourShare: number) => {
      const head = headOf({ contourShare });
      return reach(placesOf(earOf(head), head).map((p) => p[0]));
    };
    expect(wideOf(1)).toBeLessThan(wideOf(0));
  });

  it('an eye has its pupil darker than its white, and the iris of dark hair is darker than that of fair', () => {
    const toneAt = (said: Partial<BodyProfile>, polarDeg: number) => {
      const { profile, lengths } = headOf(said);
      const [eye] = eyePieces(profile, lengths, 12, 18);
      const a = (polarDeg * Math.PI) / 180;
      const at = [0, 0.04 * Math.sin(a), 0.04 * Math.cos(a)] as const;
      return eye!.paint([...at], [...at], 0).colour[1];
    };
    expect(toneAt({}, 2)).toBeLessThan(0.3 * toneAt({}, 45));
    const tones = (hair: number): Partial<BodyProfile> => ({
      tones: { skin: [0.4, 0.3, 0.2], hair: [hair, hair, hair] },
    });
    expect(toneAt(tones(0.01), 18)).toBeLessThan(toneAt(tones(0.2), 18));
  });
});
