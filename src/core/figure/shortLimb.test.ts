import { describe, expect, it } from 'vitest';
import { bodyFrom, jointIndex } from '../body';
import { neutralPose } from '../pose';
import { apart } from '../units';
import { profileOf } from '../../../tests/support/people';
import { figureOf } from './figureOf';
import { createSkinned, skinSurface } from './skin/skinning';
import { keptSurface } from '../../../tests/support/surfaces';

const scene = { lens: [0, 1.4, 4] as [number, number, number] };

describe('a limb that is shorter', () => {
  const body = bodyFrom(profileOf({ limbsShorterM: { leftLeg: 0.04, rightArm: 0.12 } }));
  const even = bodyFrom(profileOf({}));
  const figure = figureOf(body, neutralPose('at ease'), scene);

  it('has bones that are shorter by what was said, the other side keeps its own', () => {
    const { hips, knees, ankles, shoulders, elbows, wrists } = figure.points;
    const leg = (s: 'left' | 'right') => apart(hips[s], knees[s]) + apart(knees[s], ankles[s]);
    const arm = (s: 'left' | 'right') => apart(shoulders[s], elbows[s]) + apart(elbows[s], wrists[s]);
    expect(leg('right') - leg('left')).toBeCloseTo(0.04, 6);
    expect(arm('left') - arm('right')).toBeCloseTo(0.12, 6);
  });

  it('stands on both feet, with the pelvis lower on the short side', () => {
    // the longer leg bends for the shorter one; nothing else is amiss
    expect(figure.unreached.map((u) => u.id)).toEqual(['knee']);
    expect(figure.balance.errorM).toBeLessThan(0.002);
    expect(figure.points.hips.right[1] - figure.points.hips.left[1]).toBeGreaterThan(0.005);
  });

  it('weighs what was asked, less of it in the short limb', () => {
    expect(body.masses.totalKg).toBeCloseTo(even.masses.totalKg, 0);
    const shank = (b: typeof body) => b.masses.massKg[jointIndex('left:shank')]!;
    expect(shank(body)).toBeLessThan(shank(even));
  });

  it('draws the skin of a short limb together, not the hand at its end', () => {
    const surface = keptSurface(body, 'measured');
    const skinned = createSkinned(surface);
    skinSurface(surface, figure.transforms, skinned);
    const nearest = (p: readonly number[]) => {
      let least = Infinity;
      for (let i = 0; i < skinned.positions.length; i += 3)
        least = Math.min(
          least,
          Math.hypot(
            skinned.positions[i]! - p[0]!,
            skinned.positions[i + 1]! - p[1]!,
            skinned.positions[i + 2]! - p[2]!,
          ),
        );
      return least;
    };
    expect(nearest(figure.points.fingertips.right)).toBeLessThan(0.03);
    expect(nearest(figure.points.toes.left)).toBeLessThan(0.05);
  });
});
