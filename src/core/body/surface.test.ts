import { describe, expect, it } from 'vitest';
import { openEdges, volumeM3 } from '../../../tests/support/mesh';
import { bodyOf, profileOf, PROFILES, type PersonName } from '../../../tests/support/people';
import { figureOf } from '../figure';
import { STANDING_POSES } from '../library';
import { bodyFrom } from './bodyFrom';
import { JOINTS, jointIndex, MIRRORED_JOINTS, PARTS, type BodyProfile, type BodySurface } from '.';
import { MIRRORED_PARTS } from './skin/parts';
import { BUILDS, HAIR_SHAPES } from './said/profile';
import { keptSurface } from '../../../tests/support/surfaces';

/** Largest and smallest coordinate along an axis. */
function extent({ positions }: BodySurface, axis: 0 | 1 | 2): [low: number, high: number] {
  let low = Infinity;
  let high = -Infinity;
  for (let i = axis; i < positions.length; i += 3) {
    low = Math.min(low, positions[i]!);
    high = Math.max(high, positions[i]!);
  }
  return [low, high];
}

const surfaces = new Map<PersonName, BodySurface>();
function measured(name: PersonName): BodySurface {
  if (!surfaces.has(name)) surfaces.set(name, keptSurface(bodyOf(name), 'measured'));
  return surfaces.get(name)!;
}

describe.each(Object.keys(PROFILES) as PersonName[])('the surface of the %s body', (name) => {
  const surface = measured(name);
  const { statureM } = PROFILES[name];

  it('is closed and faces outwards', () => {
    expect(openEdges(surface)).toBe(0);
    expect(volumeM3(surface, surface.positions)).toBeGreaterThan(0);
  });

  it('is as tall as the sitter, hair and soles aside', () => {
    const [low, high] = extent(surface, 1);
    expect(Math.abs(low)).toBeLessThan(0.012);
    expect(high - statureM).toBeGreaterThan(-0.004);
    expect(high - statureM).toBeLessThan(0.03);
  });

  it('has unit normals that point outwards, and no number missing', () => {
    const { positions, normals, triangles } = surface;
    for (const array of [positions, normals, surface.colours, surface.openness, surface.weights])
      expect(array.every(Number.isFinite)).toBe(true);
    let against = 0;
    for (let t = 0; t < triangles.length; t += 3) {
      const [a, b, c] = [triangles[t]! * 3, triangles[t + 1]! * 3, triangles[t + 2]! * 3];
      const side = (i: number, k: number) => positions[i + k]! - positions[a + k]!;
      const flat = [
        side(b, 1) * side(c, 2) - side(b, 2) * side(c, 1),
        side(b, 2) * side(c, 0) - side(b, 0) * side(c, 2),
        side(b, 0) * side(c, 1) - side(b, 1) * side(c, 0),
      ];
      const n = [0, 1, 2].map((k) => normals[a + k]! + normals[b + k]! + normals[c + k]!);
      if (flat[0]! * n[0]! + flat[1]! * n[1]! + flat[2]! * n[2]! < 0) against++;
    }
    expect(against / (triangles.length / 3)).toBeLessThan(0.0045);
    for (let i = 0; i < normals.length; i += 3)
      expect(Math.abs(Math.hypot(normals[i]!, normals[i + 1]!, normals[i + 2]!) - 1)).toBeLessThan(1e-3);
  });

  it('hangs on real joints with weights that sum to one', () => {
    const { joints, weights } = surface;
    for (let v = 0; v < joints.length; v += 4) {
      const sum = weights[v]! + weights[v + 1]! + weights[v + 2]! + weights[v + 3]!;
      expect(Math.abs(sum - 1)).toBeLessThan(1e-4);
      for (let i = v; i < v + 4; i++) {
        expect(weights[i]).toBeGreaterThanOrEqual(0);
        expect(joints[i]).toBeLessThan(JOINTS.length);
      }
    }
  });

  it('shows every part, and as much of it left as right', () => {
    const counts = PARTS.map(() => 0);
    surface.triangleLabels.forEach((l) => counts[l]!++);
    counts.forEach((count, label) => {
      if (label === 0) expect(count).toBe(0);
      else {
        expect(count).toBeGreaterThan(20);
        const mirrored = counts[MIRRORED_PARTS[label]!]!;
        expect(Math.abs(count - mirrored)).toBeLessThanOrEqual(0.02 * count);
      }
    });
  });
});

it('a limb’s vertices hang on its own side', () => {
  const { labels, joints, weights } = measured('average');
  const left = PARTS.indexOf('left:hand');
  const allowed = new Set(JOINTS.map((n, j) => (n.startsWith('right:') ? -1 : j)));
  labels.forEach((label, v) => {
    if (label !== left) return;
    for (let i = v * 4; i < v * 4 + 4; i++) if (weights[i]! > 0) expect(allowed.has(joints[i]!)).toBe(true);
  });
});

