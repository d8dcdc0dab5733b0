import { describe, expect, it } from 'vitest';
import type { Vec3 } from '../../units';
import { bodyFrom, bodyProfileSchema, faceTones, type Body, type BodyProfile } from '..';
import { profileOf, PROFILES } from '../../../../tests/support/people';
import { bindToHead, EYEBALL, eyeCentre, headToBind } from '../bones/skeleton';
import { FACE_MOVE_NAMES } from '../skin/expression';
import { FACE_TRAIT_NAMES, type FaceTrait } from '../said/face';
import { averagePlace, LEFT_NAMES, mirrored, POINT_NAMES, pointNumber } from './cage/cage';
import { headModel } from './headModel';
import { neckField } from './cage/headPlaces';
import { levelOf, type Fineness } from './cage/levels';
import { lidEdges } from './looks/lids';
import { heightWith, looksOf } from './looks/looks';

/** Every trait of a face as far as it goes. */
function faceOf(value: number): NonNullable<BodyProfile['face']> {
  return Object.fromEntries(FACE_TRAIT_NAMES.map((name) => [name, value]));
}

const CHILD = profileOf({ statureM: 0.98, massKg: 15, ageYears: 3 });
const OLD = profileOf({ ageYears: 82, contourShare: 1 });
const SITTERS: [name: string, profile: BodyProfile][] = [
  ...Object.entries(PROFILES),
  ['child', CHILD],
  ['old', OLD],
  ['all traits low', profileOf({ face: faceOf(-1) })],
  ['all traits high', profileOf({ face: faceOf(1) })],
];

function headOf(profile: BodyProfile, fineness: Fineness = 1) {
  const body = bodyFrom(profile);
  const model = headModel(body.profile, body.lengths, body.fields, fineness);
  const place = (name: string) => at(body, model.mesh.positions, pointNumber(name));
  return { body, model, place };
}

function at({ lengths }: Body, positions: Float32Array, v: number) {
  return bindToHead(lengths, [positions[v * 3]!, positions[v * 3 + 1]!, positions[v * 3 + 2]!]);
}

describe.each(SITTERS)('the head of the %s sitter', (_, profile) => {
  const { body, model, place } = headOf(profile);

  it('is alike on both sides', () => {
    for (const name of POINT_NAMES) {
      const [x, y, z] = place(name);
      const across = place(mirrored(name));
      expect(Math.hypot(x + across[0], y - across[1], z - across[2])).toBeLessThan(2e-4);
    }
  });

  it('has its lids on the eyeballs, their edges outside and nothing of them far off', () => {
    const eye = eyeCentre(body.lengths, 'left');
    for (const point of [1, 2, 3, 4, 6, 7, 8, 9]) {
      const off = (ring: number) => {
        const p = place(`e${ring}_${point}`);
        return Math.hypot(p[0] - eye[0], p[1] - eye[1], p[2] - eye[2]) - EYEBALL.radius;
      };
      expect(off(2)).toBeGreaterThan(0.003);
      expect(off(2)).toBeLessThan(0.014);
      expect(off(1)).toBeGreaterThan(-0.004);
    }
  });

  it('has the proportions of a face', () => {
    const width = (name: string) => 2 * place(name)[0];
    // nose as wide as the eyes are apart, mouth to the middle of the eyes, half a head to the eyes (the canon, from memory)
    expect(width('w3') / width('e1_0')).toBeGreaterThan(0.75);
    expect(width('w3') / width('e1_0')).toBeLessThan(1.3);
    expect(width('c1') / (2 * EYEBALL.centre[0])).toBeGreaterThan(0.65);
    expect(width('c1') / (2 * EYEBALL.centre[0])).toBeLessThan(1);
    for (const [above, below] of [
      ['T0', 'B0'],
      ['B0', 't0'],
      ['t0', 'u2_0'],
      ['u1_0', 'l2_0'],
      ['l2_0', 'Q0'],
    ] as const)
      expect(place(above)[1]).toBeGreaterThan(place(below)[1]);
    // the tip of the nose is what stands out farthest
    expect(Math.max(...POINT_NAMES.map((name) => place(name)[2]))).toBeCloseTo(
      Math.max(place('t0')[2], place('t1')[2], place('i0')[2]),
      2,
    );
  });

  it('lies on the neck of its own body below the jaw', () => {
    for (const column of [0, 4, 8, 12, 16]) {
      const p = headToBind(body.lengths, place(`N2_${column}`));
      expect(Math.abs(body.fields.whole(...p))).toBeLessThan(0.008);
    }
  });

  it('has the skin of the neck on the body, however finely it is made', () => {
    const fine = headOf(profile, 2);
    const shares = fine.model.mask('neck');
    const field = neckField(body.lengths, body.fields);
    const offs = [...shares.keys()]
      .filter((v) => shares[v]! > 0.95)
      .map((v) =>
        Math.abs(field(...(fine.model.mesh.positions.subarray(v * 3, v * 3 + 3) as unknown as Vec3))),
      );
    offs.sort((a, b) => a - b);
    expect(offs.length).toBeGreaterThan(500);
    expect(offs[Math.floor(offs.length * 0.95)]).toBeLessThan(0.001);
  });

  it('moves as far on one side as on the other, and by numbers', () => {
    for (const move of FACE_MOVE_NAMES) {
      const shifts = model.moves[move];
      expect(shifts.every(Number.isFinite)).toBe(true);
      const by = (name: string) => shifts.slice(pointNumber(name) * 3, pointNumber(name) * 3 + 3);
      for (const name of ['c1', 'e1_3', 'B3', 'G4']) {
        const [own, across] = [by(name), by(mirrored(name))];
        expect(Math.hypot(own[0]! + across[0]!, own[1]! - across[1]!, own[2]! - across[2]!)).toBeLessThan(
          1e-6,
        );
      }
    }
  });
});

