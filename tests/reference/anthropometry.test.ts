import { describe, expect, it } from 'vitest';
import { bodyFrom, jointIndex, massShare, type Body, type JointName } from '@/core/body';
import { headsInStature, lengthsOf } from '@/core/body/bones/proportions';
import { nakedMesh } from '../support/nakedBody';
import { bodyOf, PROFILES, profileOf, type PersonName } from '../support/people';

const NAMES = Object.keys(PROFILES) as PersonName[];

function distance(body: Body, a: JointName, b: JointName): number {
  const p = body.skeleton.bind[jointIndex(a)]!;
  const q = body.skeleton.bind[jointIndex(b)]!;
  return Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);
}

// Drillis & Contini (1966), as drawn in Winter, Biomechanics and Motor Control of Human Movement; from memory.
describe.each(NAMES)('segment lengths of the %s body', (name) => {
  const body = bodyOf(name);
  const S = body.lengths.statureM;
  it.each([
    ['upper arm', 'left:upperArm', 'left:forearm', 0.186],
    ['forearm', 'left:forearm', 'left:hand', 0.146],
    ['thigh', 'right:thigh', 'right:shank', 0.245],
    ['shank', 'right:shank', 'right:foot', 0.246],
  ] as const)('%s', (_, a, b, share) => {
    expect(distance(body, a, b) / S).toBeCloseTo(share, 3);
  });
  it('stands at the published heights', () => {
    const height = (joint: JointName) => body.skeleton.bind[jointIndex(joint)]![1] / S;
    expect(height('left:upperArm')).toBeCloseTo(0.818, 3);
    expect(height('left:thigh')).toBeCloseTo(0.53, 3);
    expect(Math.abs(height('left:shank') - 0.285)).toBeLessThan(0.003);
    expect(Math.abs(height('left:foot') - 0.039)).toBeLessThan(0.003);
    expect(Math.abs(height('left:eye') - 0.936)).toBeLessThan(0.003);
  });
});

// Heads in a stature: newborn about 4, six years about 6, adult about 7.5; from memory, as the growth curves show.
describe('head against stature', () => {
  it.each([
    [0, 4, 0.1],
    [6, 6, 0.1],
    [18, 7.5, 0.25],
    [40, 7.5, 0.25],
  ])('at %i years about %f heads', (ageYears, heads, tolerance) => {
    expect(Math.abs(headsInStature(ageYears) - heads)).toBeLessThan(tolerance);
  });

  it('grows with every year, without a step', () => {
    for (let age = 0.25; age < 20; age += 0.25) {
      const more = headsInStature(age) - headsInStature(age - 0.25);
      expect(more).toBeGreaterThanOrEqual(0);
      expect(more).toBeLessThan(0.15);
    }
  });

  it('a child’s limbs are shorter against the stature than an adult’s', () => {
    const hip = (ageYears: number, statureM: number) =>
      lengthsOf({ statureM, ageYears, contourShare: 0 }).hipHeightM / statureM;
    expect(hip(6, 1.16)).toBeLessThan(hip(30, 1.75) - 0.015);
    expect(hip(30, 1.75)).toBeCloseTo(0.53, 3);
  });
});

describe('mass', () => {
  it.each([
    ['slight', 1.5, 45],
    ['average', 1.75, 70],
    ['tall', 1.92, 85],
    ['heavy', 1.68, 105],
    ['very heavy', 1.92, 140],
  ])('%s: volume times density is the mass within 1 %%', (_, statureM, massKg) => {
    const { masses } = bodyFrom(profileOf({ statureM, massKg }));
    expect(Math.abs(masses.volumeM3 * 1010 - massKg) / massKg).toBeLessThan(0.01);
    expect(masses.massKg.reduce((a, b) => a + b, 0)).toBeCloseTo(masses.totalKg, 6);
  });

  // Textbook range of the upright whole-body centre of mass, 54 to 58 % of stature; from memory.
  it.each(NAMES)('centre of mass of the %s body', (name) => {
    const { masses, lengths } = bodyOf(name);
    let moment = 0;
    masses.massKg.forEach((m, j) => (moment += m > 0 ? m * masses.centreM[j * 3 + 1]! : 0));
    // the arms are lifted 36 degrees in the bind pose, which raises the centre by under 1 %
    const share = moment / masses.totalKg / lengths.statureM;
    expect(share).toBeGreaterThan(0.54);
    expect(share).toBeLessThan(0.59);
  });

  // Dempster via Winter and de Leva (1996), % of body mass; from memory. The two disagree by up to 4 points for the
  // thigh, so the band spans both.
  it.each([
    ['thigh', 0.1, 0.15],
    ['shank', 0.036, 0.05],
    ['foot', 0.009, 0.017],
    ['upperArm', 0.024, 0.042],
    ['forearm', 0.012, 0.018],
  ] as const)('%s of the average body', (segment, low, high) => {
    const share = massShare(bodyOf('average').masses, segment);
    expect(share).toBeGreaterThan(low);
    expect(share).toBeLessThan(high);
  });
});

// Du Bois & Du Bois (1916): A = 0.007184 W^0.425 H^0.725 (m2, kg, cm); from memory.
it('skin of the undressed body agrees with Du Bois within 10 %', () => {
  const { positions, triangles } = nakedMesh(bodyOf('average'), 0.008);
  let area = 0;
  for (let t = 0; t < triangles.length; t += 3) {
    const corner = (k: number) => [0, 1, 2].map((c) => positions[triangles[t + k]! * 3 + c]!);
    const [a, b, c] = [corner(0), corner(1), corner(2)] as [number[], number[], number[]];
    const u = b.map((value, i) => value - a[i]!);
    const w = c.map((value, i) => value - a[i]!);
    area +=
      Math.hypot(
        u[1]! * w[2]! - u[2]! * w[1]!,
        u[2]! * w[0]! - u[0]! * w[2]!,
        u[0]! * w[1]! - u[1]! * w[0]!,
      ) / 2;
  }
  const published = 0.007184 * 70 ** 0.425 * 175 ** 0.725;
  expect(Math.abs(area / published - 1)).toBeLessThan(0.1);
});