it('the joints are mirror images', () => {
  const { bind } = bodyOf('slight').skeleton;
  JOINTS.forEach((name, j) => {
    const [x, y, z] = bind[j]!;
    const [mx, my, mz] = bind[MIRRORED_JOINTS[j]!]!;
    expect([-x, y, z].map((v) => +v.toFixed(9) + 0)).toEqual([mx, my, mz].map((v) => +v.toFixed(9) + 0));
    if (!name.includes(':')) expect(MIRRORED_JOINTS[j]).toBe(j);
  });
  expect(jointIndex('head')).toBe(JOINTS.indexOf('head'));
});

describe.each([
  ['a child of two', { statureM: 0.87, massKg: 12.5, ageYears: 2 }],
  ['a child of six', { statureM: 1.16, massKg: 21, ageYears: 6 }],
  ['a girl of fourteen', { statureM: 1.62, massKg: 50, ageYears: 14, contourShare: 0.6, hair: 'tiedBack' }],
] as const)('%s', (_, said) => {
  const body = bodyFrom(profileOf(said));
  const surface = keptSurface(body, 'measured');

  it('has a closed surface as tall as the sitter, with the crown on top', () => {
    expect(openEdges(surface)).toBe(0);
    const [low, high] = extent(surface, 1);
    expect(Math.abs(low)).toBeLessThan(0.012);
    expect(Math.abs(high - said.statureM - 0.01)).toBeLessThan(0.016);
  });

  it('carries the mass, and stands balanced', () => {
    expect(body.misfits).toEqual([]);
    const figure = figureOf(body, STANDING_POSES[1]!, { lens: [0, said.statureM / 2, 4] });
    expect(figure.balance.errorM).toBeLessThan(0.002);
    expect(figure.balance.marginM).toBeGreaterThan(0.015);
    expect(figure.points.crown[1]).toBeLessThanOrEqual(said.statureM);
    expect(figure.points.crown[1]).toBeGreaterThan(said.statureM * 0.94);
  });
});

it('taped girths give a closed surface', () => {
  const taped = profileOf({ girthsM: { waist: 0.95, chest: 1.02, thigh: 0.6, neck: 0.4 } });
  const surface = keptSurface(bodyFrom(taped), 'measured');
  expect(openEdges(surface)).toBe(0);
  const [left, right] = extent(surface, 0);
  expect(left + right).toBeCloseTo(0, 5);
});

describe('the profile changes the surface', () => {
  const widthAt = (profile: Partial<BodyProfile>, share: number) => {
    const { fields, lengths } = bodyFrom(profileOf(profile));
    const y = share * lengths.statureM;
    let x = 0;
    while (fields.trunk(x, y, 0) < 0) x += 0.0005;
    return x;
  };

  it.each([
    ['mass', { massKg: 95 }, 0.62],
    ['mass low', { massKg: 95 }, 0.53],
  ] as const)('%s widens the trunk', (_, change, at) => {
    expect(widthAt(change, at)).toBeGreaterThan(widthAt({}, at) * 1.05);
  });

  it('contour narrows the waist against the hips', () => {
    const ratio = (contourShare: number) => widthAt({ contourShare }, 0.62) / widthAt({ contourShare }, 0.52);
    expect(ratio(1)).toBeLessThan(ratio(0) - 0.03);
  });

  it('build puts the same mass in different places', () => {
    const waist = Object.fromEntries(
      BUILDS.map((build) => [build, widthAt({ build, massKg: 90 }, 0.6)]),
    ) as Record<(typeof BUILDS)[number], number>;
    expect(waist.middle).toBeGreaterThan(waist.low * 1.02);
    expect(waist.middle).toBeGreaterThan(waist.muscular * 1.02);
  });

  it.each(HAIR_SHAPES)('hair %s gives a closed surface', (hair) => {
    const surface = keptSurface(bodyFrom(profileOf({ hair })), 'measured');
    expect(openEdges(surface)).toBe(0);
    const hairs = surface.triangleLabels.filter((l) => PARTS[l] === 'hair').length;
    expect(hairs > 200).toBe(hair !== 'none');
  });

  it('the finer surface is closed too and close to the coarse one', () => {
    const fine = keptSurface(bodyOf('average'), 'drawn');
    expect(openEdges(fine)).toBe(0);
    expect(fine.triangles.length).toBeGreaterThan(measured('average').triangles.length * 2.5);
    expect(
      Math.abs(
        volumeM3(fine, fine.positions) / volumeM3(measured('average'), measured('average').positions) - 1,
      ),
    ).toBeLessThan(0.015);
  });
});

describe('a profile out of human range', () => {
  it.each([
    ['statureM', 0.39, /0\.4/],
    ['statureM', 2.41, /2\.4/],
    ['massKg', 1.9, /2/],
    ['massKg', 301, /300/],
    ['ageYears', -1, /0/],
    ['contourShare', 1.1, /1/],
  ] as const)('is refused: %s %d', (field, value, range) => {
    const wrong = { ...profileOf(), [field]: value };
    expect(() => bodyFrom(wrong)).toThrow(new RegExp(field));
    expect(() => bodyFrom(wrong)).toThrow(range);
  });

  it('and so is an unknown field', () => {
    expect(() => bodyFrom({ ...profileOf(), wings: 2 } as BodyProfile)).toThrow(/wings/);
  });
});