it('every fineness is the same skin: its first points are those of the cage', () => {
  const heads = ([0, 1, 2] as const).map((fineness) => headOf(PROFILES.average, fineness));
  for (const name of POINT_NAMES.filter((n) => !n.startsWith('N'))) {
    const [coarse, middle, fine] = heads.map(({ place }) => place(name));
    for (let c = 0; c < 3; c++) {
      expect(coarse![c]).toBeCloseTo(fine![c]!, 5);
      expect(middle![c]).toBeCloseTo(fine![c]!, 5);
    }
  }
  expect(levelOf(2).count).toBeGreaterThan(3.5 * levelOf(1).count);
});

describe('closed lids', () => {
  it.each(SITTERS)('meet on the %s sitter', (_, profile) => {
    const { model, place } = headOf(profile);
    const H = bodyFrom(profile).lengths.headHeightM;
    const closed = (name: string) => place(name)[1] + model.moves.lidsClosed[pointNumber(name) * 3 + 1]! / H;
    for (const [upper, lower] of [
      [2, 8],
      [3, 7],
    ] as const)
      expect(Math.abs(closed(`e1_${upper}`) - closed(`e1_${lower}`))).toBeLessThan(0.008);
  });

  it.each(SITTERS)('have slid over the eyeball of the %s sitter, not through it', (_, profile) => {
    const { body, model, place } = headOf(profile);
    const eye = eyeCentre(body.lengths, 'left');
    const { headHeightM: H, headBreadthFactor } = body.lengths;
    for (const name of ['e2_1', 'e2_2', 'e2_3', 'e2_4']) {
      const p = place(name);
      const by = [0, 1, 2].map((c) => model.moves.lidsClosed[pointNumber(name) * 3 + c]! / H);
      by[0]! /= headBreadthFactor;
      const off = (moved: readonly number[]) =>
        Math.hypot(...p.map((value, c) => value + moved[c]! - eye[c]!)) - EYEBALL.radius;
      expect(Math.abs(off(by) - off([0, 0, 0]))).toBeLessThan(0.002);
    }
  });

  it('are those that reflections are read between: open, they leave the iris’s middle free and cover its top', () => {
    const { upper, lower } = lidEdges(0);
    expect(upper).toBeLessThan(0.0255);
    expect(upper).toBeGreaterThan(0.015);
    expect(lower).toBeLessThan(-0.018);
    expect(lidEdges(-0.2).upper).toBe(lidEdges(-0.3).upper);
  });
});

