import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lengthOf, subtract, type Vec3 } from '../units';
import {
  footprintsOf,
  roomSchema,
  patchOf,
  placedDistance,
  placesOf,
  placeSupport,
  solidsOf,
  SUPPORT_KINDS,
  supportAt,
  supportMesh,
  SUPPORTS,
  supportSchema,
} from '.';
import { box, cylinder, solidDistance } from './solid';

describe('solids', () => {
  it('measure distances as they are worked out by hand', () => {
    const cube = box([-1, -1, -1], [1, 1, 1]);
    expect(solidDistance(cube, 3, 0, 0)).toBeCloseTo(2, 12);
    expect(solidDistance(cube, 2, 2, 1)).toBeCloseTo(Math.SQRT2, 12);
    expect(solidDistance(cube, 0.5, 0, 0)).toBeCloseTo(-0.5, 12);
    const post = cylinder([0, 1, 0], 'y', 0.5, 1);
    expect(solidDistance(post, 1.5, 1, 0)).toBeCloseTo(1, 12);
    expect(solidDistance(post, 0, 3, 0)).toBeCloseTo(1, 12);
    const rail = cylinder([0, 0, 0], 'x', 0.1, 2);
    expect(solidDistance(rail, 0, 0.3, 0.4)).toBeCloseTo(0.4, 12);
    const ball = {
      shape: 'ellipsoid' as const,
      centre: [0, 0, 0] as Vec3,
      radii: [1, 1, 1] as Vec3,
      softM: 0,
    };
    expect(solidDistance(ball, 0, 3, 4)).toBeCloseTo(4, 12);
  });
});

describe.each(SUPPORT_KINDS)('%s', (kind) => {
  const placed = placeSupport(supportAt(kind, { leftM: 0.3, aheadM: -0.4, turnLeftDeg: 35 }));

  it('is a closed mesh that faces outwards and lies on its own solids', () => {
    const mesh = supportMesh([placed.support]);
    const solids = solidsOf([placed]);
    let volume = 0;
    const at = (v: number): Vec3 => [
      mesh.positions[v * 3]!,
      mesh.positions[v * 3 + 1]!,
      mesh.positions[v * 3 + 2]!,
    ];
    for (let t = 0; t < mesh.triangles.length; t += 3) {
      const [a, b, c] = [0, 1, 2].map((i) => at(mesh.triangles[t + i]!)) as [Vec3, Vec3, Vec3];
      volume +=
        (a[0] * (b[1] * c[2] - b[2] * c[1]) +
          a[1] * (b[2] * c[0] - b[0] * c[2]) +
          a[2] * (b[0] * c[1] - b[1] * c[0])) /
        6;
    }
    expect(volume).toBeGreaterThan(0);
    for (let v = 0; v < mesh.positions.length / 3; v += 7)
      expect(Math.min(...solids.map((s) => placedDistance(s, at(v))))).toBeLessThan(0.002);
    expect(Math.min(...mesh.positions.filter((_, i) => i % 3 === 1))).toBeGreaterThan(-0.6);
  });

  it('has its places on the surface, each facing away from it', () => {
    for (const name of placesOf([placed.support])) {
      const patch = patchOf(placed, name)!;
      const off = (m: number) =>
        Math.min(
          ...solidsOf([placed]).map((s) =>
            placedDistance(
              s,
              // a third of the way along, where no post stands
              patch.point.map((p, c) => p + patch.normal[c]! * m + patch.along[c]! * patch.halfAlongM * 0.3),
            ),
          ),
        );
      expect(Math.abs(off(0))).toBeLessThan(0.06);
      expect(off(0.1)).toBeGreaterThan(off(0));
      expect(lengthOf(patch.along)).toBeCloseTo(1, 9);
    }
  });

  it('keeps to the schema at both ends of every size, and refuses what is beyond with name, value and range', () => {
    for (const [name, [min, max]] of Object.entries(SUPPORTS[kind].sizes)) {
      for (const size of [min, max])
        expect(supportSchema.safeParse(supportAt(kind, { sizesM: { [name]: size } })).success).toBe(true);
      const error = supportSchema.safeParse(supportAt(kind, { sizesM: { [name]: max + 0.1 } })).error!;
      expect(error.issues[0]!.message).toContain(name);
      expect(error.issues[0]!.message).toContain(`from ${min} to ${max}`);
      expect(error.issues[0]!.path).toEqual(['sizesM', name]);
    }
    expect(
      supportSchema.safeParse(supportAt(kind, { sizesM: { tailM: 1 } })).error!.issues[0]!.message,
    ).toContain('has no size tailM');
  });
});

it('a support turned and moved keeps its distances', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -2, max: 2, noNaN: true }),
      fc.double({ min: -2, max: 2, noNaN: true }),
      fc.integer({ min: -180, max: 180 }),
      (leftM, aheadM, turnLeftDeg) => {
        const still = placeSupport(supportAt('chair'));
        const moved = placeSupport(supportAt('chair', { leftM, aheadM, turnLeftDeg }));
        const a = (turnLeftDeg * Math.PI) / 180;
        const p: Vec3 = [0.4, 0.7, 0.3];
        const q: Vec3 = [
          p[0] * Math.cos(a) + p[2] * Math.sin(a) + leftM,
          p[1],
          -p[0] * Math.sin(a) + p[2] * Math.cos(a) + aheadM,
        ];
        solidsOf([still]).forEach((solid, i) =>
          expect(placedDistance(solidsOf([moved])[i]!, q)).toBeCloseTo(placedDistance(solid, p), 9),
        );
      },
    ),
    { numRuns: 40, endOnFailure: true },
  );
});

it('covers on the plan what stands on the floor', () => {
  const prints = footprintsOf([supportAt('table', { leftM: 1 })]);
  expect(prints).toHaveLength(5);
  const xs = prints[0]!.outline.map(([x]) => x);
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(1.1, 9);
  expect(prints[0]!.topM).toBeCloseTo(0.74, 9);
  expect(lengthOf(subtract([1, 0, 0], [(Math.max(...xs) + Math.min(...xs)) / 2, 0, 0]))).toBeCloseTo(0, 9);
});

describe('a room', () => {
  const shed = {
    name: 'shed',
    widthM: 6,
    depthM: 9,
    markToBackM: 2.4,
    markToLeftM: 3,
    door: { wall: 'right' as const, words: 'door', fromM: 2, toM: 5 },
  };
  const told = (room: unknown) => roomSchema.safeParse(room).error?.issues.map((i) => i.message) ?? [];

  it('holds its mark and its door', () => {
    expect(told(shed)).toEqual([]);
    expect(told({ ...shed, markToBackM: 9.5 })).toEqual(['markToBackM 9.5 must be from 0 to the depth, 9 m']);
    expect(told({ ...shed, markToLeftM: 7 })).toEqual(['markToLeftM 7 must be from 0 to the width, 6 m']);
    expect(told({ ...shed, door: { ...shed.door, fromM: 5 } })).toEqual([
      'door.fromM 5 must be below door.toM 5',
    ]);
    // the back wall is shorter than the side walls
    expect(told({ ...shed, door: { ...shed.door, wall: 'back', toM: 7 } })).toEqual([
      'door.toM 7 must be from 0 to the wall’s 6 m',
    ]);
    expect(told({ ...shed, widthM: 0 })[0]).toMatch(/1/);
  });
});