describe('what makes heads differ', () => {
  it('a child has its eyes lower, a broader skull for its height, and a smaller nose', () => {
    const [child, adult] = [headOf(CHILD), headOf(PROFILES.average)];
    expect(child.body.lengths.eyesUpShare).toBeCloseTo(0.445, 3);
    expect(child.place('Bs2')[0]).toBeGreaterThan(adult.place('Bs2')[0] + 0.01);
    expect(child.place('t0')[2] - child.place('D3')[2]).toBeLessThan(
      adult.place('t0')[2] - adult.place('D3')[2] - 0.01,
    );
  });

  it('a heavy sitter has fuller cheeks, a soft contour a narrower jaw, and age lets the brow down', () => {
    const [heavy, average] = [headOf(profileOf({ massKg: 120 })), headOf(PROFILES.average)];
    expect(heavy.place('R5')[0]).toBeGreaterThan(average.place('R5')[0] + 0.01);
    const soft = headOf(profileOf({ contourShare: 1 }));
    expect(soft.place('J5')[0]).toBeLessThan(average.place('J5')[0] - 0.015);
    expect(headOf(OLD).place('B3')[1]).toBeLessThan(soft.place('B3')[1] - 0.004);
  });

  it('looks go with age and weight in steps without jumps', () => {
    expect(looksOf(profileOf({ ageYears: 3 })).child).toBe(1);
    expect(looksOf(profileOf({ ageYears: 17 })).child).toBe(0);
    expect(looksOf(profileOf({ ageYears: 32 })).old).toBe(0);
    expect(looksOf(profileOf({ ageYears: 82 })).old).toBe(1);
    for (let y = 0; y < 1; y += 0.05)
      expect(heightWith({ child: 1 }, y + 0.05)).toBeGreaterThan(heightWith({ child: 1 }, y));
  });
});

/** The point of the cage nearest to a place of the average adult. */
function nearest(to: Vec3): string {
  const away = (name: string) => {
    const p = averagePlace(name);
    return p ? Math.hypot(p[0]! - to[0], p[1]! - to[1], p[2]! - to[2]) : Infinity;
  };
  return LEFT_NAMES.reduce((best, name) => (away(name) < away(best) ? name : best));
}

/** What each trait moves most: a place of the average adult, the axis, and by how much from low to high, head heights. */
const MOVED: Record<FaceTrait, [place: Vec3, axis: 0 | 1 | 2, by: number]> = {
  noseLength: [[0, 0.355, 0.493], 1, -0.03],
  noseBreadth: [[0.0745, 0.324, 0.407], 0, 0.02],
  noseBridge: [[0, 0.452, 0.426], 2, 0.03],
  jawBreadth: [[0.214, 0.132, 0.046], 0, 0.03],
  chinForward: [[0, 0.05, 0.415], 2, 0.04],
  browDepth: [[0.124, 0.592, 0.386], 2, 0.02],
  lipFullness: [[0.058, 0.181, 0.435], 1, -0.012],
  cheekbones: [[0.186, 0.368, 0.336], 2, 0.02],
};

describe('what is said of a face', () => {
  const average = headOf(profileOf()).place;
  it.each(Object.entries(MOVED))(
    '%s moves what it is called by, evenly both ways',
    (trait, [to, axis, by]) => {
      const name = nearest(to);
      const at = (value: number) => headOf(profileOf({ face: { [trait]: value } })).place(name)[axis];
      const [low, middle, high] = [at(-1), at(0), at(1)];
      expect(middle).toBe(average(name)[axis]);
      expect((high - low) / by).toBeGreaterThan(0.7);
      expect((high - low) / by).toBeLessThan(2.5);
      expect((high - middle) / (high - low)).toBeCloseTo(0.5, 1);
      // half of it is half of it
      expect((at(0.5) - middle) / (high - middle)).toBeCloseTo(0.5, 1);
    },
  );

  it('leaves the back of the head, the ears’ plane and the neck as they are', () => {
    const { place } = headOf(profileOf({ face: faceOf(1) }));
    for (const name of POINT_NAMES) {
      const [was, is] = [average(name), place(name)];
      if (was[2] < -0.15 || was[1] < -0.25)
        expect(Math.hypot(...was.map((v, c) => v - is[c]!)), name).toBeLessThan(0.003);
    }
  });

  it('is between its ends, and nothing else', () => {
    const { face } = bodyProfileSchema.shape;
    expect(face.safeParse({ noseLength: 1 }).success).toBe(true);
    expect(face.safeParse({ noseLength: 1.1 }).success).toBe(false);
    expect(face.safeParse({ earLength: 0 }).success).toBe(false);
  });

  it('tones are as skin, hair and contour have them until they are said', () => {
    const plain = profileOf();
    const usual = faceTones(plain);
    expect(usual.brows).toEqual(plain.tones.hair);
    expect(usual.lips[0] / usual.lips[1]).toBeGreaterThan(plain.tones.skin[0] / plain.tones.skin[1]);
    const lips: [number, number, number] = [0.4, 0.05, 0.06];
    const said = faceTones({ ...plain, tones: { ...plain.tones, lips } });
    expect(said).toEqual({ ...usual, lips });
    const fair = profileOf({ tones: { ...plain.tones, hair: [0.3, 0.2, 0.1] } });
    expect(faceTones(fair).eyes[2]).toBeGreaterThan(usual.eyes[2]);
  });
});
